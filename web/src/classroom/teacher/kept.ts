/** What of a class is kept in the browser's database, so that it is found again: the token, and the class itself. */
import { database } from '../../documents/persistence/database';
import { leadHere, leaveHere } from './leaderTab';
import type { LivePupil, OpenRoom } from './store';

const TOKEN = 'class-token';
const ROOM = 'class-room';

export interface KeptClass {
  readonly room: OpenRoom;
  readonly pupils: readonly LivePupil[];
}

async function read<Value>(name: string): Promise<Value | null> {
  try {
    return ((await database().settings.get(name))?.value ?? null) as Value | null;
  } catch {
    return null;
  }
}

async function write(name: string, value: unknown): Promise<void> {
  try {
    if (value === null) await database().settings.delete(name);
    else await database().settings.put({ name, value });
  } catch {
    // A browser that keeps nothing leads the class for as long as this page is open.
  }
}

export const keptToken = () => read<string>(TOKEN);
export const keepToken = (token: string) => write(TOKEN, token);
export const keptClass = () => read<KeptClass>(ROOM);

/** Keeps the class, or with null forgets it and its names. */
export async function keepClass(kept: KeptClass | null): Promise<void> {
  if (kept) leadHere();
  else leaveHere();
  await write(ROOM, kept);
}
