import { readFiguresWorking } from '../../../working/figuresWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn, notesIn } from '../../givenReading';
import type { FiguresRealiseGiven } from './given';
import { figuresOver } from './solve';

/** What is said last of each bass note. */
export function workingFiguresRealise(given: FiguresRealiseGiven): readonly WorkingStep[] {
  const figures = figuresOver(given);
  return notesIn(given.basses).flatMap((bass, at) =>
    readFiguresWorking(bass, figures[at]!, keyIn(given)).slice(-1),
  );
}
