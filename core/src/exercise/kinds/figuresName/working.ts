import { numeralsForNotes } from '../../../label/numeralsFor';
import { readFiguresWorking } from '../../../working/figuresWorking';
import { parseNote } from '../../../pitch/parse';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { FiguresNameGiven } from './given';
import { figuresGiven, notesOverBass } from './solve';

/** The figures counted from the bass, and the numeral that the notes make. */
export function workingFiguresName(given: FiguresNameGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  const read = numeralsForNotes(notesOverBass(given), key)[0];
  return [
    ...readFiguresWorking(parseNote(given.bass), figuresGiven(given), key),
    ...(read ? [{ step: 'named' as const, numeral: read.numeral, key }] : []),
  ];
}
