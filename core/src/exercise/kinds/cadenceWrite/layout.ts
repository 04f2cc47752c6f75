import { type QuestionLayout, inWords } from '../../layout/questionLayout';
import type { CadenceWriteGiven } from './given';

/** A question in words. */
export const layoutCadenceWrite = ({ cadence, key }: CadenceWriteGiven): QuestionLayout =>
  inWords({ say: 'cadence', cadence, key });
