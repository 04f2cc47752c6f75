import { checkBody } from './checks/check';
import { nameOf, SINGLE_KINDS, type Document, type Kind } from './document';
import type { RawDocument } from './migrations/split';
import type { SetAside } from './store';

/** What came in: the sound documents, and those that are set aside with their reasons. */
export interface Admitted {
  readonly documents: readonly Document[];
  readonly aside: readonly SetAside[];
}

const MOST_REASONS = 3;
const LONGEST_ID = 200;

/**
 * The one door for documents, whatever way they came: each is checked by itself, and one that does not pass
 * is set aside as it was found. `order` counts where a document has none of its own.
 */
export function admit(raws: readonly (RawDocument & { readonly order?: unknown })[]): Admitted {
  const documents: Document[] = [];
  const aside: SetAside[] = [];
  raws.forEach((raw, at) => {
    const reasons = idReasons(raw, documents);
    if (reasons.length === 0) reasons.push(...checkBody(raw.kind, raw.body));
    const { id, kind, body } = raw;
    if (reasons.length > 0) {
      const name = nameOf({ kind: String(kind), body });
      aside.push({ id: String(id), name, reasons: reasons.slice(0, MOST_REASONS), raw: { id, kind, body } });
    } else {
      const order = typeof raw.order === 'number' && Number.isFinite(raw.order) ? raw.order : at + 1;
      documents.push({ id, kind: kind as Kind, order, body } as Document);
    }
  });
  return { documents, aside };
}

function idReasons({ id, kind }: RawDocument, before: readonly Document[]): string[] {
  if (typeof id !== 'string' || id === '' || id.length > LONGEST_ID) return ['It has no id.'];
  if (before.some((one) => one.id === id)) return [`Its id “${id}” is that of another document.`];
  const single = (SINGLE_KINDS as readonly unknown[]).includes(kind);
  return single && id !== kind ? [`Its id should be “${String(kind)}”.`] : [];
}
