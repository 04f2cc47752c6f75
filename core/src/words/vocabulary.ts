import type { School } from '../school/school';

/** The words in which the two vocabularies differ (house theory, degree word). */
export interface Vocabulary {
  readonly leading: string;
  readonly halfStep: string;
  readonly halfSteps: string;
  readonly bar: string;
}

const TONE: Vocabulary = {
  leading: 'leading tone',
  halfStep: 'half step',
  halfSteps: 'half steps',
  bar: 'measure',
};
const NOTE: Vocabulary = {
  leading: 'leading note',
  halfStep: 'semitone',
  halfSteps: 'semitones',
  bar: 'bar',
};

/** The words of a school. */
export function vocabulary(school: School): Vocabulary {
  return school.words === 'note' ? NOTE : TONE;
}
