/** What of a class is kept in the browser's database, so that it is found again: the token, and the class itself. */
import { fetchScript } from '../../fetchScript';
import { database } from '../../documents/persistence/database';
import { leadHere, leaveHere } from './leaderTab';
import type { LivePupil, OpenRoom } from './store';

const TOKEN = 'class-token';
const ROOM = 'class-room';

export interface KeptClass {
  readonly room: OpenRoom;
  readonly pupils: readonly LivePupil[];
}

async function read(name: string): Promise<unknown> {
  try {
    return (await database().settings.get(name))?.value ?? null;
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

export async function keptToken(): Promise<string | null> {
  const token = await read(TOKEN);
  return typeof token === 'string' ? token : null;
}

export const keepToken = (token: string) => write(TOKEN, token);
/** The class that was led here; null where none is kept, or what is kept is not one. */
export async function keptClass(): Promise<KeptClass | null> {
  const kept = await read(ROOM);
  if (kept === null) return null;
  const { isKeptClass } = await fetchScript(() => import('./keptCheck'));
  return isKeptClass(kept) ? kept : null;
}

/** Keeps the class, or with null forgets it and its names. */
export async function keepClass(kept: KeptClass | null): Promise<void> {
  if (kept) leadHere();
  else leaveHere();
  await write(ROOM, kept);
}
