import { type QuestionLayout, inWords } from '../../layout/questionLayout';
import type { DegreeNameGiven } from './given';

/** A question in words. */
export const layoutDegreeName = ({ note, key }: DegreeNameGiven): QuestionLayout =>
  inWords({ say: 'degree', note, key });
