import { attempt, TheoryError } from '../errors';
import { isPerfectNumber, parseInterval, type Interval } from './interval';

const NUMBER_WORDS: readonly string[] = [
  'unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave',
  'ninth', 'tenth', 'eleventh', 'twelfth', 'thirteenth', 'fourteenth', 'fifteenth',
]; // prettier-ignore
const OTHER_WORDS: Readonly<Record<string, number>> = { prime: 1, eighth: 8, 'double octave': 15 };

/** A size without its spelling: it may be written in two ways. */
const TRITONE = /^tritone$/i;

/** A alone is augmented, and an article only before a word that says how large. */
const ARTICLE = /^(?:an?|the) (?=(?:maj|min|per|aug|dim|doubl|tripl|comp|oct|uni|tri))/i;
/** More than an octave, said as an octave and the rest: `an octave and a major third`, `compound major third`. */
const WIDER =
  /^(?:(?:compound|(?:(two|2) octaves|(?:one |1 )?(?:perfect )?octave)(?: (?:and|plus)| ?\+)(?: an?)?)) (.+)$/i;

/** An interval with octaves between its notes. A compound one that is wide already stays as it is. */
const widened = ({ number, deviation }: Interval, octaves: number): Interval => ({
  number: number > 8 ? number : number + 7 * octaves,
  deviation,
});

const QUALITIES: readonly (readonly [RegExp, string])[] = [
  [/^(?:perfect|perf\.?|per\.?)/i, 'P'],
  [/^(?:major|maj\.?)/i, 'M'],
  [/^(?:minor|min\.?)/i, 'm'],
  [/^(?:augmented|aug\.?)/i, 'A'],
  [/^(?:diminished|dim\.?)/i, 'd'],
  // Letters: a capital M is major, a small one minor; A and d may be said of either size.
  [/^[Pp](?![a-z])/, 'P'],
  [/^M(?![a-z])/, 'M'],
  [/^m(?![a-z])/, 'm'],
  [/^(?:A+|a+)(?![a-z])/, 'A'],
  [/^(?:d+|D+)(?![a-z])/, 'd'],
];

/**
 * Reads the name of an interval as pupils write it: `m6`, `P 5`, `perfect fourth`, `aug 2nd`, `doubly
 * diminished seventh`, and `5th` or `octave` where the plain one is perfect. Throws TheoryError `interval`.
 */
export function parseIntervalName(text: string): Interval {
  const said = text.trim().replace(/\s+/g, ' ').replace(ARTICLE, '');
  const strict = attempt(() => parseInterval(said));
  if (strict.ok) return strict.value;
  if (TRITONE.test(said))
    throw new TheoryError(
      'interval',
      text,
      'a tritone is a size, six half steps, that is written in two ways.',
      'Say whether it is an augmented fourth (A4) or a diminished fifth (d5).',
    );
  const wider = WIDER.exec(said);
  if (wider) return widened(parseIntervalName(wider[2]!), wider[1] ? 2 : 1);
  const parts = splitName(said);
  if (!parts) throw strict.error;
  const { quality, number } = parts;
  if (quality !== '') return parseInterval(`${quality}${number}`);
  if (isPerfectNumber(number)) return { number, deviation: 0 };
  throw new TheoryError(
    'interval',
    text,
    'the quality is missing.',
    'Say major or minor, augmented or diminished: M6, minor third.',
  );
}

/** Whether a name says major or minor of a perfect number, or perfect of another: a family that does not exist. */
export function familyConfused(text: string): 'major-for-perfect' | 'perfect-for-major' | null {
  const parts = splitName(text.trim().replace(/\s+/g, ' '));
  if (!parts) return null;
  const perfect = isPerfectNumber(parts.number);
  if (parts.quality === 'P') return perfect ? null : 'perfect-for-major';
  return perfect && /^[Mm]$/.test(parts.quality) ? 'major-for-perfect' : null;
}

/** Quality letters (empty where none is said) and number of a name. */
function splitName(said: string): { readonly quality: string; readonly number: number } | null {
  const times = /^(?:(doubly|double)|(triply|triple))[ -]/i.exec(said);
  const rest = times && !/^double octave/i.test(said) ? said.slice(times[0].length) : said;
  const found = QUALITIES.map(([pattern, letters]) => ({ match: pattern.exec(rest), letters })).find(
    ({ match }) => match,
  );
  const read = found?.match?.[0] ?? '';
  const number = numberOf(rest.slice(read.length).trim());
  if (number === null) return null;
  if (!found) return { quality: '', number };
  const repeated = /^(?:A+|a+|d+|D+)$/.test(read) ? read.length : 1;
  const count = rest === said ? repeated : times![1] ? 2 : 3;
  return { quality: found.letters.repeat(count), number };
}

function numberOf(text: string): number | null {
  const digits = /^(\d{1,2})(?:st|nd|rd|th)?$/i.exec(text);
  if (digits) return Number(digits[1]) >= 1 ? Number(digits[1]) : null;
  const word = text.toLowerCase();
  const at = NUMBER_WORDS.indexOf(word);
  return at >= 0 ? at + 1 : (OTHER_WORDS[word] ?? null);
}
