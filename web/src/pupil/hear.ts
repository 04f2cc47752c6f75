/** Plays what a question lets hear. Fetched, with the sound itself, when first asked for. */
import { soundOf, type Question } from '@diatonix/core';
import { play } from '../sound/player';
import type { PupilQuestion } from './work';

const SECONDS = 1.2;

/** Plays what is to be named by ear, or what stands on the staff. Rejects where there is no sound. */
export async function hear(question: PupilQuestion): Promise<void> {
  await play(soundOf(question as unknown as Question), { seconds: SECONDS, from: 0, manner: 'together' });
}
