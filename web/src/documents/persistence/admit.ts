import { salvage, type LeftOut } from '../checks/salvage';
import { checkBody } from '../checks/check';
import { DOCUMENT_KINDS, nameOf, SINGLE_KINDS, type Document, type DocumentKind } from '../store/document';
import type { RawDocument } from '../migrations/split';
import type { SetAside } from '../store/store';

/** What came in: the sound documents, and what is set aside of them or in their place, with the reasons. */
export interface Admitted {
  readonly documents: readonly Document[];
  readonly aside: readonly SetAside[];
  /** The ids of documents that are not as they came: something was filled in or left out. */
  readonly mended: ReadonlySet<string>;
}

const MOST_REASONS = 3;
const LONGEST_ID = 200;

/**
 * The one door for documents, whatever way they came. Each is checked by itself: a missing field takes its default, a
 * part that cannot be read is set aside and does not take its document along, and a document that is nothing without
 * that part is set aside as it was found. `order` counts where a document has none of its own.
 */
export function admit(raws: readonly (RawDocument & { readonly order?: unknown })[]): Admitted {
  const documents: Document[] = [];
  const aside: SetAside[] = [];
  const mended = new Set<string>();
  raws.forEach((raw, at) => {
    const { id, kind, body } = raw;
    const reasons = idReasons(raw, documents);
    let sound: unknown = body;
    if (reasons.length === 0) {
      const wrong = checkBody(kind, body);
      const saved = wrong.length === 0 ? null : salvaged(kind, body);
      if (wrong.length > 0 && !saved) reasons.push(...wrong);
      if (saved) {
        sound = saved.body;
        mended.add(String(id));
        if (saved.left.length > 0) aside.push(partsOf(raw, saved.left));
      }
    }
    if (reasons.length > 0) {
      const name = nameOf({ kind: String(kind), body });
      aside.push({ id: String(id), name, reasons: reasons.slice(0, MOST_REASONS), raw: { id, kind, body } });
    } else {
      const order = typeof raw.order === 'number' && Number.isFinite(raw.order) ? raw.order : at + 1;
      documents.push({ id, kind: kind as DocumentKind, order, body: sound } as Document);
    }
  });
  return { documents, aside, mended };
}

function salvaged(kind: unknown, body: unknown): ReturnType<typeof salvage> {
  if (!(DOCUMENT_KINDS as readonly unknown[]).includes(kind)) return null;
  try {
    return salvage(kind as DocumentKind, body);
  } catch {
    // Nested too deeply to be copied: all of it is set aside.
    return null;
  }
}

/** What was left out of a document that is open without it. */
function partsOf({ id, kind, body }: RawDocument, left: readonly LeftOut[]): SetAside {
  const count = left.length === 1 ? 'a part' : `${left.length} parts`;
  return {
    id: String(id),
    name: `${count} of ${nameOf({ kind: String(kind), body })}`,
    reasons: left.slice(0, MOST_REASONS).map(({ reason }) => reason),
    raw: { id, kind, parts: left.map(({ path, raw }) => ({ at: path.join('.'), raw })) },
  };
}

function idReasons({ id, kind }: RawDocument, before: readonly Document[]): string[] {
  if (typeof id !== 'string' || id === '' || id.length > LONGEST_ID) return ['It has no id.'];
  if (before.some((one) => one.id === id)) return [`Its id “${id}” is that of another document.`];
  const single = (SINGLE_KINDS as readonly unknown[]).includes(kind);
  return single && id !== kind ? [`Its id should be “${String(kind)}”.`] : [];
}
