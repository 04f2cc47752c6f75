import { degreeOf, scaleOf } from '../../../key/scale';
import { parseNoteName } from '../../../pitch/parse';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { DegreeNameGiven } from './given';
import { degreeNameOf } from './solve';

/** Counted from the tonic up. */
export function workingDegreeName(given: DegreeNameGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  const note = parseNoteName(given.note);
  const { degree } = degreeOf(key, note);
  const notes = [...scaleOf(key).slice(0, degree - 1), note];
  return [{ step: 'count-degree', key, notes, degree, name: degreeNameOf(given) }];
}
