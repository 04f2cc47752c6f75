import { newId } from '../documents/store/ids';

/**
 * Gives unchanged items at the front and back of a typed line their old
 * identity; changed ones between them keep theirs too, as far as they go.
 * What `carry` takes from an old item goes with its place. The very old list
 * comes back where nothing changed.
 */
export function mergeByText<T extends { readonly id: string }>(
  old: readonly T[],
  read: readonly T[],
  textOf: (item: T) => string,
  carry: (old: T, now: T) => Partial<T> = () => ({}),
): readonly T[] {
  const texts = old.map(textOf);
  let front = 0;
  while (front < old.length && front < read.length && texts[front] === textOf(read[front]!)) front++;
  let back = 0;
  while (
    back < old.length - front &&
    back < read.length - front &&
    texts[old.length - 1 - back] === textOf(read[read.length - 1 - back]!)
  )
    back++;
  if (front === old.length && front === read.length) return old;
  const middle = read.slice(front, read.length - back);
  const oldMiddle = old.slice(front, old.length - back);
  const kept = middle.map((item, index) => {
    const before = oldMiddle[index];
    return before ? { ...carry(before, item), ...item, id: before.id } : { ...item, id: newId() };
  });
  return [...old.slice(0, front), ...kept, ...old.slice(old.length - back)];
}
