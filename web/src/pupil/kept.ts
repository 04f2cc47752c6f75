/** Work as it was kept, checked field by field: by this page in its database, or by an older one in the small store. */
import { printPupilsFile, readPupilsFile } from '@diatonix/core';
import { EMPTY_OUTBOX } from '../classroom/pupil/pupilLine';
import type { RoomWork, Work } from './workTypes';

/** Where the work was kept before: it is taken over. */
const OLD_KEY = 'diatonix-pupil';

/** The work as it was kept; null for what is none. */
export function workIn(data: unknown): Work | null {
  try {
    const { file: text, version, name, answers, scratch, handedIn, room } = data as Partial<KeptWork>;
    const inClass = roomIn(room);
    // A class may begin without a sheet, for single questions.
    const file =
      inClass && typeof text === 'string' && isEmptyFile(text)
        ? { sheets: [], practice: false }
        : readPupilsFile('the kept sheet', String(text));
    return {
      ...file,
      version: typeof version === 'number' && (file.sheets[version] || inClass) ? version : null,
      name: typeof name === 'string' ? name : '',
      answers: texts(answers),
      scratch: texts(scratch),
      handedIn: typeof handedIn === 'number' ? handedIn : null,
      ...(inClass ? { room: inClass } : {}),
    };
  } catch {
    return null;
  }
}

/** The work as it is kept, with the text of its file. */
interface KeptWork extends Omit<Work, 'sheets' | 'practice'> {
  readonly file: string;
}

const isEmptyFile = (text: string): boolean =>
  (JSON.parse(text) as { readonly sheets?: unknown[] }).sheets?.length === 0;

/** What an older page kept; null where there is none. */
export function oldWork(): Work | null {
  try {
    const { sheets, practice, ...rest } = JSON.parse(localStorage.getItem(OLD_KEY) ?? 'null') as Work;
    return workIn({ ...rest, file: printPupilsFile({ sheets, practice }) });
  } catch {
    return null;
  }
}

/** The class as it was kept; null where there is none. */
function roomIn(data: Work['room']): RoomWork | null {
  const { room, code, key, outbox, sent, closed, endsAt, slip, over, moved, late } = data ?? {};
  if (typeof room !== 'string' || typeof key !== 'string') return null;
  const isOutbox =
    typeof outbox?.n === 'number' && typeof outbox.waiting === 'object' && outbox.waiting !== null;
  return {
    ...{ room, key, code: typeof code === 'string' ? code : '' },
    outbox: isOutbox ? outbox : EMPTY_OUTBOX,
    sent: texts(sent),
    ...{ closed: closed === true, over: over === true },
    endsAt: typeof endsAt === 'number' ? endsAt : null,
    slip: typeof slip === 'string' ? slip : null,
    ...(moved === true ? { moved } : {}),
    ...(Array.isArray(late) ? { late: late.filter((one) => typeof one === 'string') } : {}),
  };
}

const texts = (value: unknown): Readonly<Record<string, string>> =>
  Object.fromEntries(
    Object.entries(typeof value === 'object' && value !== null ? value : {}).filter(
      ([, text]) => typeof text === 'string',
    ),
  ) as Record<string, string>;

/** What an older page kept stands in the database now. */
export function forgetOldWork(): void {
  try {
    localStorage.removeItem(OLD_KEY);
  } catch {
    // It cannot be read again either.
  }
}
