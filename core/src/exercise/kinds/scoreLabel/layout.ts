import { notesIn } from '../../givenReading';
import { keyChanges } from '../../labelling';
import { type QuestionLayout, inLine } from '../../layout/questionLayout';
import { notesOnStaff, voicesOnStaff } from '../../layout/staffLayout';
import type { ScoreLabelGiven } from './given';

/** The voices where they are sung, or the chords as they sound, a blank under each. */
export const layoutScoreLabel = (given: ScoreLabelGiven): QuestionLayout =>
  inLine(
    given.voices && given.clef
      ? voicesOnStaff(given.key, given.voices)
      : notesOnStaff(given, (given.chords ?? []).map(notesIn)),
    { say: 'key', key: given.key, changes: keyChanges(given) },
    'blank',
  );
