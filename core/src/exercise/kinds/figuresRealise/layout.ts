import { notesIn } from '../../givenReading';
import { type QuestionLayout, inLine } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { FiguresRealiseGiven } from './given';

/** The bass on a grand staff with its figures under it; the voices are written there. */
export const layoutFiguresRealise = (given: FiguresRealiseGiven): QuestionLayout =>
  inLine(
    notesOnStaff(
      given,
      notesIn(given.basses).map((bass) => [bass]),
      { written: true },
    ),
    { say: 'key', key: given.key },
    given.figures,
  );
