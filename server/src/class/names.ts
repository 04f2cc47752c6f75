/** Names of pupils: what may stand in one, and when two of them are the same. The pages use it too. */

/** Characters of a name, counted as the page counts them in its field. */
export const LONGEST_NAME = 80;

/**
 * What is in no name: controls, halves of letters, ends of lines, and signs that turn the direction of what follows.
 * Joiners stay, which Persian and pictures of people are written with.
 */
const NO_NAME = /[\p{Cc}\p{Cs}\p{Zl}\p{Zp}\u202A-\u202E\u2066-\u2069\uFEFF]/u;

/** Letters that bear their accent within. */
const PLAIN: Readonly<Record<string, string>> = {
  ...{ ø: 'o', ł: 'l', đ: 'd', ß: 'ss', æ: 'ae', œ: 'oe', ı: 'i' },
};

/**
 * A name as it is known again: two that look alike are one, and so are one with and one without its accents. Without
 * case, without signs that are not seen, with single blanks of one kind. Marks that are no accents (of Hebrew, Thai or
 * Hindi) stay.
 */
export const nameKey = (name: string): string =>
  name
    .normalize('NFKC')
    .replace(/\p{Default_Ignorable_Code_Point}/gu, '')
    .replace(/[\s\p{Z}]+/gu, ' ')
    .trim()
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[øłđßæœı]/g, (letter) => PLAIN[letter]!)
    .normalize('NFKC');

/** A name as it is kept: one way of writing accents, single blanks. */
export const tidyName = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[\s\p{Z}]+/gu, ' ')
    .trim();

/** What is wrong with a name, said to the one who writes it; null where nothing is. */
export function nameProblem(name: string): string | null {
  if (NO_NAME.test(name))
    return 'There is a sign in this name that cannot be seen. Write the name again, letter by letter.';
  if (nameKey(name) === '') return 'Write your name.';
  if (tidyName(name).length > LONGEST_NAME)
    return `A name has at most ${LONGEST_NAME} letters here. Leave a part of it out.`;
  return null;
}
