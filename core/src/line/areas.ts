import { attempt } from '../errors';
import { parseKey, type Key } from '../key/key';

/**
 * The key of each place: the line's own, or the last one that was marked. A mark that cannot be read is
 * passed over.
 */
export function areasOf(columns: readonly { readonly key?: string }[], key: Key): Key[] {
  let current = key;
  return columns.map((column) => {
    const marked = column.key === undefined ? null : attempt(() => parseKey(column.key!));
    if (marked?.ok) current = marked.value;
    return current;
  });
}

/** Whether a mark of its own decides the key of each place: from the first mark on. */
export function isMarked(columns: readonly { readonly key?: string }[]): boolean[] {
  let marked = false;
  return columns.map(({ key }) => (marked ||= key !== undefined && attempt(() => parseKey(key)).ok));
}
