import { displayNoteName, type LetterSystem } from '../pitch/print';
import { signatureFifths, type Key } from '../key/key';
import { signatureNotes } from '../key/scale';

/** `3 sharps · F♯ C♯ G♯`, `1 flat · B♭`, `no sharps or flats`. */
export function signatureWords(key: Key, letters: LetterSystem = 'english'): string {
  const fifths = signatureFifths(key);
  if (fifths === 0) return 'no sharps or flats';
  const count = Math.abs(fifths);
  const notes = signatureNotes(key).map((name) => displayNoteName(name, letters));
  if (count > 7) return `no ordinary signature · ${notes.join(' ')}`;
  return `${count} ${fifths > 0 ? 'sharp' : 'flat'}${count === 1 ? '' : 's'} · ${notes.join(' ')}`;
}

/** A printed signature as it is spoken: `three sharps`. */
export function signatureSaid(fifths: number): string {
  if (fifths === 0) return 'no sharps or flats';
  const count = Math.abs(fifths);
  return `${COUNTS[count] ?? count} ${fifths > 0 ? 'sharp' : 'flat'}${count === 1 ? '' : 's'}`;
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'];
