import {
  FIRST,
  type Bodies,
  type Document,
  type Documents,
  type ManyKind,
  type SingleKind,
} from './document';

/** The body of the one document of a kind, or what it begins with. */
export function bodyOf<K extends SingleKind>(documents: Documents, kind: K): Bodies[K] {
  const found = documents[kind];
  return (found?.kind === kind ? found.body : FIRST[kind]) as Bodies[K];
}

/** Every document of a kind, in order. The same list comes back while the documents are the same. */
export function documentsOf<K extends ManyKind>(documents: Documents, kind: K): readonly Document<K>[] {
  let lists = LISTS.get(documents);
  if (!lists) LISTS.set(documents, (lists = new Map()));
  let list = lists.get(kind);
  if (!list) {
    list = Object.values(documents)
      .filter((one) => one.kind === kind)
      .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
    lists.set(kind, list);
  }
  return list as readonly Document<K>[];
}

const LISTS = new WeakMap<Documents, Map<string, readonly Document[]>>();

/** The document of a kind that is open, or the first of them; null where there is none. */
export function openOf<K extends ManyKind>(
  documents: Documents,
  kind: K,
  open: string | undefined,
): Document<K> | null {
  const asked = open === undefined ? undefined : documents[open];
  return asked?.kind === kind ? (asked as Document<K>) : (documentsOf(documents, kind)[0] ?? null);
}

/** The documents by their ids. */
export function byId(documents: readonly Document[]): Record<string, Document> {
  return Object.fromEntries(documents.map((one) => [one.id, one]));
}
