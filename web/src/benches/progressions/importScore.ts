import { LIMITS } from '@diatonix/core';
import { newId } from '../../documents/store/ids';
import { FIRST_PROGRESSION, TEMPO_RANGE, type Progression } from '../../documents/kinds/progression/type';
import { fetchScript, ScriptMissing } from '../../fetchScript';
import { runTask } from '../../workers/client';
import type { ReadScore } from '../../workers/readScore';
import { addProgression } from './state';

const MOST_REMARKS = 3;
const UNCHANGED = 'The workbook was not changed.';

export type ReadingOutcome =
  { readonly ok: true; readonly remark: string | null } | { readonly ok: false; readonly message: string };

export interface ImportedReading {
  readonly done: Promise<ReadingOutcome>;
  readonly cancel: () => void;
}

/**
 * Reads a MusicXML or RomanText file in a worker and opens it as a new progression. `onSlow` is called when it
 * takes long.
 */
export function importScore(file: File, onSlow: () => void): ImportedReading {
  if (file.size > LIMITS.scoreFile) {
    const message = `“${file.name}”: the file is larger than 50 MB. Import a part of the score.`;
    return { done: Promise.resolve({ ok: false, message }), cancel: () => undefined };
  }
  let cancelled = false;
  let cancel = () => {
    cancelled = true;
  };
  const read = async (): Promise<ReadingOutcome> => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const wrong = notAScore(bytes);
    if (wrong !== null) return { ok: false, message: `“${file.name}”: ${wrong} ${UNCHANGED}` };
    if (cancelled) return { ok: true, remark: null };
    const running = runTask('analyseInWorker', { name: file.name, bytes }, onSlow);
    cancel = running.cancel;
    const answer = await running.done;
    if (answer === null) return { ok: true, remark: null };
    return answer.ok
      ? open(answer, file.name)
      : { ok: false, message: `“${file.name}”: ${answer.message} ${UNCHANGED}` };
  };
  const done = read().catch((error: unknown): ReadingOutcome => ({
    ok: false,
    message:
      error instanceof ScriptMissing ? error.message : `“${file.name}” could not be read. ${UNCHANGED}`,
  }));
  return { done, cancel: () => cancel() };
}

/** What a file is that is plainly no score, by how it begins; null where it may be one. */
function notAScore(bytes: Uint8Array): string | null {
  const begins = new TextDecoder('latin1').decode(bytes.subarray(0, 400));
  if (begins.startsWith('MThd')) return 'this is a MIDI file, which opens on Scores.';
  if (begins.startsWith('%PDF')) return 'this is a PDF. Export the score as MusicXML.';
  if (/^\s*\{[\s\S]*diatonix-workbook/.test(begins))
    return 'this is a Diatonix workbook. Open it with “Open files” at the left.';
  if (/^\u0089PNG|^\u00ff\u00d8/.test(begins)) return 'this is a picture. Export the score as MusicXML.';
  return null;
}

async function open(
  { line, remarks }: Extract<ReadScore, { ok: true }>,
  name: string,
): Promise<ReadingOutcome> {
  const { columns, tempo, ...rest } = line;
  if (columns.length === 0)
    return {
      ok: false,
      message: [
        `“${name}”: the file holds no chord: no moment with two different notes and no label.`,
        ...remarks.slice(0, MOST_REMARKS),
        UNCHANGED,
      ].join(' '),
    };
  const within = Math.max(TEMPO_RANGE.least, Math.min(TEMPO_RANGE.most, Math.round(tempo)));
  const progression: Progression = {
    ...FIRST_PROGRESSION,
    ...rest,
    tempo: within,
    // Where a score has only notes and one signature, its keys are found.
    modulate: columns.every(({ entry, key }) => entry.kind === 'notes' && key === undefined),
    view: columns.every(({ locks }) => locks !== undefined) ? 'four-part' : 'keyboard',
    columns: columns.map((column) => ({ ...column, id: newId() })),
  };
  const { checkBody } = await fetchScript(() => import('../../documents/checks/check'));
  const wrong = checkBody('progression', progression);
  if (wrong.length > 0)
    return { ok: false, message: `“${name}”: the file holds what no line can: ${wrong[0]} ${UNCHANGED}` };
  addProgression(progression);
  return { ok: true, remark: remarks.length === 0 ? null : remarks.slice(0, MOST_REMARKS).join(' ') };
}
