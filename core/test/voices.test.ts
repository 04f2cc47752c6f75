/**
 * Four-part writing: the rules on known faults (handbook facts, common practice), and the search against
 * trying everything.
 */
import fc from 'fast-check';
import {
  bestSetting,
  checkSetting,
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
  placed,
  printNote,
  RULES,
  sensesOf,
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

const four = (text: string): FourNotes => text.split(' ').map(parseNote) as unknown as FourNotes;
const check = (key: string, ...chords: string[]) =>
  checkSetting(chords.map(four), parseKey(key)).map(
    ({ at, rule, voices }) => `${at} ${rule} ${voices.map((voice) => voice[0]).join('')}`,
  );

// Soprano, alto, tenor, bass. Faults as part-writing chapters show them (common practice; examples of our
// own).
test.each([
  [
    'parallel fifths and octaves',
    'C major',
    ['G4 E4 C4 C3', 'A4 F4 D4 D3'],
    ['1 parallel-fifths st', '1 parallel-fifths sb', '1 parallel-octaves tb'],
  ],
  ['parallel octaves', 'C major', ['C5 G4 E4 C3', 'D5 G4 B3 D3'], ['1 parallel-octaves sb']],
  ['direct fifths into the outer voices', 'C major', ['E4 C4 G3 C3', 'A4 D4 F3 D3'], ['1 direct-fifths sb']],
  [
    'direct octaves into the outer voices',
    'C major',
    ['E4 G3 E3 A2', 'C5 G4 E4 C3'],
    ['1 direct-octaves sb'],
  ],
  ['voices crossed', 'C major', ['C4 E4 G3 C3'], ['0 crossing sa']],
  ['soprano and alto too far apart', 'C major', ['G5 E4 C4 C3'], ['0 spacing sa']],
  ['out of range', 'C major', ['B5 G5 E5 C3'], ['0 range s', '0 range a', '0 range t']],
  [
    'a voice past where its neighbour was',
    'C major',
    ['C4 A3 F3 F2', 'E5 C5 G4 C3'],
    ['1 overlap sa', '1 overlap at'],
  ],
  ['leading note in the soprano that falls', 'C major', ['B4 G4 D4 G3', 'G4 E4 C4 C4'], ['1 leading-note s']],
  ['seventh that rises', 'C major', ['F5 B4 G4 G3', 'G5 C5 E4 C4'], ['1 seventh s']],
  ['augmented second', 'A minor', ['F4 D4 A3 D3', 'G#4 B3 E3 E3'], ['1 augmented-second s']],
  ['leading note twice', 'C major', ['B4 G4 B3 G3'], ['0 doubled-leading-note st']],
  [
    'unison to octave by contrary motion',
    'C major',
    ['E4 C4 G3 G3', 'F4 C4 A3 A2'],
    ['1 contrary-octaves tb'],
  ],
  ['fifths by contrary motion', 'C major', ['D5 G4 B3 G2', 'G4 E4 C4 C3'], ['1 contrary-fifths sb']],
  ['leap of a seventh in the bass', 'C major', ['E4 C4 G3 C3', 'D4 B3 G3 B3'], ['1 melodic-leap b']],
  ['augmented fourth in the soprano', 'C major', ['F4 C4 A3 F3', 'B4 D4 G3 G3'], ['1 melodic-leap s']],
  [
    'a perfect fifth after a diminished one',
    'C major',
    ['F4 D4 G3 B2', 'G4 E4 G3 C3'],
    ['1 unequal-fifths sb'],
  ],
  ['a cross relation', 'C major', ['C5 G4 E4 C3', 'E5 G4 C#4 A2'], ['1 cross-relation st']],
  ['no third', 'C major', ['C5 G4 E4 C3', 'D5 G4 G3 G2', 'C5 G4 E4 C3'], ['1 missing-third b']],
  ['a seventh twice', 'C major', ['F5 F4 B3 G2', 'E5 E4 C4 C3'], ['0 doubling sa']],
  [
    'an applied leading note twice',
    'C major',
    ['F#4 D4 C4 F#3', 'G4 D4 B3 G3'],
    ['0 doubled-leading-note sb'],
  ],
  [
    'a cadential six-four without its bass twice',
    'C major',
    ['A4 F4 C4 F3', 'C5 E4 C4 G3', 'D5 F4 B3 G3', 'C5 E4 G3 C3'],
    ['1 doubling sb', '2 six-four s', '2 six-four a'],
  ],
  [
    'a six-four that rises inside',
    'C major',
    ['C5 A4 F4 F3', 'C5 G4 E4 G3', 'B4 G4 F4 G3', 'C5 G4 E4 C3'],
    ['2 six-four t'],
  ],
  ['a ninth that leaps', 'C major', ['A4 F4 B3 G3', 'C5 E4 G3 C3'], ['1 ninth s']],
  ['a raised fourth that falls', 'C major', ['F#4 D4 C4 A3', 'D4 D4 B3 G3'], ['1 leading-note s']],
  ['an augmented sixth that closes', 'A minor', ['D#5 A4 A3 F3', 'B4 G#4 B3 E3'], ['1 leading-note s']],
  [
    'a diminished fifth that goes on down',
    'C major',
    ['F5 A4 C4 F3', 'B4 G4 D4 G3', 'A4 E4 C4 A3'],
    ['2 melodic-leap s'],
  ],
])('%s', (_, key, chords, faults) => {
  expect(check(key, ...chords)).toEqual(expect.arrayContaining(faults));
});

test.each([
  ['a soprano that steps into an octave', ['B4 G4 D4 G2', 'C5 G4 E4 C3']],
  ['a leading note inside that falls to the fifth', ['D5 B4 G4 G3', 'C5 G4 E4 C4']],
  ['a leading note in a bass that goes down the scale', ['C5 E4 G3 C3', 'D5 G4 G3 B2', 'C5 E4 A3 A2']],
  ['a leading note inside that falls into VI', ['D5 B4 G4 G3', 'C5 A4 E4 A3']],
  ['a neighbour over a held chord', ['E4 C4 G3 C3', 'E4 B3 G3 C3', 'E4 C4 G3 C3']],
  ['a neighbour above', ['G4 E4 C4 C3', 'A4 E4 C4 C3', 'G4 E4 C4 C3']],
  ['a retardation, 7-8', ['D5 B4 G4 G3', 'E5 B4 G4 C3', 'E5 C5 G4 C3']],
  ['7-8 over the dominant', ['F4 D4 B3 G3', 'G4 D4 B3 G3', 'G4 E4 C4 C3']],
  ['a chord that changes its position', ['E4 C4 G3 C3', 'G4 E4 C4 C3', 'C5 G4 E4 C3']],
  ['a dominant seventh that changes its position', ['F4 D4 B3 G3', 'B4 F4 D4 G2', 'C5 E4 C4 C3']],
  ['a chromatic step in the voice that has the note', ['C5 G4 E4 C3', 'C#5 G4 E4 A2']],
  ['a ninth that falls', ['A4 F4 B3 G3', 'G4 E4 C4 C3']],
  ['a seventh that stays while the chord lasts', ['F5 B4 G4 G3', 'F5 D5 G4 B3']],
])('%s is no fault', (_, chords) => {
  expect(check('C major', ...chords)).toEqual([]);
});

test('a whole plain phrase has no fault', () => {
  expect(check('G major', 'B4 D4 G3 G2', 'C5 E4 G3 C3', 'A4 F#4 C4 D3', 'G4 D4 B3 G3')).toEqual([]);
});

const keyOf = (text: string) => parseKey(text);
const numeralsIn = (key: string, line: string) =>
  line.split(' ').map((text) => parseNumeral(text, keyOf(key)));

/** Every way through every setting, weighed one by one. */
function cheapest(key: string, line: string): number {
  const numerals = numeralsIn(key, line);
  const senses = sensesOf(numerals.map((numeral) => ({ numeral, key: keyOf(key) })));
  const columns = numerals.map((numeral, at) => {
    const chord = chordOfNumeral(numeral, keyOf(key));
    return {
      sense: senses[at]!,
      settings: fourPartSettings(chord).map(({ notes, cost }) => ({
        ...placed(notes),
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
        const found = bestSetting({ key: keyOf(key), numerals: numeralsIn(key, line.join(' ')) });
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
    const senses = sensesOf(numerals.map((numeral) => ({ numeral, key })));
    const faults = found.map(({ voices }) => checkSetting(voices, key, senses));
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
  const found = bestSetting({
    key,
    numerals,
    locks: [lock('D5', null, null, null), free, free, lock('B4', null, null, null)],
  });
  expect('voices' in found && [found.voices[0]![0], found.voices[3]![0]].map(printNote)).toEqual([
    'D5',
    'B4',
  ]);
  expect(bestSetting({ key, numerals, locks: [free, lock('F#4', null, null, null), free, free] })).toEqual({
    at: 1,
    rule: 'not-in-chord',
  });
  const c = keyOf('C major');
  const fifths = {
    key: c,
    numerals: numeralsIn('C major', 'I ii'),
    locks: [lock('G4', null, null, 'C3'), lock('A4', null, null, 'D3')],
  };
  expect(bestSetting(fifths)).toEqual({ at: 1, rule: 'parallel-fifths' });
  expect('voices' in bestSetting({ ...fifths, weights: { 'parallel-fifths': 3 } })).toBe(true);
  expect(
    bestSetting({ key: c, numerals: numeralsIn('C major', 'I'), locks: [lock('C6', null, null, null)] }),
  ).toEqual({ at: 0, rule: 'range' });
  expect(
    bestSetting({
      key: c,
      numerals: numeralsIn('C major', 'V7 I'),
      locks: [lock('F5', null, null, null), lock('G5', null, null, null)],
    }),
  ).toEqual({ at: 1, rule: 'seventh' });
  expect(() => settingsInOrder(fifths).next()).toThrow(/parallel-fifths stands in the way/);
  expect(bestSetting({ key: c, numerals: [] })).toEqual({ voices: [], cost: 0 });
  expect(RULES).toHaveLength(21);
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
  expect(bestSetting(problem)).toMatchObject({ at: 1 });
  const nearest = nearestSetting(problem)!;
  expect(nearest.voices.map(([soprano, , , bass]) => [printNote(soprano), printNote(bass)])).toEqual([
    ['F4', 'F3'],
    ['G4', 'G3'],
  ]);
  expect(checkSetting(nearest.voices, key).map(({ rule, voices }) => `${rule} ${voices.join()}`)).toContain(
    'parallel-octaves soprano,bass',
  );
  // A legal line is its own nearest; a locked note outside its chord cannot be set at all.
  const free = { key, numerals };
  expect(nearestSetting(free)!.voices).toEqual((bestSetting(free) as SettingFound).voices);
  expect(nearestSetting({ ...free, locks: [lock('F#4', 'F3'), [null, null, null, null]] })).toBeNull();
});
