/** Settings of ordinary progressions in every key, looked over by a checker that shares no code with the search. */
import {
  bestVoicing,
  keyOf,
  memberNote,
  parseNoteName,
  parseNumeral,
  printKey,
  printNote,
  printNoteName,
  dutiesOfLine,
  signatureFifths,
  type Key,
  type SettingFound,
} from '../src';
import { faultsByHand, type Written } from './handChecker';
import { TO_SET } from './settingTable';

const TONICS = {
  major: ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'F#'],
  minor: ['A', 'E', 'B', 'F#', 'C#', 'G#', 'D', 'G', 'C', 'F', 'Bb', 'Eb'],
};

function setIn(key: Key, chords: string) {
  const numerals = chords.split(' ').map((text) => parseNumeral(text, key));
  return { numerals, found: bestVoicing({ key, numerals }) };
}

test('enough of them are set', () => {
  expect(TO_SET.length).toBeGreaterThanOrEqual(60);
});

/** Every other key, in turn with the next progression: each key is asked of half of them. */
const CASES = TO_SET.map(([mode, chords], place) => {
  const tonics = TONICS[mode].filter((_, at) => at % 2 === place % 2);
  return [mode, chords, tonics] as const;
});

test.each(CASES)('in %s, %s has no fault that a hand finds, in %j', (mode, chords, tonics) => {
  for (const tonic of tonics.map(parseNoteName)) {
    const key = keyOf(tonic, mode);
    expect(Math.abs(signatureFifths(key))).toBeLessThan(8);
    const { numerals, found } = setIn(key, chords);
    if (!('voices' in found))
      throw new Error(`${printKey(key)} ${chords}: blocked by ${found.rule} at ${found.at}`);
    const senses = dutiesOfLine(numerals.map((numeral) => ({ numeral, key })));
    const written = found.voices.map((notes) => notes.map(printNote) as unknown as Written);
    const text = (name: (typeof senses)[number]['leading']) => (name ? printNoteName(name) : null);
    const faults = faultsByHand(
      written,
      senses.map(({ leading }) => text(leading)),
      senses.map(({ seventh }) => text(seventh)),
    );
    expect([printKey(key), ...faults, ...incomplete(found, numerals, key)]).toEqual([printKey(key)]);
  }
});

/** Chords whose third does not sound, or whose notes are not those of the chord. */
function incomplete(
  { voices }: SettingFound,
  numerals: ReturnType<typeof setIn>['numerals'],
  key: Key,
): string[] {
  return voices.flatMap((notes, at) => {
    const chord = dutiesOfLine([{ numeral: numerals[at]!, key }])[0]!.chord!;
    const sounding = new Set(notes.map(printNoteName));
    const own = new Set(chord.members.map((m) => printNoteName(memberNote(chord.root, m))));
    const third = chord.members.find((m) => m.degree === 3);
    const strangers = [...sounding].filter((name) => !own.has(name));
    return [
      ...strangers.map((name) => `${at}: ${name} is not in the chord`),
      ...(third && !sounding.has(printNoteName(memberNote(chord.root, third))) ? [`${at}: no third`] : []),
      ...(printNoteName(notes[3]) === printNoteName(chord.bass) ? [] : [`${at}: another bass`]),
    ];
  });
}

test.each([
  ['major', 'I ii6 Cad64 V7 I', 2, 'G'],
  ['minor', 'i iio6 V i', 1, 'D'],
  ['major', 'I viio6 I6', 1, 'D'],
  ['minor', 'i N6 V i', 1, 'D'],
  ['minor', 'i It+6 V i', 1, 'A'],
] as const)('in %s, %s doubles as the handbooks do', (mode, chords, at, doubled) => {
  const { found } = setIn(keyOf(parseNoteName(mode === 'major' ? 'C' : 'A'), mode), chords);
  const names = 'voices' in found ? found.voices[at]!.map(printNoteName) : [];
  expect(names.filter((name) => name === doubled)).toHaveLength(2);
});

test('the sixth and the fourth of a cadential six-four fall', () => {
  const { found } = setIn(keyOf(parseNoteName('C'), 'major'), 'I ii6 Cad64 V7 I');
  const [six, five] = 'voices' in found ? [found.voices[2]!, found.voices[3]!] : [];
  for (const [voice, note] of six!.entries()) {
    const fell = note.octave * 7 + note.step - (five![voice]!.octave * 7 + five![voice]!.step);
    if (printNoteName(note) !== 'G') expect(fell).toBe(1);
  }
});
