import { create } from 'zustand';
import { fetchScript } from '../../fetchScript';
import type { Bodies, Document, Documents, DocumentKind, SingleKind } from './document';
import { FIRST } from './document';
import {
  applied,
  changesBetween,
  NO_HISTORY,
  recorded,
  redoable,
  stands,
  undoable,
  without,
  type History,
  type Scope,
} from './history';
import type { ClashRow } from '../merging/clashes';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: string };

/** The workbook that is open: its name, and when it was last written to a file (milliseconds since 1970). */
export interface Header {
  readonly id: string;
  readonly title: string;
  readonly writtenAt: number | null;
}

/** A document that could not be read, kept as it was found. */
export interface SetAside {
  readonly id: string;
  readonly name: string;
  readonly reasons: readonly string[];
  readonly raw: unknown;
}

export interface DocumentsState {
  readonly workbook: Header;
  readonly documents: Documents;
  readonly history: History;
  /** What each bench shows now: kept beside the documents, and not undone. */
  readonly desk: Readonly<Record<string, unknown>>;
  readonly saveState: SaveState;
  /** Whether anything was changed since the workbook was last written to a file. */
  readonly changed: boolean;
  /** What was just done that the page does not show by itself: undone, redone, changed in another tab. */
  readonly told: string;
  readonly aside: readonly SetAside[];
  /** What two tabs did to one part, until somebody chooses. */
  readonly clashes: readonly ClashRow[];
}

/** The application's store: what the user decided. Everything shown is derived from it. */
export const useDocuments = create<DocumentsState>()(() => ({
  workbook: { id: 'none', title: 'New workbook', writtenAt: null },
  documents: {},
  history: NO_HISTORY,
  desk: {},
  saveState: { kind: 'saved' },
  changed: false,
  told: '',
  aside: [],
  clashes: [],
}));

const { getState, setState } = useDocuments;

/**
 * Changes documents. `words` says what was done, for the one who undoes it; edits of one `burst` within a
 * second are undone as one.
 */
export function edit(words: string, change: (documents: Documents) => Documents, burst?: string): void {
  const { documents, history } = getState();
  const next = change(documents);
  const changes = changesBetween(documents, next);
  if (changes.length === 0) return;
  const made = { words, changes, at: performance.now(), ...(burst === undefined ? {} : { burst }) };
  setState({ documents: next, history: recorded(history, made), told: '', changed: true });
}

/** Changes the one document of a kind; the same body back is no edit. */
export function editSingle<K extends SingleKind>(
  kind: K,
  words: string,
  change: (body: Bodies[K]) => Bodies[K],
  burst?: string,
): void {
  edit(
    words,
    (documents) => {
      const old = documents[kind];
      const body = (old?.kind === kind ? old.body : FIRST[kind]) as Bodies[K];
      const next = change(body);
      if (next === body) return documents;
      return { ...documents, [kind]: { id: kind, kind, order: 0, body: next } as Document };
    },
    burst,
  );
}

/** Changes a document by its id; the same body back, or an id that is gone, is no edit. */
export function editDocument<K extends DocumentKind>(
  { id, kind }: { readonly id: string; readonly kind: K },
  words: string,
  change: (body: Bodies[K]) => Bodies[K],
  burst?: string,
): void {
  edit(
    words,
    (documents) => {
      const old = documents[id];
      if (old?.kind !== kind) return documents;
      const next = change(old.body as Bodies[K]);
      return next === old.body ? documents : { ...documents, [id]: { ...old, body: next } as Document };
    },
    burst,
  );
}

/**
 * Takes into a document what came from elsewhere, from pupils of the class. It is saved as an edit is, but it is no
 * edit: undoing never takes a pupil's work back.
 */
export function receive<K extends DocumentKind>(
  { id, kind }: { readonly id: string; readonly kind: K },
  change: (body: Bodies[K]) => Bodies[K],
): void {
  const { documents } = getState();
  const old = documents[id];
  if (old?.kind !== kind) return;
  const next = change(old.body as Bodies[K]);
  if (next !== old.body)
    setState({ documents: { ...documents, [id]: { ...old, body: next } as Document }, changed: true });
}

/** Adds a document at the end of its kind; returns its id. */
export function addDocument<K extends DocumentKind>(
  kind: K,
  id: string,
  body: Bodies[K],
  words: string,
): string {
  edit(words, (documents) => {
    const order =
      Math.max(0, ...Object.values(documents).map((one) => (one.kind === kind ? one.order : 0))) + 1;
    return { ...documents, [id]: { id, kind, order, body } as Document };
  });
  return id;
}

export function removeDocument(id: string, words: string): void {
  edit(words, (documents) => {
    const next = { ...documents };
    delete next[id];
    return next;
  });
}

/** Takes back the latest edit of what a bench shows, and says which. */
export const undo = (scope: Scope): void => goTo('before', scope);

/** Brings back what was undone last on a bench, and says which. */
export const redo = (scope: Scope): void => goTo('after', scope);

const SAID = { before: ['undo', 'Undone'], after: ['redo', 'Redone'] } as const;

/** One side of an edit is put in; what pupils or another tab did to the same documents since stays. */
function goTo(side: 'before' | 'after', scope: Scope): void {
  const { history, documents } = getState();
  const [verb, done] = SAID[side];
  const taken = side === 'before' ? undoable(history, scope) : redoable(history, scope);
  if (!taken) return setState({ told: `There is nothing to ${verb} here.` });
  const other = side === 'before' ? 'after' : 'before';
  if (stands(taken, documents, other)) return moved(applied(documents, taken, side));
  void fetchScript(() => import('../merging/mergeDocuments')).then(({ mergeDocuments }) => {
    const now = getState();
    if (!now.history.past.includes(taken) && !now.history.future.includes(taken)) return;
    const next: Record<string, Document> = { ...now.documents };
    for (const change of taken.changes) {
      const theirs = next[change.id] ?? null;
      const { document, clashes } = mergeDocuments({ base: change[other], theirs, mine: change[side] });
      if (clashes.length > 0)
        return setState({
          // The next press goes on to what was done before it.
          history: without(now.history, taken),
          told: `Not ${done.toLowerCase()}, because it was changed elsewhere since: ${taken.words}.`,
        });
      if (document) next[change.id] = document;
      else delete next[change.id];
    }
    moved(next);
  });

  function moved(next: Documents): void {
    const { past, future } = without(getState().history, taken!);
    setState({
      documents: next,
      history:
        side === 'before'
          ? { past, future: [...future, taken!] }
          : { past: [...past, { ...taken!, at: -Infinity }], future },
      told: `${done}: ${taken!.words}.`,
      changed: true,
    });
  }
}

/** Says something in the corner that the page does not show by itself. */
export function tell(told: string): void {
  setState({ told });
}

/** Puts another workbook on the desk; its history starts anew. */
export function showWorkbook(
  workbook: Header,
  documents: Documents,
  desk: DocumentsState['desk'] = {},
  aside: readonly SetAside[] = [],
): void {
  const empty = { clashes: [], history: NO_HISTORY, told: '', changed: false };
  setState({ workbook, documents, desk, aside, ...empty });
}

export function renameWorkbook(title: string): void {
  setState({ workbook: { ...getState().workbook, title }, changed: true });
}
