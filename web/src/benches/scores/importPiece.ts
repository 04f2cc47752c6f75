import { LIMITS } from '@diatonix/core';
import { ScriptMissing } from '../../fetchScript';
import { runTask } from '../../workers/client';
import { addScore } from './state';

const MOST_REMARKS = 4;
const UNCHANGED = 'The workbook was not changed.';

export interface OpenedPiece {
  /** What is to be told: remarks, or why nothing was opened; null for nothing. */
  readonly said: string | null;
  readonly isOpen: boolean;
}

export interface Opening {
  readonly opened: Promise<OpenedPiece>;
  readonly cancel: () => void;
}

const refused = (said: string | null): OpenedPiece => ({ said, isOpen: false });

/** Opens a file of a score as a new piece. `onSlow` is called when it takes long. */
export function importPiece(file: File, onSlow: () => void): Opening {
  if (file.size > LIMITS.scoreFile)
    return {
      opened: Promise.resolve(refused(`“${file.name}”: the file is larger than 50 MB. Open a part of it.`)),
      cancel: () => undefined,
    };
  let cancel = () => undefined as void;
  const read = async (): Promise<OpenedPiece> => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const running = runTask('openScoreFile', { name: file.name, bytes }, onSlow);
    cancel = running.cancel;
    const answer = await running.done;
    if (answer === null) return refused(null);
    if (!answer.ok) return refused(`“${file.name}”: ${answer.message} ${UNCHANGED}`);
    addScore(answer.rows, answer.rows.title || file.name.replace(/\.[^.]*$/, ''));
    const remarks = answer.remarks.slice(0, MOST_REMARKS).join(' ');
    return { said: remarks === '' ? null : remarks, isOpen: true };
  };
  const opened = read().catch((error: unknown) =>
    refused(
      error instanceof ScriptMissing ? error.message : `“${file.name}” could not be read. ${UNCHANGED}`,
    ),
  );
  return { opened, cancel: () => cancel() };
}
