import { taskRunner } from '../background/runTask';
import type { Tasks } from './tasks';

export { PROGRESS_MS, type Running } from '../background/runTask';

/** Runs a task of the worker. */
export const runTask = taskRunner<Tasks>({
  readPieceFile: 'piece',
  readWorkbookParts: 'file',
  workbookPart: 'file',
});
