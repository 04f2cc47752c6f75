import type { LabelStyle } from '../school/school';

/** The words in which the two vocabularies differ (docs/conventions.md). */
export interface Vocabulary {
  readonly leading: string;
  readonly halfStep: string;
  readonly halfSteps: string;
  readonly wholeStep: string;
  readonly bar: string;
  /** Note values from the whole note down to the sixteenth. */
  readonly values: readonly [string, string, string, string, string];
}

const TONE: Vocabulary = {
  leading: 'leading tone',
  halfStep: 'half step',
  halfSteps: 'half steps',
  wholeStep: 'whole step',
  bar: 'measure',
  values: ['whole', 'half', 'quarter', 'eighth', 'sixteenth'],
};
const NOTE: Vocabulary = {
  leading: 'leading note',
  halfStep: 'semitone',
  halfSteps: 'semitones',
  wholeStep: 'tone',
  bar: 'bar',
  values: ['semibreve', 'minim', 'crotchet', 'quaver', 'semiquaver'],
};

/** The words of a school. */
export function vocabulary(school: LabelStyle): Vocabulary {
  return school.words === 'note' ? NOTE : TONE;
}
