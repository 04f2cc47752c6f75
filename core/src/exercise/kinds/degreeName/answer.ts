import { DEGREE_NAMES } from '../../../key/scale';
import type { DegreeNameGiven } from './given';

/** The names among which one is chosen: minor has the subtonic too. */
export const degreeChoices = ({ key }: DegreeNameGiven): readonly string[] =>
  key.endsWith('minor') ? [...DEGREE_NAMES, 'subtonic'] : DEGREE_NAMES;
