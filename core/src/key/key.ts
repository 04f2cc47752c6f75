import { attempt, TheoryError } from '../errors';
import { fromLineOfFifths, lineOfFifths, type NoteName, noteName, modulo } from '../pitch/note';
import { printNoteName, type LetterSystem } from '../pitch/print';
import { parseNoteName } from '../pitch/parse';
import { parseNoteNameIn } from '../pitch/letters';

export const MODES = ['major', 'minor', 'dorian', 'phrygian', 'lydian', 'mixolydian', 'locrian'] as const;
export type Mode = (typeof MODES)[number];

/** A tonic and a mode. The form of a minor scale is chosen where a scale is asked for. */
export interface Key {
  readonly tonic: NoteName;
  readonly mode: Mode;
}

const known = new Map<number, Key>();

/** The key of a tonic and mode; always the same object, so that what is derived from it can be kept. */
export function keyOf(tonic: NoteName, mode: Mode): Key {
  const place = (MODES.indexOf(mode) * 7 + tonic.step) * 7 + tonic.alteration + 3;
  let key = known.get(place);
  if (!key) known.set(place, (key = { tonic: noteName(tonic.step, tonic.alteration), mode }));
  return key;
}

/** How many fifths a mode's signature lies from that of the major key on the same tonic. */
const MODE_SHIFT: Record<Mode, number> = {
  major: 0,
  lydian: 1,
  mixolydian: -1,
  dorian: -2,
  minor: -3,
  phrygian: -4,
  locrian: -5,
};

export function sameKey(a: Key, b: Key): boolean {
  return a.mode === b.mode && a.tonic.step === b.tonic.step && a.tonic.alteration === b.tonic.alteration;
}

/** The signature so many half steps higher, or lower below zero; of two spellings the nearer. */
export function fifthsMoved(fifths: number, halfSteps: number): number {
  return modulo(fifths + 7 * halfSteps + 6, 12) - 6;
}

/** Sharps (positive) or flats (negative) of the key. Beyond ±7 the key is theoretical. */
export function signatureFifths(key: Key): number {
  return lineOfFifths(key.tonic) + MODE_SHIFT[key.mode];
}

/** Whether the key has an ordinary signature, of at most seven sharps or flats. */
export function hasOrdinarySignature(key: Key): boolean {
  return Math.abs(signatureFifths(key)) <= 7;
}

/**
 * Sharps or flats to print on a staff: none for a theoretical key, whose notes carry their own accidentals.
 */
export function printedFifths(key: Key): number {
  return hasOrdinarySignature(key) ? signatureFifths(key) : 0;
}

/** The keys on a tonic, of all modes, whose signature has all the places on the line of fifths. */
export function keysHolding(tonic: NoteName, places: Iterable<number>): Key[] {
  const all = [...places];
  return MODES.map((mode) => keyOf(tonic, mode)).filter((key) => {
    const fifths = signatureFifths(key);
    return all.every((place) => place >= fifths - 1 && place <= fifths + 5);
  });
}

/** The key of the given mode with this many sharps (positive) or flats. */
export function keyFromSignature(fifths: number, mode: Mode): Key {
  return keyOf(fromLineOfFifths(fifths - MODE_SHIFT[mode]), mode);
}

/** Whether chords take their dominant from a minor key (lowered third). */
export function isMinorLike(mode: Mode): boolean {
  return mode === 'minor' || mode === 'dorian' || mode === 'phrygian' || mode === 'locrian';
}

/** The key with the same signature in the other of major and minor. */
export function relativeKey(key: Key): Key {
  return keyFromSignature(signatureFifths(key), key.mode === 'major' ? 'minor' : 'major');
}

/** The key with the same tonic in the other of major and minor. */
export function parallelKey(key: Key): Key {
  return keyOf(key.tonic, isMinorLike(key.mode) ? 'major' : 'minor');
}

/** Steps between two keys on the circle of fifths, by their signatures; 0–… */
export function circleDistance(a: Key, b: Key): number {
  return Math.abs(signatureFifths(a) - signatureFifths(b));
}

/** Keys at most one step away on the circle of fifths: five others, in signature order (common practice). */
export function closelyRelated(key: Key): Key[] {
  const own = signatureFifths(key);
  const near: Key[] = [];
  for (const fifths of [own - 1, own, own + 1]) {
    for (const mode of ['major', 'minor'] as const) {
      const other = keyFromSignature(fifths, mode);
      if (!sameKey(other, key)) near.push(other);
    }
  }
  return near;
}

/** The 15 major or the 15 minor keys with ordinary signatures, seven flats to seven sharps. */
export function ordinaryKeys(mode: Mode): Key[] {
  const keys: Key[] = [];
  for (let fifths = -7; fifths <= 7; fifths++) keys.push(keyFromSignature(fifths, mode));
  return keys;
}

/** `F# minor`: plain, and read again by parseKey. */
export function printKey(key: Key): string {
  return `${printNoteName(key.tonic)} ${key.mode}`;
}

const MODE_WORDS: Record<string, Mode> = {
  major: 'major', maj: 'major', dur: 'major', ionian: 'major', majeur: 'major', maggiore: 'major', mayor: 'major',
  minor: 'minor', min: 'minor', m: 'minor', moll: 'minor', aeolian: 'minor', mineur: 'minor', minore: 'minor',
  menor: 'minor',
  dorian: 'dorian', phrygian: 'phrygian', lydian: 'lydian', mixolydian: 'mixolydian', locrian: 'locrian',
}; // prettier-ignore

/**
 * Reads `F# minor`, `Bb`, `a minor`, `Am`, `f#` (a small letter alone is a
 * minor key), `D dorian`, `E flat major`. Throws TheoryError `key`.
 */
export function parseKey(text: string, letters: LetterSystem = 'english'): Key {
  if (letters !== 'english') return parseForeignKey(text, letters);
  const match = /^\s*([A-Ga-g])\s*((?:sharp|flat|[#♯b♭x]|\uD834[\uDD2A\uDD2B])*)[\s:-]*([A-Za-z]*)\s*$/.exec(
    text,
  );
  if (!match) throw badKey(text);
  const signs = match[2]!.replace(/sharp/g, '#').replace(/flat/g, 'b');
  const word = match[3]!;
  const mode =
    word === ''
      ? /[a-g]/.test(match[1]!)
        ? 'minor'
        : 'major'
      : word === 'M'
        ? 'major'
        : MODE_WORDS[word.toLowerCase()];
  if (!mode) throw badKey(text);
  return keyOf(parseNoteName(match[1]! + signs), mode);
}

/**
 * `Fis-Dur`, `h-Moll`, `fis` (small alone is minor), `sol minor`, `Si bémol majeur`: a tonic in those letters
 * and a word for the mode. What is not read so is read in English.
 */
function parseForeignKey(text: string, letters: LetterSystem): Key {
  const plain = text
    .trim()
    .replace(/\s+(?:b[eé]mol(?:le)?|flat)\b/i, 'b')
    .replace(/\s+(?:di[eèé]se?|diesis|sharp)\b/i, '#');
  const match = /^(\S+?)(?:[\s-]+(\p{L}+))?$/u.exec(plain);
  if (!match) throw badKey(text);
  const [, tonic, word] = match as unknown as [string, string, string | undefined];
  const small = letters === 'german' && /^[a-h]/.test(tonic);
  const mode = word === undefined ? (small ? 'minor' : 'major') : MODE_WORDS[word.toLowerCase()];
  const name = attempt(() => parseNoteNameIn(tonic, letters));
  if (mode && name.ok) return keyOf(name.value, mode);
  return parseKey(text);
}

function badKey(text: string): TheoryError {
  return new TheoryError(
    'key',
    text,
    'this is not a key.',
    'Write a tonic and major, minor or a mode: A major, F# minor, D dorian.',
  );
}

/** The key that sounds the same with an ordinary signature; the key itself where it has one. */
export function ordinaryKey(key: Key): Key {
  const fifths = signatureFifths(key);
  if (Math.abs(fifths) <= 7) return key;
  return keyFromSignature(fifths > 0 ? fifths - 12 : fifths + 12, key.mode);
}
