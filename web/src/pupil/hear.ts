/** Plays what a question lets hear. Fetched, with the sound itself, when first asked for. */
import { timedSoundOf } from '@diatonix/core';
import { playHeard } from '../sound/heard';
import type { Hearing } from '../sound/hearings';
import type { PupilQuestion } from './work';

/** Plays what is to be named by ear, or what stands on the staff. Rejects where there is no sound. */
export const hear = (question: PupilQuestion, hearing: Hearing): Promise<void> =>
  playHeard(timedSoundOf(question), hearing);
