import { attempt, parseKey, parseNote } from '@diatonix/core';
import type { ScoreMessage } from '../workers/messages';
import { FIRST_PLACE, TEMPO_RANGE, type IntervalsBenchState, type Progression } from './model';
import { download } from './download';
import { workbookFromFile, workbookToFile, type FileResult } from './file';
import { newId } from './ids';
import { useStore } from './store';

/** Past this a reading shows that it is under way. */
const PROGRESS_MS = 300;
const MUSICXML_TYPE = 'application/vnd.recordare.musicxml+xml';
const MAX_FILE_BYTES = 50_000_000;

/** Saves the open workbook as a file. Needs no browser storage. */
export function exportWorkbook(): void {
  const { workbook } = useStore.getState();
  download(workbookToFile(workbook), `${fileName(workbook.title)}.diatonix.json`, 'application/json');
}

/** Opens a workbook from a file in place of the one on the bench, which stays saved under its own name. */
export async function importWorkbook(file: File): Promise<FileResult<string>> {
  if (file.size > MAX_FILE_BYTES) return { ok: false, message: `“${file.name}”: the file is larger than 50 MB, which no workbook is.` };
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

/** Saves a progression as MusicXML; returns what stood in the way, or null. */
export async function exportMusicXml({ title, key, tempo, columns }: Progression): Promise<string | null> {
  const { progressionToMusicXml } = await import('@diatonix/core/musicxml');
  const entries = columns.flatMap((column) => ('entry' in column ? [column.entry] : []));
  const xml = attempt(() => progressionToMusicXml({ title, key: parseKey(key), tempo, entries }));
  if (!xml.ok) return xml.error.message;
  download(xml.value, `${fileName(title)}.musicxml`, MUSICXML_TYPE);
  const left = columns.length - entries.length;
  return left === 0
    ? null
    : `${left} ${left === 1 ? 'column that is not understood was' : 'columns that are not understood were'} left out of the file.`;
}

/** Saves the line of intervals as MusicXML; pieces that are not understood are left out. */
export async function exportIntervals({ key, clef, perBar, items }: IntervalsBenchState): Promise<void> {
  const { intervalsToMusicXml } = await import('@diatonix/core/musicxml');
  const pairs = items.flatMap((item) => ('from' in item ? [{ from: parseNote(item.from), to: parseNote(item.to) }] : []));
  download(intervalsToMusicXml({ title: 'Intervals', key: parseKey(key), clef, perBar, pairs }), 'intervals.musicxml', MUSICXML_TYPE);
}

export type ReadingOutcome = { readonly ok: true; readonly remark: string | null } | { readonly ok: false; readonly message: string };

export interface Reading {
  readonly done: Promise<ReadingOutcome>;
  readonly cancel: () => void;
}

/** Reads a MusicXML file in a worker and opens it as a new progression. `onSlow` is called when it takes long. */
export function importMusicXml(file: File, onSlow: () => void): Reading {
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
    worker.onerror = () => finish({ ok: false, message: `“${file.name}” could not be read. The workbook was not changed.` });
    worker.onmessage = ({ data }: MessageEvent<ScoreMessage>) =>
      finish(data.ok ? open(data) : { ok: false, message: `“${file.name}”: ${data.message} The workbook was not changed.` });
    if (file.size > MAX_FILE_BYTES) finish({ ok: false, message: `“${file.name}”: the file is larger than 50 MB. Import a part of the score.` });
    else void file.text().then((text) => worker.postMessage(text));
  });
  return { done, cancel: () => cancel() };
}

function open({ title, key, tempo, entries, unread }: Extract<ScoreMessage, { ok: true }>): ReadingOutcome {
  if (entries.length === 0)
    return { ok: false, message: 'The file holds no chord: no moment with two different notes and no label. The workbook was not changed.' };
  const columns = entries.map((entry) => ({ id: newId(), entry }));
  const within = Math.max(TEMPO_RANGE.least, Math.min(TEMPO_RANGE.most, Math.round(tempo)));
  useStore.getState().addProgression({ title, key, tempo: within, columns });
  return {
    ok: true,
    remark:
      unread === 0
        ? null
        : `${unread} ${unread === 1 ? 'moment' : 'moments'} with fewer than two different notes ${unread === 1 ? 'was' : 'were'} passed over.`,
  };
}

function fileName(title: string): string {
  return (
    title
      .trim()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'untitled'
  );
}
