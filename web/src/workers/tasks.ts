import { harmoniseLine } from './harmoniseLine';
import { openScore } from './openScore';
import { readPiece } from './readPiece';
import { readScore } from './readScore';
import { setVoices } from './setVoices';

/** Everything that can take longer than a frame and therefore runs in the worker. */
export const TASKS = { readScore, openScore, readPiece, setVoices, harmoniseLine };

export type Tasks = typeof TASKS;
