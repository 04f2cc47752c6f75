import { type QuestionLayout, inWords } from '../../layout/questionLayout';
import type { NumeralBuildGiven } from './given';

/** A question in words. */
export const layoutNumeralBuild = ({ numeral, key }: NumeralBuildGiven): QuestionLayout =>
  inWords({ say: 'numeral', numeral, key });
