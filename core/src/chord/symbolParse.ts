import { TheoryError } from '../errors';
import { TextMemo } from '../memo';
import { parseNoteNameAt } from '../pitch/letters';
import type { NoteName } from '../pitch/note';
import type { LetterSystem } from '../pitch/print';
import { makeChord, sortMembers, type Chord, type Member } from './chord';
import { collectMembers, emptySuffix, readToken } from './suffix';

/**
 * Reads a chord symbol: C, Cm, C-7, Cmaj7, CM7, C△7, Cø7, Cm7b5, C°7, C+, C7#9,
 * C7(b9,#11), C6/9, Cadd9, Csus4, C13, C7alt, C/E … A 13 stands for the whole
 * stack to the thirteenth. Accidentals may be b # bb ## x or ♭ ♯ 𝄫 𝄪.
 * Roots and basses may be in German or fixed-do letters; a small German root is a minor chord. Throws TheoryError
 * `symbol` naming the part that was not understood.
 */
export function parseSymbol(text: string, letters: LetterSystem = 'english'): Chord {
  const trimmed = text.trim();
  const read = parseNoteNameAt(trimmed, 0, letters);
  if (!read)
    throw new TheoryError(
      'symbol',
      text,
      'a chord symbol starts with a root A–G in capitals.',
      'Write for example C, F#m7 or Bb7/D.',
    );
  // As German writes them, a small letter is a minor chord: a, fis7.
  const small = letters === 'german' && /^[a-h]/.test(trimmed);
  const slash = trimmed.lastIndexOf('/');
  const below = slash >= read.end ? parseNoteNameAt(trimmed, slash + 1, letters) : null;
  const bass = below?.end === trimmed.length ? below.name : undefined;
  const end = bass ? slash : trimmed.length;
  const written = trimmed.slice(read.end, end);
  if (small) return smallRoot(read.name, written, bass);
  const members = SUFFIXES.of(written, () => readSuffix(text, trimmed, read.end, end));
  return makeChord(read.name, members, bass);
}

/** A minor chord by its small root; what says a third of its own (dim, sus, ø, m) keeps it. */
function smallRoot(root: NoteName, written: string, bass: NoteName | undefined): Chord {
  const own = /^(?:m(?!aj)|dim|°|o|ø|sus|-|min)/.test(written);
  const { members } = parseSymbol(`C${own ? '' : 'm'}${written}`);
  return makeChord(root, members, bass);
}

/** Stacks by the text after the root: the same few suffixes come with every root. */
const SUFFIXES = new TextMemo<readonly Member[]>();

function readSuffix(text: string, trimmed: string, start: number, end: number): readonly Member[] {
  const suffix = emptySuffix();
  let at = start;
  while (at < end) {
    const next = readToken(trimmed, at, suffix, at === start);
    if (next <= at) throw notUnderstood(text, trimmed, at);
    at = next;
  }
  return sortMembers(collectMembers(suffix));
}

function notUnderstood(text: string, trimmed: string, at: number): TheoryError {
  const rest = trimmed.slice(at);
  if (rest[0] === '/')
    return new TheoryError(
      'symbol',
      text,
      `“${rest.slice(1)}” after the slash is not a bass note.`,
      'Write the lowest note after the slash: C/E.',
    );
  return new TheoryError(
    'symbol',
    text,
    `“${rest}” after “${trimmed.slice(0, at)}” is not understood.`,
    'Write for example m, maj7, m7b5, dim7, sus4, add9, b9, #11 or /E.',
  );
}
