/** A large workbook file as it comes in: read behind the page, handed over part by part, and nothing stands still. */
import { create } from 'zustand';
import { fetchScript } from '../../fetchScript';
import type { Document } from '../store/document';
import type { PileEntry } from '../kinds/pile/type';
import type { WorkbookTasks } from './readWorkbookParts';
import type { FileContents, FileResult } from './workbookText';

/** What comes in now; null where nothing does. */
export interface Incoming {
  readonly name: string;
  readonly done: number;
  /** 0 until it is known how much there is. */
  readonly all: number;
  readonly cancel: () => void;
}

export const useIncoming = create<{ readonly incoming: Incoming | null }>()(() => ({ incoming: null }));

/** Reads a file in the worker. Cancelled it gives a message that says so, and nothing was changed. */
export async function incomingFile(file: File): Promise<FileResult<FileContents>> {
  const { taskRunner } = await fetchScript(() => import('../../background/runTask'));
  const runTask = taskRunner<WorkbookTasks>({ readWorkbookParts: 'file', workbookPart: 'file' });
  let cancelled = false;
  let stop: () => void = () => undefined;
  const show = (done: number, all: number) =>
    useIncoming.setState({
      incoming: {
        ...{ name: file.name, done, all },
        cancel: () => {
          cancelled = true;
          stop();
        },
      },
    });
  const run = async <T>(task: { readonly done: Promise<T | null>; readonly cancel: () => void }) => {
    stop = task.cancel;
    return task.done;
  };
  const given: FileResult<FileContents> = {
    ok: false,
    message: `“${file.name}” was not taken in: you stopped it. The open workbook was not changed.`,
  };
  try {
    show(0, 0);
    const read = await run(runTask('readWorkbookParts', file));
    if (!read || cancelled) return given;
    if (!read.ok) return read;
    const { title, aside, parts } = read.value;
    const documents: Document[] = [];
    for (let at = 0; at < parts; at++) {
      show(at, parts);
      const part = await run(runTask('workbookPart', at));
      if (!part || cancelled) return given;
      if ('document' in part) documents.push(part.document);
      else addEntries(documents, part.entries);
    }
    return { ok: true, value: { title, aside, documents, mended: new Set() } };
  } finally {
    useIncoming.setState({ incoming: null });
  }
}

/** Answers that follow their pile, which came before them. */
function addEntries(documents: Document[], entries: readonly PileEntry[]): void {
  const last = documents.at(-1);
  if (last?.kind === 'pile') (last.body.entries as PileEntry[]).push(...entries);
}
