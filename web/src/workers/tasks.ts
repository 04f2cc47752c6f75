import { harmoniseLine } from './harmoniseLine';
import { readScore } from './readScore';
import { setVoices } from './setVoices';

/** Everything that can take longer than a frame and therefore runs in the worker. */
export const TASKS = { readScore, setVoices, harmoniseLine };

export type Tasks = typeof TASKS;
