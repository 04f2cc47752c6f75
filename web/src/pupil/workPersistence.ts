/**
 * What a pupil has written, in the browser's database: the sheet once, every answer a row of its own, each letter on
 * the disk within 150 ms.
 */
import { printPupilsFile, type PupilsFile } from '@diatonix/core';
import { openDB, type IDBPDatabase } from 'idb';
import type { Work } from './workTypes';

const NAME = 'diatonix-pupil';
const STORE = 'parts';
/** Writing begins so long after a letter, so that several that come together are written together. */
const SOON_MS = 30;
const AGAIN_MS = 2000;
/** A database that does not answer for so long is taken for blocked. */
const PATIENCE_MS = 3000;

type Key = string | [string, string];
type Parts = Map<string, { readonly key: Key; readonly value: unknown }>;

let opened: Promise<IDBPDatabase> | null = null;
let written: Parts = new Map();
let wanted: Work | null = null;
let timer: ReturnType<typeof setTimeout> | null = null;
let writing: Promise<void> = Promise.resolve();
let channel: BroadcastChannel | null = null;

/** What keeping tells the page. */
export interface KeepingEvents {
  /** Whether all that was written is on the disk; null where this browser keeps nothing. */
  readonly onKept: (kept: boolean | null) => void;
  /** Another tab has written something. */
  readonly onElsewhere: () => void;
}

let events: KeepingEvents = { onKept: () => undefined, onElsewhere: () => undefined };

/** Begins to keep; what is told goes to these. */
export function startKeeping(told: KeepingEvents): void {
  events = told;
  channel?.close();
  channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(NAME) : null;
  if (channel) channel.onmessage = () => events.onElsewhere();
  window.addEventListener('pagehide', () => void keepNow());
  document.addEventListener('visibilitychange', () => void keepNow());
}

/** Ends keeping, and lets the database go; for tests. */
export async function stopKeeping(): Promise<void> {
  await keepNow();
  channel?.close();
  channel = null;
  (await opened)?.close();
  opened = null;
  written = new Map();
}

function database(): Promise<IDBPDatabase> {
  opened ??= openDB(NAME, 1, {
    upgrade: (db) => void db.createObjectStore(STORE),
    // A newer page in another tab wants to change its shape.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => (opened = null),
  });
  return opened;
}

/** The work as it was kept, not yet checked; null where there is none. Rejects where the browser keeps nothing. */
export async function readKept(): Promise<Record<string, unknown> | null> {
  const late = new Promise<never>((_, reject) => {
    setTimeout(() => reject(new Error('The database does not answer.')), PATIENCE_MS);
  });
  return Promise.race([read(), late]);
}

async function read(): Promise<Record<string, unknown> | null> {
  const db = await database();
  const rows = db.transaction(STORE).store;
  const [keys, values] = await Promise.all([rows.getAllKeys(), rows.getAll()]);
  const found: Parts = new Map();
  keys.forEach((key, at) => found.set(String(key), { key: key as Key, value: values[at] as unknown }));
  written = found;
  const sheet = found.get('sheet')?.value as { readonly file?: unknown } | undefined;
  if (typeof sheet?.file !== 'string') return null;
  const texts = (name: string) =>
    Object.fromEntries(
      [...found.values()].flatMap(({ key, value }) =>
        Array.isArray(key) && key[0] === name ? [[key[1], value]] : [],
      ),
    );
  return {
    file: sheet.file,
    ...(found.get('state')?.value as object | undefined),
    answers: texts('answer'),
    scratch: texts('scratch'),
  };
}

const FILES = new WeakMap<Work['sheets'], string>();

/** The sheet as it came: what is kept of it gives no more away than the file did. */
function fileOf({ sheets, practice, names }: PupilsFile): string {
  const known = FILES.get(sheets) ?? printPupilsFile({ sheets, practice, ...(names ? { names } : {}) });
  FILES.set(sheets, known);
  return known;
}

/** The work on the page says what is kept: only what changes from here on is written. */
export function asKept(work: Work | null): void {
  written = partsOf(work);
}

/** The work taken apart: what is written seldom, and every answer by itself. */
function partsOf(work: Work | null): Parts {
  const parts: Parts = new Map();
  if (!work) return parts;
  const put = (key: Key, value: unknown) => parts.set(String(key), { key, value });
  const { sheets, practice, names, answers, scratch, ...state } = work;
  put('sheet', { file: fileOf({ sheets, practice, ...(names ? { names } : {}) }) });
  put('state', state);
  for (const [id, text] of Object.entries(answers)) put(['answer', id], text);
  for (const [id, text] of Object.entries(scratch)) put(['scratch', id], text);
  return parts;
}

/** Whether a part says what is written already; of sheet and state the fields are compared, which are never changed. */
function isSame(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || !one || !other) return false;
  const [a, b] = [one as Record<string, unknown>, other as Record<string, unknown>];
  const names = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...names].every((name) => a[name] === b[name]);
}

/** Keeps the work as it is now, soon; null forgets it. */
export function keepSoon(work: Work | null): void {
  wanted = work;
  events.onKept(false);
  timer ??= setTimeout(() => void keepNow(), SOON_MS);
}

/** Keeps what is not on the disk yet, and waits for it. */
export function keepNow(): Promise<void> {
  if (timer === null) return writing;
  clearTimeout(timer);
  timer = null;
  writing = writing.then(write);
  return writing;
}

async function write(): Promise<void> {
  const parts = partsOf(wanted);
  const changed = [...parts].filter(([name, { value }]) => !isSame(written.get(name)?.value, value));
  const gone = [...written].filter(([name]) => !parts.has(name));
  try {
    if (changed.length + gone.length > 0) {
      const transaction = (await database()).transaction(STORE, 'readwrite', { durability: 'strict' });
      const { store, done } = transaction;
      await Promise.all([
        ...changed.map(([, { key, value }]) => store.put(value, key)),
        ...gone.map(([, { key }]) => store.delete(key)),
        done,
      ]);
      const next = new Map(written);
      for (const [name, part] of changed) next.set(name, part);
      for (const [name] of gone) next.delete(name);
      written = next;
      channel?.postMessage('written');
    }
    if (timer === null) events.onKept(true);
  } catch {
    events.onKept(null);
    timer ??= setTimeout(() => void keepNow(), AGAIN_MS);
  }
}

/** Whether something is still to be written. */
export const isUnkept = (): boolean => timer !== null;
