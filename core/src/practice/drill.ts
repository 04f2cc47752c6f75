import { chordOfNumeral } from '../label/numeral';
import { diatonicNumeral } from '../label/diatonic';
import { memberNote } from '../chord/chord';
import { turnedUp } from '../chord/turn';
import { isMinorLike, parseKey, type Key } from '../key/key';
import { scaleOf, SCALE_FORMS, type ScaleForm } from '../key/scale';
import { chordFingering } from '../keyboard/chordFingering';
import { primaryChords } from '../keyboard/primaryChords';
import { scaleFingering } from '../keyboard/scaleFingering';
import { stackUp, type Note, type NoteName } from '../pitch/note';
import { TheoryError } from '../errors';

/** What is played round the keys. */
export const DRILLS = ['scale', 'triads', 'primary', 'sevenths', 'arpeggio'] as const;
export type Drill = (typeof DRILLS)[number];

/** How far a drill has come: one hand, the other, both, and both without looking (common practice). */
export const HANDS = ['right', 'left', 'together', 'unseen'] as const;
export type Hands = (typeof HANDS)[number];

/** What a hand plays at one moment: the notes from the lowest up with their fingers, the thumb as 1. */
export interface DrillMoment {
  readonly notes: readonly Note[];
  readonly fingers: readonly number[];
}

/** A drill in a key for both hands, moment by moment; the same number of moments in each. */
export interface DrillNotes {
  readonly right: readonly DrillMoment[];
  readonly left: readonly DrillMoment[];
}

/** The right hand starts at or above G3, or a G with any sign (common practice: both hands near the middle). */
const RIGHT_FLOOR: Note = { step: 4, alteration: -3, octave: 3 };
const lower = (note: Note): Note => ({ ...note, octave: note.octave - 1 });

/**
 * What is played in a drill, one octave up, the left hand an octave below the right. Fingers are the usual ones
 * (common practice; hands differ). `form` matters to minor scales alone. Throws TheoryError `key` for church modes.
 */
export function drillNotes(drill: Drill, key: Key, form: ScaleForm = 'harmonic'): DrillNotes {
  if (key.mode !== 'major' && key.mode !== 'minor')
    throw new TheoryError(
      'key',
      key.mode,
      'drills go round the major and minor keys.',
      'Take the key with the same signature.',
    );
  switch (drill) {
    case 'scale': {
      const names = scaleOf(key, form);
      const { right, left } = scaleFingering(key, form);
      return oneByOne(stackUp([...names, names[0]!], RIGHT_FLOOR), right, left);
    }
    case 'triads':
      return chords(turns(tonicTriad(key)));
    case 'sevenths': {
      const dominant = chordOfNumeral(diatonicNumeral(key, 5, 7), key);
      return chords(turns(dominant.members.map((member) => memberNote(dominant.root, member))));
    }
    case 'primary': {
      const found = primaryChords(key);
      return {
        right: found.map(({ right, fingering }) => ({ notes: right, fingers: fingering.right })),
        left: found.map(({ left, fingering }) => ({ notes: left, fingers: fingering.left })),
      };
    }
    case 'arpeggio': {
      const [root, third, fifth] = tonicTriad(key);
      const notes = stackUp([root!, third!, fifth!, root!], RIGHT_FLOOR);
      const { right, left } = chordFingering(notes)!;
      return oneByOne(notes, right, left);
    }
  }
}

function tonicTriad(key: Key): NoteName[] {
  const tonic = chordOfNumeral(diatonicNumeral(key, 1), key);
  return tonic.members.map((member) => memberNote(tonic.root, member));
}

/** A chord in close position in each inversion, then in root position an octave higher. */
function turns(names: readonly NoteName[]): Note[][] {
  const settings = [stackUp(names, RIGHT_FLOOR)];
  while (settings.length <= names.length) settings.push(turnedUp(settings[settings.length - 1]!));
  return settings;
}

function chords(settings: readonly Note[][]): DrillNotes {
  const fingers = settings.map((notes) => chordFingering(notes)!);
  return {
    right: settings.map((notes, at) => ({ notes, fingers: fingers[at]!.right })),
    left: settings.map((notes, at) => ({ notes: notes.map(lower), fingers: fingers[at]!.left })),
  };
}

function oneByOne(notes: readonly Note[], right: readonly number[], left: readonly number[]): DrillNotes {
  return {
    right: notes.map((note, at) => ({ notes: [note], fingers: [right[at]!] })),
    left: notes.map((note, at) => ({ notes: [lower(note)], fingers: [left[at]!] })),
  };
}

/** What the chosen hands play at each moment, the left hand's notes first. */
export function drillMoments({ right, left }: DrillNotes, hands: Hands): Note[][] {
  return right.map(({ notes }, at) => [
    ...(hands === 'right' ? [] : left[at]!.notes),
    ...(hands === 'left' ? [] : notes),
  ]);
}

/** A drill in a key as it is planned and ticked off; `form` for minor scales. */
export interface DrillItem {
  readonly drill: Drill;
  readonly key: string;
  readonly form?: ScaleForm;
}

/** The name of an item in a plan: `scale C major`, `scale A minor melodic`. */
export const drillId = ({ drill, key, form }: DrillItem): string =>
  [drill, key, ...(form ? [form] : [])].join(' ');

/** Reads the name of an item. Throws TheoryError `request` for one that is none. */
export function parseDrill(text: string): DrillItem {
  const [drill, tonic, mode, form] = text.split(' ');
  const known = (DRILLS as readonly string[]).includes(drill ?? '');
  if (!known || !tonic || !mode || (form && !(SCALE_FORMS as readonly string[]).includes(form)))
    throw new TheoryError(
      'request',
      text,
      'this is not a drill.',
      'Write for example “scale A minor harmonic”.',
    );
  const key = parseKey(`${tonic} ${mode}`);
  return {
    drill: drill as Drill,
    key: `${tonic} ${mode}`,
    ...(form && isMinorLike(key.mode) ? { form: form as ScaleForm } : {}),
  };
}
