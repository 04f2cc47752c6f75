import { harmoniseLine } from './harmoniseLine';
import { openScoreFile } from './openScore';
import { readPieceFile } from './readPiece';
import { analyseInWorker } from './readScore';
import { readWorkbookParts, workbookPart } from '../documents/files/readWorkbookParts';
import { setVoices } from './setVoices';

/** Everything that can take longer than a frame and therefore runs in the worker. */
export const TASKS = {
  analyseInWorker,
  openScoreFile,
  readPieceFile,
  setVoices,
  harmoniseLine,
  readWorkbookParts,
  workbookPart,
};

export type Tasks = typeof TASKS;
