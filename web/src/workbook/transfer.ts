import { parseKey, parseNote } from '@diatonix/core';
import type { ScoreFile, ScoreMessage } from '../workers/messages';
import { FIRST_PLACE, FIRST_PROGRESSION, TEMPO_RANGE, type IntervalsBenchState } from './model';
import { download, fileName, MUSICXML_TYPE } from './download';
import { workbookFromFile, workbookToFile, type FileResult } from './file';
import { newId } from './ids';
import { useStore } from './store';

/** Past this a reading shows that it is under way. */
const PROGRESS_MS = 300;
const MOST_REMARKS = 3;
const MAX_FILE_BYTES = 50_000_000;

/** Saves the open workbook as a file. Needs no browser storage. */
export function exportWorkbook(): void {
  const { workbook } = useStore.getState();
  download(workbookToFile(workbook), `${fileName(workbook.title)}.diatonix.json`, 'application/json');
}

/** Opens a workbook from a file in place of the one on the bench, which stays saved under its own name. */
export async function importWorkbook(file: File): Promise<FileResult<string>> {
  if (file.size > MAX_FILE_BYTES)
    return { ok: false, message: `“${file.name}”: the file is larger than 50 MB, which no workbook is.` };
  const result = await workbookFromFile(await file.text(), file.name);
  if (!result.ok) return result;
  // A file never overwrites the workbook it came from: it is opened as a copy of its own.
  useStore.getState().openWorkbook({ ...result.value, id: newId() }, FIRST_PLACE);
  return { ok: true, value: result.value.title };
}

/** Opens the demo workbook as a fresh copy. */
export async function openDemo(): Promise<void> {
  const { demoWorkbook } = await import('./demo');
  useStore.getState().openWorkbook(demoWorkbook(), FIRST_PLACE);
}

/** Saves the line of intervals as MusicXML; pieces that are not understood are left out. */
export async function exportIntervals({ key, clef, perBar, items }: IntervalsBenchState): Promise<void> {
  const { intervalsToMusicXml } = await import('@diatonix/core/musicxml');
  const pairs = items.flatMap((item) =>
    'from' in item ? [{ from: parseNote(item.from), to: parseNote(item.to) }] : [],
  );
  download(
    intervalsToMusicXml({ title: 'Intervals', key: parseKey(key), clef, perBar, pairs }),
    'intervals.musicxml',
    MUSICXML_TYPE,
  );
}

export type ReadingOutcome =
  { readonly ok: true; readonly remark: string | null } | { readonly ok: false; readonly message: string };

export interface Reading {
  readonly done: Promise<ReadingOutcome>;
  readonly cancel: () => void;
}

/**
 * Reads a MusicXML or RomanText file in a worker and opens it as a new progression. `onSlow` is called when
 * it takes long.
 */
export function importScore(file: File, onSlow: () => void): Reading {
  const worker = new Worker(new URL('../workers/readScore.worker.ts', import.meta.url), { type: 'module' });
  const slow = setTimeout(onSlow, PROGRESS_MS);
  let cancel = () => {};
  const done = new Promise<ReadingOutcome>((resolve) => {
    const finish = (outcome: ReadingOutcome) => {
      clearTimeout(slow);
      worker.terminate();
      resolve(outcome);
    };
    cancel = () => finish({ ok: true, remark: null });
    worker.onerror = () =>
      finish({ ok: false, message: `“${file.name}” could not be read. The workbook was not changed.` });
    worker.onmessage = ({ data }: MessageEvent<ScoreMessage>) =>
      finish(
        data.ok
          ? open(data)
          : { ok: false, message: `“${file.name}”: ${data.message} The workbook was not changed.` },
      );
    if (file.size > MAX_FILE_BYTES)
      finish({
        ok: false,
        message: `“${file.name}”: the file is larger than 50 MB. Import a part of the score.`,
      });
    else
      void file
        .arrayBuffer()
        .then((data) =>
          worker.postMessage({ name: file.name, bytes: new Uint8Array(data) } satisfies ScoreFile),
        );
  });
  return { done, cancel: () => cancel() };
}

function open({ line, remarks }: Extract<ScoreMessage, { ok: true }>): ReadingOutcome {
  const { columns, tempo, ...rest } = line;
  if (columns.length === 0)
    return {
      ok: false,
      message:
        'The file holds no chord: no moment with two different notes and no label. The workbook was not changed.',
    };
  const within = Math.max(TEMPO_RANGE.least, Math.min(TEMPO_RANGE.most, Math.round(tempo)));
  useStore.getState().addProgression({
    ...FIRST_PROGRESSION,
    ...rest,
    tempo: within,
    // Where a score has only notes and one signature, its keys are found.
    modulate: columns.every(({ entry, key }) => entry.kind === 'notes' && key === undefined),
    view: columns.every(({ locks }) => locks !== undefined) ? 'four-part' : 'keyboard',
    columns: columns.map((column) => ({ ...column, id: newId() })),
  });
  return { ok: true, remark: remarks.length === 0 ? null : remarks.slice(0, MOST_REMARKS).join(' ') };
}
