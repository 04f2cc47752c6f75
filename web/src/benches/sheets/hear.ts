import { soundOf, type Question } from '@diatonix/core';
import { play } from '../../sound/player';

const SECONDS = 1.2;

/** Plays a question: what is to be named by ear, or what stands on its staves. */
export function hearOnSheet(question: Question | null): void {
  if (question) void play(soundOf(question), { seconds: SECONDS, from: 0, manner: 'together' });
}
