import { parseKey, readSchool } from '@diatonix/core';
import { readScoreFile } from '@diatonix/core/files';
import { readFileSync } from 'node:fs';
import { parentPort } from 'node:worker_threads';
import { errorOf } from './internal';
import { scoreAnswer } from './readAnswers';

/** A file to be read, with the key and school of the call as texts. */
export interface FileTask {
  readonly file: string;
  readonly key?: string;
  readonly school?: string;
}

/** Its answer as one line of JSON, and the message where it is an error. */
export interface FileTold {
  readonly line: string;
  readonly error: string | null;
}

/** Reads one file; whatever is wrong with it becomes its answer. */
export function readFile({ file, key, school }: FileTask): FileTold {
  try {
    const { value, remarks } = readScoreFile(file, readFileSync(file));
    const answer = scoreAnswer(
      value,
      remarks,
      key === undefined ? undefined : parseKey(key),
      school === undefined ? undefined : readSchool(school),
    );
    return { line: JSON.stringify({ file, ...answer }), error: null };
  } catch (error) {
    const { code, message } = errorOf(error);
    return { line: JSON.stringify({ file, error: { code, message } }), error: message };
  }
}

/** Answers the tasks that come to this thread. */
export function serveFiles(): void {
  parentPort!.on('message', (task: FileTask) => parentPort!.postMessage(readFile(task)));
}
