import { chordFromFormula } from '../../../chord/build';
import { stackedNotes } from '../../../chord/chord';
import { attempt } from '../../../errors';
import { midiNumber, pitchClass, type NoteName, type Step } from '../../../pitch/note';
import { parseNote, parseNoteName } from '../../../pitch/parse';
import { printNote, printNoteName } from '../../../pitch/print';
import { turnedUp } from '../../../chord/turn';
import type { Given } from '../../ask/question';
import { chordOfQuality, QUALITIES } from '../../kinds/chordName/qualities';
import type { ChordAnswer } from '../chordText';
import type { Mistake } from '../mistake';

const NAMED = ['triad-name', 'seventh-name', 'extended-name'];
const BUILT = ['triad-build', 'seventh-build', 'extended-build'];
const STACKED = [...BUILT, 'numeral-build'];
const MOST: Readonly<Record<string, number>> = { triad: 2, seventh: 3, extended: 0 };
type Turn = (chord: ChordAnswer, most: number) => readonly ChordAnswer[];

/** A mistake about a chord: in its name where it is named, in what is built where it is wanted. */
function aboutChord(id: string, turn: Turn, more: Partial<Mistake> = {}): Mistake {
  const most = (kind: string) => MOST[kind.split('-')[0]!] ?? 3;
  return {
    id,
    kinds: [...NAMED, ...BUILT],
    slips: (right, _, kind) => (NAMED.includes(kind) ? turn(right as ChordAnswer, most(kind)) : []),
    misreads(given, kind) {
      if (!BUILT.includes(kind)) return [];
      const { root, quality, inversion } = given as unknown as ChordAnswer;
      return turn({ root, quality, inversion }, most(kind)).map((chord) => ({ ...given, ...chord }));
    },
    ...more,
  };
}

/** Qualities that are taken for each other: pairs, the left for the right and the right for the left. */
const exchanged =
  (pairs: readonly (readonly [string, string])[]): Turn =>
  (chord) =>
    pairs.flatMap(([a, b]) =>
      chord.quality === a
        ? [{ ...chord, quality: b }]
        : chord.quality === b
          ? [{ ...chord, quality: a }]
          : [],
    );

const inversionIgnored: Turn = (chord) => (chord.inversion > 0 ? [{ ...chord, inversion: 0 }] : []);
const sixFourExchanged: Turn = (chord, most) =>
  most === 2 && chord.inversion > 0 ? [{ ...chord, inversion: 3 - chord.inversion }] : [];
const offByOne: Turn = (chord, most) =>
  [chord.inversion + 1, chord.inversion - 1]
    .filter((one) => one > 0 && one <= most && !(most === 2 && one + chord.inversion === 3))
    .map((inversion) => ({ ...chord, inversion }));

/** The notes of a question from the lowest up, as names. */
const namesIn = (given: Given): string[] =>
  (given['notes'] as string[])
    .map((text) => parseNote(text))
    .sort((a, b) => midiNumber(a) - midiNumber(b))
    .map(printNoteName);

const lowestForRoot: Mistake = {
  id: 'lowest-for-root',
  kinds: NAMED,
  slips(right, given, kind) {
    const { root, quality, inversion } = right as ChordAnswer;
    const lowest = namesIn(given)[0]!;
    if (lowest === root) return [];
    const family = QUALITIES[kind.split('-')[0] as keyof typeof QUALITIES];
    const first = { root: lowest, quality, inversion: 0 };
    return [
      first,
      { ...first, inversion },
      ...family.filter((one) => one !== quality).map((one) => ({ ...first, quality: one })),
    ];
  },
};

const topForRoot: Mistake = {
  id: 'read-from-the-top',
  kinds: [...NAMED, ...STACKED],
  slips(right, given, kind) {
    if (!NAMED.includes(kind)) return [[...(right as string[])].reverse()];
    const chord = right as ChordAnswer;
    const highest = namesIn(given).at(-1)!;
    return highest === chord.root
      ? []
      : [
          { ...chord, root: highest, inversion: 0 },
          { ...chord, root: highest },
        ];
  },
};

/** A list of notes with one of them otherwise. */
function withNote(notes: readonly string[], at: number, change: (name: NoteName) => NoteName): string[] {
  return notes.map((text, index) => (index === at ? printNoteName(change(parseNoteName(text))) : text));
}

/** The same sound on the letter below or above. */
function respelled(name: NoteName, by: 1 | -1): NoteName | null {
  const step = ((name.step + by + 7) % 7) as Step;
  const sound = pitchClass(name);
  const plain = pitchClass({ step, alteration: 0 });
  const alteration = ((sound - plain + 18) % 12) - 6;
  return Math.abs(alteration) <= 2 ? { step, alteration } : null;
}

const otherSpelling: Mistake = {
  id: 'enharmonic-spelling',
  kinds: [...STACKED, 'scale-write', 'signature-write'],
  slips(right) {
    const notes = right as string[];
    return notes.flatMap((text, at) =>
      ([1, -1] as const).flatMap((by) => {
        const other = respelled(parseNoteName(text), by);
        return other ? [withNote(notes, at, () => other)] : [];
      }),
    );
  },
};

const accidentalLeft: Mistake = {
  id: 'accidental-forgotten',
  kinds: [...BUILT],
  slips(right) {
    const notes = right as string[];
    const plain = (name: NoteName): NoteName => ({ ...name, alteration: 0 });
    const altered = notes.flatMap((text, at) => (parseNoteName(text).alteration === 0 ? [] : [at]));
    const one = altered.map((at) => withNote(notes, at, plain));
    return altered.length > 1 ? [...one, notes.map((text) => text[0]!)] : one;
  },
};

const thirdMissed: Mistake = {
  id: 'third-missed',
  kinds: BUILT,
  slips(_, given) {
    const { root, quality, inversion } = given as unknown as ChordAnswer;
    const chord = chordOfQuality(parseNoteName(root), quality);
    if (!chord || inversion > 0) return [];
    const notes = stackedNotes(chord).map(printNoteName);
    const next = attempt(() => chordFromFormula(chord.root, '1 3 5 7 9 11 13'));
    if (!next.ok) return [];
    const chain = stackedNotes(next.value).map(printNoteName);
    // From one place on, the chain goes on a third too far.
    return notes.slice(1).map((_, at) => notes.map((text, index) => (index > at ? chain[index + 1]! : text)));
  },
};

const seventhLeftOut: Mistake = {
  id: 'extension-without-seventh',
  kinds: ['extended-build', 'seventh-build'],
  slips(right, given) {
    const { root, quality, inversion } = given as unknown as ChordAnswer;
    const chord = chordOfQuality(parseNoteName(root), quality);
    if (!chord || inversion === 3) return [];
    const without = chord.members.filter(({ degree }) => degree !== 7);
    if (without.length === chord.members.length) return [];
    const seventh = stackedNotes(chord)[chord.members.findIndex(({ degree }) => degree === 7)]!;
    return [(right as string[]).filter((text) => text !== printNoteName(seventh))];
  },
};

const inversionNotTurned: Mistake = {
  id: 'not-turned',
  kinds: ['inversion-turn'],
  slips: (_, given) => [given['notes']],
};
const turnedDown: Mistake = {
  id: 'wrong-direction',
  kinds: ['inversion-turn'],
  slips(_, given) {
    const notes = (given['notes'] as string[])
      .map((text) => parseNote(text))
      .sort((a, b) => midiNumber(a) - midiNumber(b));
    const highest = notes.at(-1)!;
    let under = { ...highest, octave: highest.octave - 1 };
    while (midiNumber(under) > midiNumber(notes[0]!)) under = { ...under, octave: under.octave - 1 };
    return [[under, ...notes.slice(0, -1)].map((note) => `${printNoteName(note)}${note.octave}`)];
  },
};
const turnedTwice: Mistake = {
  id: 'inversion-off-by-one',
  kinds: ['inversion-turn'],
  slips(right) {
    return [turnedUp((right as string[]).map((text) => parseNote(text))).map(printNote)];
  },
};

/** What goes wrong with chords, the likeliest first. */
export const CHORD_MISTAKES: readonly Mistake[] = [
  aboutChord('inversion-ignored', inversionIgnored),
  lowestForRoot,
  aboutChord('six-and-six-four-exchanged', sixFourExchanged),
  aboutChord('third-unaltered', exchanged([['major', 'minor']])),
  aboutChord('fifth-unaltered', exchanged([['minor', 'diminished'], ['major', 'augmented']])), // prettier-ignore
  aboutChord(
    'seventh-exchanged',
    exchanged([
      ['dominant-seventh', 'major-seventh'],
      ['half-diminished-seventh', 'diminished-seventh'],
      ['minor-seventh', 'minor-major-seventh'],
      ['dominant-ninth', 'major-ninth'],
    ]),
  ),
  aboutChord(
    'triad-of-seventh-mistaken',
    exchanged([
      ['dominant-seventh', 'minor-seventh'],
      ['minor-seventh', 'half-diminished-seventh'],
      ['major-seventh', 'minor-major-seventh'],
      ['major-seventh', 'augmented-major-seventh'],
      ['dominant-ninth', 'minor-ninth'],
    ]),
  ),
  accidentalLeft,
  aboutChord('inversion-off-by-one', offByOne),
  inversionNotTurned,
  turnedDown,
  turnedTwice,
  topForRoot,
  seventhLeftOut,
  otherSpelling,
  thirdMissed,
];
