import { sameValue } from '@diatonix/core';
import { FIRST, type Document, type DocumentKind, type SingleKind } from '../store/document';
import { KIND_PARTS } from './kindParts';
import { merged, type Clash, type Path } from './part';

/** One document as three: null where it is not there. */
export interface ThreeDocuments {
  readonly base: Document | null;
  readonly theirs: Document | null;
  readonly mine: Document | null;
}

export interface MergedDocument {
  readonly document: Document | null;
  readonly clashes: readonly Clash[];
}

/**
 * Two changes of a document as one. Whatever only one side changed is there; of what both changed to something else
 * mine stands, what one deleted and the other changed stays, and each is among the clashes with what does not stand.
 */
export function mergeDocuments({ base, theirs, mine }: ThreeDocuments): MergedDocument {
  const some = mine ?? theirs;
  if (!some || (theirs && mine && theirs.kind !== mine.kind)) return { document: some, clashes: [] };
  const part = KIND_PARTS[some.kind];
  const clashes: Clash[] = [];
  const bodies = {
    base: base?.kind === some.kind ? base.body : firstBody(some.kind, !theirs || !mine),
    theirs: theirs?.body,
    mine: mine?.body,
  };
  const body = merged(part, bodies, [], clashes);
  if (body === undefined) return { document: null, clashes };
  const order = mine && (!base || mine.order !== base.order) ? mine.order : (theirs ?? some).order;
  for (const one of [theirs, mine])
    if (one?.body === body && one.order === order) return { document: one, clashes };
  return { document: { ...some, order, body } as Document, clashes };
}

/** What both began from where neither says so: the one document of a kind begins with what the page shows first. */
function firstBody(kind: DocumentKind, isOneGone: boolean): unknown {
  if (isOneGone) return undefined;
  return Object.hasOwn(FIRST, kind) ? FIRST[kind as SingleKind] : {};
}

/** A document with a value at a path; null where the whole document goes. */
export function withPut(document: Document, path: Path, value: unknown): Document | null {
  if (path.length === 0) return value === undefined ? null : ({ ...document, body: value } as Document);
  const body = KIND_PARTS[document.kind].put(document.body, path, value);
  return sameValue(body, document.body) ? document : ({ ...document, body } as Document);
}
