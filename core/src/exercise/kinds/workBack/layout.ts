import { type QuestionLayout, toTarget } from '../../layout/questionLayout';
import type { WorkBackGiven } from './given';

/** Blanks under their bracket, the arrow, and the target in its key. */
export const layoutWorkBack = ({ target, key, roles }: WorkBackGiven): QuestionLayout =>
  toTarget({ say: 'target', target, key, chords: roles.length });
