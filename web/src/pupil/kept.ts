/** Work as it was kept, read through its door: by this page in its database, or by an older one in the small store. */
import { printPupilsFile } from '@diatonix/core';
import { readKeptWork, readPupilsFile, type KeptRoom } from '@diatonix/doors';
import { EMPTY_OUTBOX } from '../classroom/pupil/pupilLine';
import { readOldWork } from './oldWork';
import type { RoomWork, Work } from './workTypes';

/** The work as it was kept; null for what is none. */
export function workIn(data: unknown): Work | null {
  try {
    const {
      file: text = '',
      version = null,
      name = '',
      answers,
      scratch,
      handedIn,
      room,
    } = readKeptWork(data);
    // A class may begin without a sheet, for single questions.
    const file =
      room && isEmptyFile(text) ? { sheets: [], practice: false } : readPupilsFile('the kept sheet', text);
    return {
      ...file,
      version: version !== null && (file.sheets[version] || room) ? version : null,
      ...{ name, answers, scratch, handedIn: handedIn ?? null },
      ...(room ? { room: roomOf(room) } : {}),
    };
  } catch {
    return null;
  }
}

const isEmptyFile = (text: string): boolean =>
  (JSON.parse(text) as { readonly sheets?: unknown[] }).sheets?.length === 0;

/** What an older page kept; null where there is none. */
export function oldWork(): Work | null {
  try {
    const { sheets, practice, ...rest } = JSON.parse(readOldWork() ?? 'null') as Work;
    return workIn({ ...rest, file: printPupilsFile({ sheets, practice }) });
  } catch {
    return null;
  }
}

/** The class, with what a field that was not kept is. */
function roomOf({ outbox, code, closed, over, endsAt, slip, moved, late, ...rest }: KeptRoom): RoomWork {
  return {
    ...rest,
    ...{ code: code ?? '', outbox: outbox ?? EMPTY_OUTBOX },
    ...{ closed: closed === true, over: over === true },
    ...{ endsAt: endsAt ?? null, slip: slip ?? null },
    ...(moved === true ? { moved } : {}),
    ...(late ? { late } : {}),
  };
}
