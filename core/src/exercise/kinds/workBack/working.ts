import type { WorkingStep } from '../../../working/step';
import { workBackWorking } from '../../../working/workBackWorking';
import { keyIn } from '../../givenReading';
import type { WorkBackGiven } from './given';
import { soughtIn } from './solve';

/** From the target to the front. */
export const workingWorkBack = (given: WorkBackGiven): readonly WorkingStep[] =>
  [...soughtIn(given)].reverse().flatMap((found) => workBackWorking(found, keyIn(given)));
