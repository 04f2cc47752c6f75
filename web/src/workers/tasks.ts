import { harmoniseLine } from './harmoniseLine';
import { openScore } from './openScore';
import { readPiece } from './readPiece';
import { readScore } from './readScore';
import { readWorkbook, workbookPart } from './readWorkbook';
import { setVoices } from './setVoices';

/** Everything that can take longer than a frame and therefore runs in the worker. */
export const TASKS = {
  readScore,
  openScore,
  readPiece,
  setVoices,
  harmoniseLine,
  readWorkbook,
  workbookPart,
};

export type Tasks = typeof TASKS;
