import type { Document, Documents } from './document';

/** A document before and after an edit; null where it did not exist. */
export interface Change {
  readonly id: string;
  readonly before: Document | null;
  readonly after: Document | null;
}

/** One edit, as it is undone: what it did in words, and the documents that it changed. */
export interface Edit {
  readonly words: string;
  readonly changes: readonly Change[];
  /** Edits of one burst are undone as one. */
  readonly burst?: string;
  readonly at: number;
}

export interface History {
  readonly past: readonly Edit[];
  readonly future: readonly Edit[];
}

export const NO_HISTORY: History = { past: [], future: [] };

/** What a bench shows: kinds of document, and of those with many the one that is open. */
export interface Scope {
  readonly kinds: readonly string[];
  readonly open: readonly string[];
}

const BURST_MS = 1000;
const LIMIT = 500;

/** The history with one more edit. Within a burst the state before it stays the one to go back to. */
export function recorded({ past, future }: History, edit: Edit): History {
  const last = past[past.length - 1];
  const joins =
    edit.burst !== undefined &&
    last?.burst === edit.burst &&
    edit.at - last.at < BURST_MS &&
    last.changes.length === edit.changes.length &&
    last.changes.every((change, at) => change.after === edit.changes[at]!.before);
  const touched = new Set(edit.changes.map(({ id }) => id));
  const kept = future.filter(({ changes }) => !changes.some(({ id }) => touched.has(id)));
  if (!joins) return { past: [...past, edit].slice(-LIMIT), future: kept };
  const changes = edit.changes.map((change, at) => ({ ...change, before: last.changes[at]!.before }));
  return { past: [...past.slice(0, -1), { ...edit, changes }], future: kept };
}

/** The edit that undoing takes back on a bench: its latest. */
export const undoable = ({ past }: History, scope: Scope): Edit | null =>
  past.findLast((one) => isIn(one, scope)) ?? null;

/** The edit that redoing brings back. */
export const redoable = ({ future }: History, scope: Scope): Edit | null =>
  future.findLast((one) => isIn(one, scope)) ?? null;

/** The history without an edit. */
export const without = ({ past, future }: History, edit: Edit): History => ({
  past: past.filter((one) => one !== edit),
  future: future.filter((one) => one !== edit),
});

/** The documents with one side of an edit put in. */
export function applied(documents: Documents, edit: Edit, side: 'before' | 'after'): Documents {
  const next = { ...documents };
  for (const change of edit.changes) {
    const document = change[side];
    if (document) next[change.id] = document;
    else delete next[change.id];
  }
  return next;
}

/** The changes from one state of the documents to another. */
export function changesBetween(before: Documents, after: Documents): Change[] {
  const ids = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...ids].flatMap((id): Change[] =>
    before[id] === after[id] ? [] : [{ id, before: before[id] ?? null, after: after[id] ?? null }],
  );
}

/** Whether the documents are as one side of an edit has them. */
export function stands(edit: Edit, documents: Documents, side: 'before' | 'after'): boolean {
  return edit.changes.every((change) => (documents[change.id] ?? null) === change[side]);
}

/** Whether an edit is of what the bench shows: the document that is open, or one that was added or removed. */
function isIn({ changes }: Edit, { kinds, open }: Scope): boolean {
  return changes.every(({ id, before, after }) => {
    const kind = (after ?? before)!.kind;
    return kinds.includes(kind) && (id === kind || open.includes(id) || before === null || after === null);
  });
}
