/** A title that none of the others has: the same with a number behind it, from 2 on, where it is taken. */
export function freeTitle(title: string, taken: readonly string[]): string {
  if (title.trim() === '' || !taken.includes(title)) return title;
  let number = 2;
  while (taken.includes(`${title} (${number})`)) number++;
  return `${title} (${number})`;
}
