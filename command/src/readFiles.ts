import { TheoryError } from '@diatonix/core';
import { isScoreName, SCORE_ENDINGS } from '@diatonix/core/files';
import { SingleBar } from 'cli-progress';
import { readdirSync, statSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { setFlagsFromString } from 'node:v8';
import { Worker } from 'node:worker_threads';
import type { FileTask, FileTold } from './readWorker';

/** A worker that needs more memory than that gives its file up. */
const MOST_MEGABYTES = 1500;
/** Reading makes much that does not last: with less room for it an eighth of the time goes into clearing it away. */
const YOUNG_MEGABYTES = 64;
/** A file that takes longer than that, in milliseconds, is given up. */
const LONGEST = 60_000;

/** The files named, and those in folders named, in order of their names. Throws TheoryError for what is not there. */
export function scoreFiles(paths: readonly string[]): string[] {
  return paths.flatMap((path) => {
    let isFolder;
    try {
      isFolder = statSync(path).isDirectory();
    } catch {
      throw new TheoryError(
        'request',
        path,
        'there is no such file.',
        `Give files ending in ${SCORE_ENDINGS.join(' ')}, or folders of them.`,
      );
    }
    if (!isFolder) return [path];
    const found = readdirSync(path, { withFileTypes: true, recursive: true })
      .filter((entry) => entry.isFile() && isScoreName(entry.name))
      .map((entry) => join(entry.parentPath, entry.name))
      .sort();
    if (found.length > 0) return found;
    throw new TheoryError(
      'request',
      path,
      'there is no score in this folder.',
      `Give a folder with files ending in ${SCORE_ENDINGS.join(' ')}.`,
    );
  });
}

/**
 * Reads many files on all cores and gives each answer, as one line of JSON, in the order of the files. A file that
 * cannot be read is answered with its error, and the others go on.
 */
export async function readFiles(
  files: readonly string[],
  task: Omit<FileTask, 'file'>,
  answer: (line: string, told: FileTold) => void,
): Promise<void> {
  const bar = new SingleBar({
    format: 'Reading {bar} {value}/{total}',
    stream: process.stderr,
    noTTYOutput: false,
  });
  if (files.length > 1) bar.start(files.length, 0);
  // A worker lives for a second or two: code that is compiled at once, if less well, soon pays.
  setFlagsFromString('--always-sparkplug');
  const done = new Map<number, FileTold>();
  let written = 0;
  const tell = (at: number, told: FileTold) => {
    done.set(at, told);
    bar.increment();
    for (let one = done.get(written); one; one = done.get(++written)) {
      answer(one.line, one);
      done.delete(written);
    }
  };
  let next = 0;
  const crew = Math.min(availableParallelism(), files.length);
  await Promise.all(
    Array.from({ length: crew }, async () => {
      let worker: Reader | null = null;
      while (next < files.length) {
        const at = next++;
        worker ??= new Reader();
        const told = await worker.read({ ...task, file: files[at]! });
        if (!told) worker = null;
        tell(at, told ?? gaveUp(files[at]!));
      }
      await worker?.end();
    }),
  );
  bar.stop();
}

function gaveUp(file: string): FileTold {
  const message = 'The reading was given up: the file needs too much time or memory. Read a part of it.';
  return { line: JSON.stringify({ file, error: { code: 'request', message } }), error: message };
}

/** A worker that reads one file after the other. */
class Reader {
  private readonly worker = new Worker(new URL(import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES, maxYoungGenerationSizeMb: YOUNG_MEGABYTES },
  });
  private answer: ((told: FileTold | null) => void) | null = null;

  constructor() {
    const finish = (told: FileTold | null) => {
      this.answer?.(told);
      this.answer = null;
    };
    this.worker.on('message', finish);
    this.worker.on('error', () => finish(null));
    this.worker.on('exit', () => finish(null));
  }

  /** The answer; null where the worker broke down. */
  async read(task: FileTask): Promise<FileTold | null> {
    const watch = setTimeout(() => void this.worker.terminate(), LONGEST);
    const told = await new Promise<FileTold | null>((resolve) => {
      this.answer = resolve;
      this.worker.postMessage(task);
    });
    clearTimeout(watch);
    return told;
  }

  async end(): Promise<void> {
    await this.worker.terminate();
  }
}
