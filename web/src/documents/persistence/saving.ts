import { liveQuery, type Subscription } from 'dexie';
import { database, type WorkbookRow } from './database';
import { nameOf, type Document, type Documents } from '../store/document';
import { changesBetween } from '../store/history';
import { newId } from '../store/ids';
import { mergeDocuments } from '../merging/mergeDocuments';
import { admitRows, saveDocuments, stampsSince, type FoundClash, type Unsaved } from './rows';
import { useDocuments, type Header } from '../store/store';
import { withStorageTimeout } from './storageTimeout';
import { reasonOf } from './trouble';

/**
 * Saving begins so long after the last keystroke that belongs to an edit, or so long after the first: then it is on
 * disk within 150 ms.
 */
const QUIET_MS = 40;
const LONGEST_MS = 90;
const FIRST_RETRY_MS = 2000;
const LONGEST_RETRY_MS = 30_000;

/** This tab, as the others know it. */
const TAB = newId();

/** What of the open workbook stands in the database, as this tab last read or wrote it. */
interface Stored {
  workbook: Header;
  documents: Documents;
  stamps: Map<string, number>;
  desk: unknown;
  /** The stamp of the workbook as this tab last wrote or read it: what is older came late. */
  stamp: number;
  /** Every row up to this stamp has come here. */
  seen: number;
  /** What this tab and another did to one part, still to be written down. */
  clashes: FoundClash[];
}

let stored: Stored | null = null;
let watching: Subscription[] = [];
let timer: ReturnType<typeof setTimeout> | null = null;
let firstAt = 0;
let retry = FIRST_RETRY_MS;
let running: Promise<void> = Promise.resolve();

/** Says what stands in the database of the workbook that was just opened, and listens to other tabs. */
export function nowStored(stamps: ReadonlyMap<string, number>, stamp: number): void {
  const { workbook, documents, desk } = useDocuments.getState();
  stored = { workbook, documents, stamps: new Map(stamps), desk, stamp, seen: stamp, clashes: [] };
  if (useDocuments.getState().saveState.kind !== 'saved')
    useDocuments.setState({ saveState: { kind: 'saved' } });
  watch(workbook.id);
}

/** Writes a workbook that stands nowhere yet. Rejects where storage is full, blocked or does not answer. */
export async function storeNew(
  header: Header,
  documents: Documents,
): Promise<{ readonly stamps: ReadonlyMap<string, number>; readonly stamp: number }> {
  const unsaved = Object.entries(documents).map(([id, now]): Unsaved => ({ id, now, base: null }));
  const { stamp } = await withStorageTimeout(saveDocuments(header, unsaved, TAB));
  return { stamp, stamps: new Map(unsaved.map(({ id }) => [id, stamp])) };
}

/** A workbook that stands nowhere yet: everything in it is still to be saved. */
export function nothingStored(): void {
  const { workbook } = useDocuments.getState();
  const nowhere = { documents: {}, stamps: new Map(), desk: null, stamp: 0, seen: 0, clashes: [] };
  stored = { workbook: { ...workbook, title: '' }, ...nowhere };
  if (useDocuments.getState().saveState.kind === 'saved')
    useDocuments.setState({ saveState: { kind: 'saving' } });
  watch(workbook.id);
  plan();
}

/** Whether it is known what of the open workbook stands in the database. */
export const isStored = (): boolean => stored?.workbook.id === useDocuments.getState().workbook.id;

/** What is not saved yet; null where everything is. */
function unsavedNow(): { header: Header; unsaved: Unsaved[]; desk: unknown } | null {
  if (!stored) return null;
  const { workbook, documents, desk } = useDocuments.getState();
  if (workbook.id !== stored.workbook.id) return null;
  const unsaved = changesBetween(stored.documents, documents).map(({ id, before, after }): Unsaved => {
    const stamp = stored!.stamps.get(id);
    return { id, now: after, base: stamp === undefined ? null : { document: before, stamp } };
  });
  const isSame = workbook === stored.workbook && desk === stored.desk && stored.clashes.length === 0;
  if (unsaved.length === 0 && isSame) return null;
  return { header: workbook, unsaved, desk };
}

async function save(): Promise<void> {
  const work = unsavedNow();
  if (!work || !stored) return;
  const { header, unsaved, desk } = work;
  try {
    if (unsaved.length > 0 || header !== stored.workbook || stored.clashes.length > 0) {
      const { id, title, writtenAt } = header;
      const found = stored.clashes;
      // A workbook that stands nowhere yet has no name of before.
      const was = stored.stamp === 0 ? {} : { titleWas: stored.workbook.title };
      const saved = await saveDocuments({ id, title, writtenAt, ...was }, unsaved, TAB, found);
      if (stored.workbook.id !== id) return;
      const written = { ...stored.documents };
      for (const { id: one, now } of unsaved) {
        put(written, one, now);
        stored.stamps.set(one, saved.stamp);
      }
      stored.documents = written;
      stored.workbook = header;
      stored.stamp = saved.stamp;
      stored.clashes = stored.clashes.filter((one) => !found.includes(one));
      for (const one of saved.merged) takeIn(one.id, one.document);
      if (saved.title !== title) takeTitle(saved.title);
    }
    if (desk !== stored.desk) {
      await database().desks.put({ workbook: header.id, desk });
      stored.desk = desk;
    }
    retry = FIRST_RETRY_MS;
    if (unsavedNow() === null) useDocuments.setState({ saveState: { kind: 'saved' } });
    else plan();
  } catch (error) {
    useDocuments.setState({ saveState: { kind: 'failed', reason: reasonOf(error) } });
    if (timer === null) timer = setTimeout(run, retry);
    retry = Math.min(2 * retry, LONGEST_RETRY_MS);
  }
}

function put(documents: Record<string, Document>, id: string, document: Document | null): void {
  if (document) documents[id] = document;
  else delete documents[id];
}

/**
 * A document as it stands in storage now. What was edited here since comes on top of it, part by part, and is saved
 * after that. Says whether anything is shown otherwise.
 */
function takeIn(id: string, theirs: Document | null): boolean {
  const { documents } = useDocuments.getState();
  const base = stored!.documents[id] ?? null;
  const here = documents[id] ?? null;
  const { document, clashes } =
    here === base ? { document: theirs, clashes: [] } : mergeDocuments({ base, theirs, mine: here });
  const written = { ...stored!.documents };
  put(written, id, theirs);
  stored!.documents = written;
  stored!.clashes.push(...clashes.map((clash) => ({ document: id, clash })));
  if (document === here) return false;
  const next = { ...documents };
  put(next, id, document);
  useDocuments.setState({ documents: next });
  return true;
}

function takeTitle(title: string): void {
  const { workbook } = useDocuments.getState();
  const isHere = workbook === stored!.workbook;
  stored!.workbook = { ...stored!.workbook, title };
  if (isHere) useDocuments.setState({ workbook: stored!.workbook });
}

function run(): void {
  if (timer !== null) clearTimeout(timer);
  timer = null;
  firstAt = 0;
  running = running.then(save);
}

/** Saves soon: a moment after the last edit, and not long after the first. */
function plan(): void {
  const now = performance.now();
  if (firstAt === 0) firstAt = now;
  if (timer !== null) clearTimeout(timer);
  timer = setTimeout(run, Math.max(0, Math.min(QUIET_MS, firstAt + LONGEST_MS - now)));
}

/** Saves at once what is still to be saved, and waits for it; a workbook of a first visit before its turn, too. */
export async function flush(): Promise<void> {
  const { documents } = useDocuments.getState();
  if (stored === null && Object.keys(documents).length > 0) nothingStored();
  if (unsavedNow()) run();
  await running;
}

/** So long a save may take before leaving is asked about. */
const PATIENCE_MS = 500;
let unsavedSince = 0;

/** Saves after every edit, and at once when the page is hidden. Returns the stop. */
export function startSaving(): () => void {
  const unsubscribe = useDocuments.subscribe((state, before) => {
    const edited = state.documents !== before.documents || state.workbook !== before.workbook;
    if (!edited && state.desk === before.desk) return;
    if (unsavedNow() === null) return;
    if (edited && state.saveState.kind === 'saved') {
      unsavedSince = performance.now();
      useDocuments.setState({ saveState: { kind: 'saving' } });
    }
    plan();
  });
  const hidden = () => void flush();
  const leaving = (event: BeforeUnloadEvent) => {
    if (useDocuments.getState().saveState.kind === 'saved') return;
    void flush();
    // The browser asks before leaving while something is not saved; a save that has only just begun ends by itself.
    const failed = useDocuments.getState().saveState.kind === 'failed';
    if (failed || performance.now() - unsavedSince > PATIENCE_MS) event.preventDefault();
  };
  window.addEventListener('pagehide', hidden);
  window.addEventListener('beforeunload', leaving);
  document.addEventListener('visibilitychange', hidden);
  return () => {
    unsubscribe();
    stopWatching();
    window.removeEventListener('pagehide', hidden);
    window.removeEventListener('beforeunload', leaving);
    document.removeEventListener('visibilitychange', hidden);
  };
}

function stopWatching(): void {
  for (const one of watching) one.unsubscribe();
  watching = [];
}

/** Takes in what other tabs write to the workbook. */
function watch(id: string): void {
  stopWatching();
  const failed = () => undefined;
  watching = [
    liveQuery(() => stampsSince(id, stored?.seen ?? 0)).subscribe({ next: takeRows, error: failed }),
    liveQuery(() => database().workbooks.get(id)).subscribe({ next: takeHeader, error: failed }),
    liveQuery(() => database().clashes.where('workbook').equals(id).toArray()).subscribe({
      next: (clashes) => {
        if (clashes.length + useDocuments.getState().clashes.length > 0) useDocuments.setState({ clashes });
      },
      error: failed,
    }),
  ];
}

type Stamped = Awaited<ReturnType<typeof stampsSince>>[number];

/** One after the other, and never beside a save. */
function takeRows(rows: readonly Stamped[]): void {
  running = running.then(async () => {
    for (const row of rows) await takeRow(row).catch(() => takeAgain(row));
    const [first] = rows;
    if (stored && first?.workbook === stored.workbook.id)
      stored.seen = Math.max(stored.seen, ...rows.map(({ stamp }) => stamp));
  });
}

/** What could not be looked at now, since the checks did not come, is looked at later. */
function takeAgain(row: Stamped): void {
  setTimeout(() => takeRows([row]), FIRST_RETRY_MS);
}

/** One document as another tab wrote it. What this tab wrote itself is not read back. */
async function takeRow({ workbook, id, stamp }: Stamped): Promise<void> {
  const isNew = () => stored?.workbook.id === workbook && stamp > (stored.stamps.get(id) ?? 0);
  if (!isNew()) return;
  const row = await database().documents.get([workbook, id]);
  // Written again since: that comes by itself.
  if (!row || row.stamp !== stamp) return;
  // What cannot be trusted as it stands is checked first; what cannot be read here stays where it is.
  const theirs = row.deleted ? null : ((await admitRows([row])).documents[0] ?? null);
  if (!isNew() || (!row.deleted && !theirs)) return;
  const { history, documents } = useDocuments.getState();
  const name = nameOf((theirs ?? documents[id] ?? { kind: row.kind, body: null })!);
  stored!.stamps.set(id, stamp);
  const shown = takeIn(id, theirs);
  if (unsavedNow()) plan();
  const edited = history.past.some(({ changes }) => changes.some((change) => change.id === id));
  const what = row.deleted ? 'deleted' : 'changed';
  if (shown && edited)
    useDocuments.setState({
      told: `${name.replace(/^[a-z]/, (letter) => letter.toUpperCase())} was ${what} in another tab.`,
    });
}

function takeHeader(row: WorkbookRow | undefined): void {
  const { workbook } = useDocuments.getState();
  // What was asked before this tab last wrote says what was, not what is.
  if (!stored || !row || row.id !== workbook.id || row.stamp < stored.stamp) return;
  if (row.deletedAt !== null) {
    useDocuments.setState({
      told: 'This workbook was deleted in another tab. Whatever is changed here brings it back.',
    });
  } else if (row.title !== stored.workbook.title || row.writtenAt !== stored.workbook.writtenAt) {
    // What is being written here meets it when it is saved.
    if (workbook !== stored.workbook) return;
    const next = { ...workbook, title: row.title, writtenAt: row.writtenAt };
    stored.workbook = next;
    useDocuments.setState({ workbook: next });
  }
}
