import { additionalTask } from '../exercise/layout/questionOnPage';
import type { AdditionalTask } from '../exercise/additionalTask';
import type { Question } from '../exercise/question';

/** A kind of exercise: its name, and what stands over its questions on a sheet. */
export interface KindWords {
  readonly name: string;
  readonly instruction: string;
}

const KINDS: Readonly<Record<string, readonly [name: string, instruction: string]>> = {
  'note-name': ['Note names', 'Name each note.'],
  'signature-name': ['Name the key', 'Name the key of each signature.'],
  'signature-write': ['Write the signature', 'Write the signature of each key.'],
  'scale-write': ['Scales', 'Write the notes of each scale upward from its tonic.'],
  'degree-name': ['Degrees', 'Name the degree of each note in its key.'],
  'enharmonic-respell': ['Respell', 'Write each again, spelled as its key wants it.'],
  'interval-name': ['Name the interval', 'Name each interval: quality and number.'],
  'interval-build': ['Build the interval', 'Write the other note of each interval.'],
  'interval-invert': [
    'Turn the interval',
    'Name the inversion of each interval; check that the numbers make nine.',
  ],
  'triad-name': ['Name the triad', 'Root, quality and inversion of each triad.'],
  'triad-build': ['Build the triad', 'Write each triad from its lowest note up.'],
  'seventh-name': ['Name the seventh chord', 'Root, quality and inversion of each seventh chord.'],
  'seventh-build': ['Build the seventh chord', 'Write each seventh chord from its lowest note up.'],
  'extended-name': ['Name the extended chord', 'Root and quality of each chord.'],
  'extended-build': ['Build the extended chord', 'Write each chord from its lowest note up.'],
  'inversion-turn': ['The next inversion', 'Write the next inversion above each chord.'],
  'chord-map': ['Chord map', 'Fill in the blank rows of each map.'],
  'numeral-label': ['Numerals', 'Write the Roman numeral of each chord.'],
  'numeral-build': ['Chords of numerals', 'Write the notes of each numeral from the lowest up.'],
  'figures-name': ['Figured bass', 'Write the notes over each bass and the Roman numeral they make.'],
  'figures-realise': ['Set the figured bass', 'Set each figured bass for four voices.'],
  'work-back': ['Work back', 'Write the chords that go to each target.'],
  'progression-label': ['Label the progression', 'Write the Roman numeral under each chord.'],
  'cadence-name': ['Cadences', 'Name each cadence.'],
  'cadence-write': ['Write the cadence', 'Write the Roman numerals of the two chords of each cadence.'],
  'key-find': ['Find the key', 'Say which of the two keys each line is in.'],
  'parts-complete': ['Add the voices', 'Write the voices that are missing.'],
  'parts-faults': ['Find the faults', 'Four voices: name the faults and the chord in which each is heard.'],
  transpose: ['Transpose', 'Write each line again, higher or lower as it says.'],
  harmonise: ['Harmonise', 'Write a chord under each note of the melody, from those given.'],
  'score-label': ['Label the phrase', 'Write the Roman numeral under each chord.'],
  listen: ['Listen', 'Name what you hear.'],
  'heard-interval': ['Intervals by ear', 'Name each interval that you hear.'],
  'heard-scale': ['Scales by ear', 'Name each scale that you hear.'],
  'heard-chord': ['Chords by ear', 'Quality and inversion of each chord that you hear.'],
  'heard-cadence': ['Cadences by ear', 'Name the cadence at the end of each phrase.'],
  'heard-progression': ['Progressions by ear', 'Write the Roman numerals of what you hear.'],
  'heard-outer-voices': ['Outer voices by ear', 'Write the soprano and the bass of what you hear.'],
  'heard-melody': ['Melodies by ear', 'Write the notes of each melody that you hear.'],
  'heard-change': [
    'Spot the change',
    'One chord of each line is played otherwise: say which, and what it is.',
  ],
  written: ['In your own words', 'Answer each question.'],
};

/** The words of a kind of exercise; its own name where there are none. */
export function kindWords(kind: string): KindWords {
  const [name, instruction] = KINDS[kind] ?? [kind, ''];
  return { name, instruction };
}

/**
 * What stands over a section: what the teacher wrote, or the usual words, of one or of several, with what is asked
 * besides.
 */
export function instructionWords({
  kind,
  instruction,
  questions,
}: {
  readonly kind: string;
  readonly instruction: string | null;
  readonly questions: readonly Pick<Question, 'given'>[];
}): string {
  if (instruction) return instruction;
  const besides = new Set(questions.map(({ given }) => additionalTask({ kind, given })));
  const own = questions.length === 1 ? singleInstruction(kind) : kindWords(kind).instruction;
  return [own, ...[...besides].flatMap((task) => (task ? [BESIDES[task]] : []))].join(' ');
}

/** Kinds whose single question has several of what each is done to. */
const EACH_WITHIN = ['progression-label', 'score-label', 'harmonise', 'parts-faults'];

/** The usual words over one question alone: “the interval”, not “each interval”. */
function singleInstruction(kind: string): string {
  const { instruction } = kindWords(kind);
  if (EACH_WITHIN.includes(kind)) return instruction;
  return instruction.replace(/\beach again\b/, 'it again').replace(/\beach\b/, 'the');
}

const BESIDES: Readonly<Record<AdditionalTask, string>> = {
  cadence: 'Name the cadence at the end.',
  'note above the gap': 'Name the note above its gap.',
};
