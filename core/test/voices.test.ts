/**
 * Four-part writing: the rules on known faults (handbook facts, common practice), and the search against
 * trying everything.
 */
import fc from 'fast-check';
import {
  bestVoicing,
  checkVoicing,
  chordOfNumeral,
  fourPartSettings,
  harmonise,
  nearestSetting,
  melodyAgainst,
  ordinaryKeys,
  parseKey,
  parseNote,
  parseNumeral,
  parseSymbol,
  placedFault,
  printNote,
  RULES,
  dutiesOfLine,
  USUAL_WEIGHTS,
  type Rule,
  settingsInOrder,
  visitChord,
  visitStep,
  type FourNotes,
  type Lock,
  type Note,
  type SettingFound,
} from '../src';

const keyOf = (text: string) => parseKey(text);
const numeralsIn = (key: string, line: string) =>
  line.split(' ').map((text) => parseNumeral(text, keyOf(key)));

/** Every way through every setting, weighed one by one. */
function cheapest(key: string, line: string): number {
  const numerals = numeralsIn(key, line);
  const senses = dutiesOfLine(numerals.map((numeral) => ({ numeral, key: keyOf(key) })));
  const columns = numerals.map((numeral, at) => {
    const chord = chordOfNumeral(numeral, keyOf(key));
    return {
      sense: senses[at]!,
      settings: fourPartSettings(chord).map(({ notes, cost }) => ({
        ...placedFault(notes),
        cost: cost + (line.split(' ')[at] === 'viio6' ? bassDoubled(notes) : 0),
      })),
    };
  });
  let least = Infinity;
  const walk = (at: number, cost: number, before: (typeof columns)[number]['settings'][number] | null) => {
    if (at === columns.length) {
      least = Math.min(least, cost);
      return;
    }
    for (const setting of columns[at]!.settings) {
      let broken = 0;
      const count = (rule: Rule) => (broken += USUAL_WEIGHTS[rule] ?? Infinity);
      visitChord(setting, columns[at]!.sense, count);
      if (before) visitStep(before, setting, columns[at - 1]!.sense, columns[at]!.sense, count);
      if (broken < Infinity)
        walk(
          at + 1,
          cost + broken + setting.cost + (before ? motion(before.midi, setting.midi) : 0),
          setting,
        );
    }
  };
  walk(0, 0, null);
  return least;
}

/** The diminished triad in first inversion wants its bass doubled. */
const bassDoubled = (notes: FourNotes) =>
  notes.filter((note) => note.step === notes[3].step).length > 1 ? -2.5 : 2.5;

/**
 * The stated cost of motion: half steps by voice, leaps beyond a fourth in the upper voices, all voices one
 * way, a tritone in an upper voice.
 */
function motion(from: readonly number[], to: readonly number[]): number {
  const moves = to.map((height, voice) => height - from[voice]!);
  const steps = moves.reduce((sum, move, voice) => sum + [0.12, 0.1, 0.1, 0.05][voice]! * Math.abs(move), 0);
  const leaps = moves.slice(0, 3).reduce((sum, move) => sum + 0.25 * Math.max(0, Math.abs(move) - 5), 0);
  const tritones = moves.slice(0, 3).filter((move) => Math.abs(move) === 6).length;
  return (
    steps + leaps + tritones + (moves.every((move) => move > 0) || moves.every((move) => move < 0) ? 0.6 : 0)
  );
}

test('the search finds what trying everything finds', () => {
  const numerals = ['I', 'ii6', 'IV', 'V', 'V7', 'vi', 'viio6', 'I6', 'V65'];
  fc.assert(
    fc.property(
      fc.constantFrom('C major', 'Eb major', 'G major'),
      fc.array(fc.constantFrom(...numerals), { minLength: 1, maxLength: 3 }),
      (key, line) => {
        const found = bestVoicing({ key: keyOf(key), numerals: numeralsIn(key, line.join(' ')) });
        const least = cheapest(key, line.join(' '));
        if ('voices' in found) expect(found.cost).toBeCloseTo(least, 6);
        else expect(least).toBe(Infinity);
      },
    ),
    { numRuns: 12 },
  );
}, 120_000);

test('in every key a plain phrase is set without a fault, and the next best ones follow in order, each another', () => {
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    const line = key.mode === 'major' ? 'I vi IV ii6 V7 I' : 'i VI iv iio6 V7 i';
    const numerals = line.split(' ').map((text) => parseNumeral(text, key));
    const found: SettingFound[] = [];
    for (const setting of settingsInOrder({ key, numerals })) if (found.push(setting) >= 4) break;
    const senses = dutiesOfLine(numerals.map((numeral) => ({ numeral, key })));
    const faults = found.map(({ voices }) => checkVoicing(voices, key, senses));
    expect(faults[0]).toEqual([]);
    // The next best may cost what they break, but break nothing that forbids.
    for (const { rule } of faults.flat()) expect(USUAL_WEIGHTS[rule]).toBeDefined();
    expect(found.every((one, i) => i === 0 || one.cost >= found[i - 1]!.cost - 1e-9)).toBe(true);
    expect(new Set(found.map(({ voices }) => voices.flat().map(printNote).join())).size).toBe(4);
  }
});

test('locked notes stay, and where nothing legal goes on it is said which rule blocks where', () => {
  const key = keyOf('G major');
  const numerals = numeralsIn('G major', 'I IV V7 I');
  const free: readonly [Lock, Lock, Lock, Lock] = [null, null, null, null];
  const lock = (...locks: (string | null)[]) =>
    locks.map((note) => (note === null ? null : parseNote(note))) as unknown as [Lock, Lock, Lock, Lock];
  const found = bestVoicing({
    key,
    numerals,
    locks: [lock('D5', null, null, null), free, free, lock('B4', null, null, null)],
  });
  expect('voices' in found && [found.voices[0]![0], found.voices[3]![0]].map(printNote)).toEqual([
    'D5',
    'B4',
  ]);
  expect(bestVoicing({ key, numerals, locks: [free, lock('F#4', null, null, null), free, free] })).toEqual({
    at: 1,
    rule: 'not-in-chord',
  });
  const c = keyOf('C major');
  const fifths = {
    key: c,
    numerals: numeralsIn('C major', 'I ii'),
    locks: [lock('G4', null, null, 'C3'), lock('A4', null, null, 'D3')],
  };
  expect(bestVoicing(fifths)).toEqual({ at: 1, rule: 'parallel-fifths' });
  expect('voices' in bestVoicing({ ...fifths, weights: { 'parallel-fifths': 3 } })).toBe(true);
  expect(
    bestVoicing({ key: c, numerals: numeralsIn('C major', 'I'), locks: [lock('C6', null, null, null)] }),
  ).toEqual({ at: 0, rule: 'range' });
  expect(
    bestVoicing({
      key: c,
      numerals: numeralsIn('C major', 'V7 I'),
      locks: [lock('F5', null, null, null), lock('G5', null, null, null)],
    }),
  ).toEqual({ at: 1, rule: 'seventh' });
  expect(() => settingsInOrder(fifths).next()).toThrow(/parallel-fifths stands in the way/);
  expect(bestVoicing({ key: c, numerals: [] })).toEqual({ voices: [], cost: 0 });
  expect(RULES).toHaveLength(23);
});

test('a melody is harmonised with the chords taught, ranked with reasons; a bass too', () => {
  const key = keyOf('G major');
  const numerals = numeralsIn('G major', 'I IV V7');
  const melody = 'G4 A4 B4 C5 D5 C5 A4 G4'.split(' ').map(parseNote);
  const [best, second] = harmonise({ key, voice: 'melody', notes: melody, numerals });
  expect(best!.numerals.map(({ degree }) => degree)).toEqual([1, 5, 1, 4, 1, 4, 5, 1]);
  expect(best!.voices!.map(([soprano]) => printNote(soprano))).toEqual(melody.map(printNote));
  expect(best!.reasons[7]).toBe('G is the root of I, and V7–I closes');
  expect(second!.cost).toBeGreaterThan(best!.cost);
  const bass = 'G3 C3 D3 G2'.split(' ').map(parseNote);
  const [under] = harmonise({ key, voice: 'bass', notes: bass, numerals });
  expect(under!.voices!.map((voices) => printNote(voices[3]))).toEqual(bass.map(printNote));
  expect(() => harmonise({ key, voice: 'melody', notes: [parseNote('C#5')], numerals })).toThrow(
    /note 1 is in none of the chords I IV V7/,
  );
});

test('melody notes outside their chords pass, turn, or clash', () => {
  const against = (melody: string, chords: string) =>
    melodyAgainst(
      melody.split(' ').map(parseNote) as Note[],
      chords.split(' ').map((text) => parseSymbol(text)),
    );
  expect(against('C5 D5 E5 F5 E5 A5', 'C C C C C C')).toEqual([
    { at: 1, kind: 'passing' },
    { at: 3, kind: 'neighbour' },
    { at: 5, kind: 'clash' },
  ]);
});

test('where no setting is legal the nearest is given, and its faults are the few that are named', () => {
  const key = parseKey('C major');
  const numerals = ['IV', 'V'].map((text) => parseNumeral(text, key));
  const lock = (soprano: string, bass: string): [Lock, Lock, Lock, Lock] => [
    parseNote(soprano),
    null,
    null,
    parseNote(bass),
  ];
  // Soprano and bass in parallel octaves, whatever the inner voices do.
  const problem = { key, numerals, locks: [lock('F4', 'F3'), lock('G4', 'G3')] };
  expect(bestVoicing(problem)).toMatchObject({ at: 1 });
  const nearest = nearestSetting(problem)!;
  expect(nearest.voices.map(([soprano, , , bass]) => [printNote(soprano), printNote(bass)])).toEqual([
    ['F4', 'F3'],
    ['G4', 'G3'],
  ]);
  expect(checkVoicing(nearest.voices, key).map(({ rule, voices }) => `${rule} ${voices.join()}`)).toContain(
    'parallel-octaves soprano,bass',
  );
  // A legal line is its own nearest; a locked note outside its chord cannot be set at all.
  const free = { key, numerals };
  expect(nearestSetting(free)!.voices).toEqual((bestVoicing(free) as SettingFound).voices);
  expect(nearestSetting({ ...free, locks: [lock('F#4', 'F3'), [null, null, null, null]] })).toBeNull();
});
