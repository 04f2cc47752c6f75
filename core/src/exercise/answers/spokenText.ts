/** What people say in words where others write signs: sharps, flats, numbers, figures with spaces. */

/** A alone is a note. */
const ARTICLE = /^(?:the|an)\s+(?=\S{2})/i;

/** A text without the article before it and with single spaces. */
export const plainText = (text: string): string => text.trim().replace(/\s+/g, ' ').replace(ARTICLE, '');

/** Letters with their signs: `F sharp` is F#, `d-flat` db, `C double sharp` C##, `B natural` B. */
export function signsFromWords(text: string): string {
  return text.replace(
    /(^|[^A-Za-z])([A-Ga-g])(?:[\s-](double)[\s-]?|[\s-])(sharp|flat|natural)\b(?:\s*(-?\d)(?!\w))?/gi,
    (_, before: string, letter: string, twice?: string, word = '', octave = '') => {
      const sign = /^n/i.test(word) ? '' : /^s/i.test(word) ? '#' : 'b';
      return `${before}${letter}${sign.repeat(twice ? 2 : 1)}${octave}`;
    },
  );
}

/** A numeral with its signs and figures close to it, however they were typed: `V 6/5`, `vii 0 7`, `viiº7`. */
export function closeNumeral(text: string): string {
  return text
    .trim()
    .replace(/\s+(?=[°ºo0ø+]?\s*\d|[°ºoø+](?:\s|$|\/))/g, '')
    .replace(/(?<=[iv])[0O˚º∘°](?=$|[\d/\s])/g, 'o')
    .replace(/(?<=[iv])[Ø∅⌀](?=$|[\d/\s])/g, 'ø')
    .replace(/(?<=\d)\s*[-–]\s*(?=\d)/g, '/');
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'];

/** How many sharps (above 0) or flats (below) a text says; null where it says none: `three flats` is -3. */
export function signsCounted(text: string): number | null {
  const said = plainText(text).toLowerCase();
  if (/^(?:none|nothing|no (?:signature|accidentals|sharps (?:and|or|,)? ?(?:no )?flats))\.?$/.test(said))
    return 0;
  const found = /^(\d|[a-z]+) (sharp|flat)s?$/.exec(said);
  if (!found) return null;
  const count = /\d/.test(found[1]!) ? Number(found[1]) : COUNTS.indexOf(found[1]!);
  if (count < 0 || count > 7) return null;
  return found[2] === 'sharp' || count === 0 ? count : -count;
}
