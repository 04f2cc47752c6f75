import type { WorkingStep } from '../../../working/step';
import { overBassStep } from '../../../working/figuresWorking';
import { keyIn, notesIn } from '../../givenReading';
import type { FiguresRealiseGiven } from './given';
import { figuresOver, solveFiguresRealise } from './solve';

/** What stands over each bass note, counted, and one way to set it. */
export function workingFiguresRealise(given: FiguresRealiseGiven): readonly WorkingStep[] {
  const figures = figuresOver(given);
  const [set] = solveFiguresRealise(given);
  return [
    ...notesIn(given.basses).map((bass, at) => overBassStep(at + 1, bass, figures[at]!, keyIn(given))),
    ...(set ? [{ step: 'voices-set' as const, chords: set.map(notesIn) }] : []),
  ];
}
