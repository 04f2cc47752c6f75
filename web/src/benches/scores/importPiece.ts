import { LIMITS } from '@diatonix/core';
import { ScriptMissing } from '../../fetchScript';
import { runTask } from '../../workers/client';
import { addScore } from './state';

const MOST_REMARKS = 4;
const UNCHANGED = 'The workbook was not changed.';

export interface Opening {
  /** What is to be told: remarks, or why nothing was opened; null for nothing. */
  readonly done: Promise<string | null>;
  readonly cancel: () => void;
}

/** Opens a file of a score as a new piece. `onSlow` is called when it takes long. */
export function importPiece(file: File, onSlow: () => void): Opening {
  if (file.size > LIMITS.scoreFile)
    return {
      done: Promise.resolve(`“${file.name}”: the file is larger than 50 MB. Open a part of it.`),
      cancel: () => undefined,
    };
  let cancel = () => undefined as void;
  const read = async () => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const running = runTask('openScoreFile', { name: file.name, bytes }, onSlow);
    cancel = running.cancel;
    const answer = await running.done;
    if (answer === null) return null;
    if (!answer.ok) return `“${file.name}”: ${answer.message} ${UNCHANGED}`;
    addScore(answer.rows, answer.rows.title || file.name.replace(/\.[^.]*$/, ''));
    return answer.remarks.length === 0 ? null : answer.remarks.slice(0, MOST_REMARKS).join(' ');
  };
  const done = read().catch((error: unknown) =>
    error instanceof ScriptMissing ? error.message : `“${file.name}” could not be read. ${UNCHANGED}`,
  );
  return { done, cancel: () => cancel() };
}
