import { liveQuery, type Subscription } from 'dexie';
import { database, type DocumentRow, type WorkbookRow } from './database';
import { nameOf, type Document, type Documents } from './document';
import { changesBetween, recorded } from './history';
import { newId } from './ids';
import { admitRows, rowsSince, saveDocuments, type Unsaved } from './rows';
import { useDocuments, type Header } from './store';
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
  /** The highest stamp that this tab has seen. */
  seen: number;
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
  stored = { workbook, documents, stamps: new Map(stamps), desk, seen: stamp };
  watch(workbook.id);
}

/** A workbook that stands nowhere yet: everything in it is still to be saved. */
export function nothingStored(): void {
  const { workbook } = useDocuments.getState();
  stored = { workbook: { ...workbook, title: '' }, documents: {}, stamps: new Map(), desk: null, seen: 0 };
  if (useDocuments.getState().saveState.kind === 'saved')
    useDocuments.setState({ saveState: { kind: 'saving' } });
  watch(workbook.id);
  plan();
}

/** What is not saved yet; null where everything is. */
function unsavedNow(): { header: Header; unsaved: Unsaved[]; desk: unknown } | null {
  if (!stored) return null;
  const { workbook, documents, desk } = useDocuments.getState();
  if (workbook.id !== stored.workbook.id) return null;
  const unsaved = changesBetween(stored.documents, documents).map(({ id, before, after }): Unsaved => {
    const stamp = stored!.stamps.get(id);
    return { id, now: after, base: stamp === undefined ? null : { document: before, stamp } };
  });
  if (unsaved.length === 0 && workbook === stored.workbook && desk === stored.desk) return null;
  return { header: workbook, unsaved, desk };
}

async function save(): Promise<void> {
  const work = unsavedNow();
  if (!work || !stored) return;
  const { header, unsaved, desk } = work;
  const before = useDocuments.getState().documents;
  try {
    if (unsaved.length > 0 || header !== stored.workbook) {
      const { stamp, merged } = await saveDocuments(
        { id: header.id, title: header.title, writtenAt: header.writtenAt },
        unsaved,
        TAB,
      );
      if (stored.workbook.id !== header.id) return;
      const written = { ...stored.documents };
      for (const { id, now } of unsaved) {
        if (now) written[id] = now;
        else delete written[id];
        stored.stamps.set(id, stamp);
      }
      stored.documents = written;
      stored.workbook = header;
      takeMerged(merged, before);
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

/** What another tab had changed beside this tab's edit comes in, unless it was edited here again meanwhile. */
function takeMerged(merged: Documents, before: Documents): void {
  for (const document of Object.values(merged)) {
    const { documents } = useDocuments.getState();
    stored!.documents = { ...stored!.documents, [document.id]: document };
    if (documents[document.id] === before[document.id])
      useDocuments.setState({ documents: { ...documents, [document.id]: document } });
  }
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

/** Saves at once what is still to be saved, and waits for it. */
export async function flush(): Promise<void> {
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
    liveQuery(() => rowsSince(id, stored?.seen ?? 0)).subscribe({ next: takeRows, error: failed }),
    liveQuery(() => database().workbooks.get(id)).subscribe({ next: takeHeader, error: failed }),
  ];
}

function takeRows(rows: readonly DocumentRow[]): void {
  if (!stored || rows[0]?.workbook !== stored.workbook.id) return;
  const foreign = rows.filter(({ tab, stamp }) => tab !== TAB && stamp > stored!.seen);
  stored.seen = Math.max(stored.seen, ...rows.map(({ stamp }) => stamp));
  // One after the other: what cannot be trusted as it stands is checked first.
  taking = taking.then(async () => {
    for (const row of foreign) await takeRow(row);
  });
}

let taking: Promise<void> = Promise.resolve();

/** One document as another tab wrote it. What is being edited here is merged when it is saved. */
async function takeRow(row: DocumentRow): Promise<void> {
  const theirs = row.deleted ? null : ((await admitRows([row])).documents[0] ?? null);
  const { documents, history, workbook } = useDocuments.getState();
  if (!stored || row.workbook !== workbook.id) return;
  const known = stored!.documents[row.id] ?? null;
  const here = documents[row.id] ?? null;
  if (here !== known) return;
  if (!row.deleted && !theirs) return;
  const next: Record<string, Document> = { ...documents };
  const written: Record<string, Document> = { ...stored!.documents };
  if (theirs) next[row.id] = written[row.id] = theirs;
  else {
    delete next[row.id];
    delete written[row.id];
  }
  stored!.documents = written;
  stored!.stamps.set(row.id, row.stamp);
  const name = nameOf((theirs ?? here)!);
  const edited = history.past.some(({ changes }) => changes.some(({ id }) => id === row.id));
  const what = row.deleted ? 'deleted' : 'changed';
  useDocuments.setState({
    documents: next,
    history: recorded(history, {
      words: `the change that another tab made to ${name}`,
      changes: [{ id: row.id, before: here, after: theirs }],
      at: -Infinity,
    }),
    ...(row.over === TAB
      ? { told: `Another tab ${what} ${name} over your last edit. Undo brings yours back.` }
      : edited
        ? { told: `${name.replace(/^[a-z]/, (letter) => letter.toUpperCase())} was ${what} in another tab.` }
        : {}),
  });
}

function takeHeader(row: WorkbookRow | undefined): void {
  const { workbook } = useDocuments.getState();
  if (!stored || !row || row.id !== workbook.id || workbook !== stored.workbook) return;
  if (row.deletedAt !== null) {
    useDocuments.setState({
      told: 'This workbook was deleted in another tab. Whatever is changed here brings it back.',
    });
  } else if (row.title !== workbook.title || row.writtenAt !== workbook.writtenAt) {
    const next = { ...workbook, title: row.title, writtenAt: row.writtenAt };
    stored.workbook = next;
    useDocuments.setState({ workbook: next });
  }
}
