import { parseKey, printedFifths } from '../../../key/key';
import { CLEFS, signatureAlteration, type Clef } from '../../../key/scale';
import { modulo, staffPosition, type Note, type Step } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { topLine } from '../../ask/onStaff';
import type { Given } from '../../ask/question';
import { READ_FROM_STAFF, type Mistake } from '../mistake';

const FIELDS = ['from', 'to', 'note', 'bass', 'notes', 'earlier'];

/** Every note that stands on the staff, read otherwise. */
function reread(given: Given, read: (note: Note) => Note): Given {
  const next: Record<string, unknown> = { ...given };
  for (const field of FIELDS) {
    const value = given[field];
    const one = (text: string) => printNote(read(parseNote(text)));
    if (typeof value === 'string') next[field] = one(value);
    else if (Array.isArray(value)) next[field] = (value as string[]).map(one);
  }
  return next;
}

const fifthsOf = (given: Given): number => printedFifths(parseKey(String(given['key'])));
const kinds = READ_FROM_STAFF;

const signatureForgotten: Mistake = {
  id: 'signature-forgotten',
  kinds,
  misreads(given) {
    const fifths = fifthsOf(given);
    return fifths === 0
      ? []
      : [reread(given, (note) => (isSigned(note, fifths) ? { ...note, alteration: 0 } : note))];
  },
};

/** Whether a note has its accidental from the signature. */
const isSigned = ({ step, alteration }: Note, fifths: number) =>
  alteration !== 0 && alteration === signatureAlteration(fifths, step);

const signatureNoteForgotten: Mistake = {
  id: 'signature-accidental-forgotten',
  kinds,
  misreads(given) {
    const fifths = fifthsOf(given);
    return [0, 1, 2, 3, 4, 5, 6]
      .filter((step) => signatureAlteration(fifths, step) !== 0)
      .map((step) =>
        reread(given, (note) =>
          note.step === step && isSigned(note, fifths) ? { ...note, alteration: 0 } : note,
        ),
      );
  },
};

const accidentalForgotten: Mistake = {
  id: 'accidental-forgotten',
  kinds,
  misreads(given) {
    const fifths = fifthsOf(given);
    const plain = (note: Note): Note => ({ ...note, alteration: signatureAlteration(fifths, note.step) });
    const altered = notesIn(given).filter((note) => plain(note).alteration !== note.alteration);
    const one = altered.map((left) =>
      reread(given, (note) => (printNote(note) === printNote(left) ? plain(note) : note)),
    );
    return altered.length > 1 ? [...one, reread(given, plain)] : one;
  },
};

function notesIn(given: Given): Note[] {
  const notes: Note[] = [];
  reread(given, (note) => {
    notes.push(note);
    return note;
  });
  return notes;
}

const carriedOctave: Mistake = {
  id: 'accidental-carried-to-octave',
  kinds: ['interval-name'],
  misreads(given) {
    const [from, to] = [parseNote(String(given['from'])), parseNote(String(given['to']))];
    if (from.step !== to.step || from.octave === to.octave || from.alteration === to.alteration) return [];
    return [{ ...given, to: printNote({ ...to, alteration: from.alteration }) }];
  },
};

/** The accidental of a note earlier in the bar: forgotten where it holds, carried on where it does not. */
const ofTheBar: readonly Mistake[] = [
  {
    id: 'accidental-of-bar-forgotten',
    kinds: ['note-name'],
    misreads: (given) => inBar(given, true),
  },
  {
    id: 'accidental-carried-to-octave',
    kinds: ['note-name'],
    misreads: (given) => inBar(given, false),
  },
];

function inBar(given: Given, holds: boolean): readonly Given[] {
  const [text] = (given['earlier'] as string[] | undefined) ?? [];
  if (text === undefined) return [];
  const [earlier, note] = [parseNote(text), parseNote(String(given['note']))];
  if (earlier.step !== note.step || (earlier.octave === note.octave) !== holds) return [];
  const alteration = holds ? signatureAlteration(fifthsOf(given), note.step) : earlier.alteration;
  return [{ ...given, note: printNote({ ...note, alteration }) }];
}

const clefMisread: Mistake = {
  id: 'clef-misread',
  kinds,
  misreads(given) {
    const clef = given['clef'] as Clef;
    const fifths = fifthsOf(given);
    // The clefs that are learnt first are the likeliest (common practice).
    const others = CLEFS.filter((other) => other !== clef);
    return others.map((other) => reread(given, (note) => inClef(note, clef, other, fifths)));
  },
};

/** The note in the same place of another clef, with its printed accidental or else the signature's. */
function inClef(note: Note, clef: Clef, other: Clef, fifths: number): Note {
  return moved(note, topLine(other) - topLine(clef), fifths);
}

function moved(note: Note, places: number, fifths: number): Note {
  const position = staffPosition(note) + places;
  const step = modulo(position, 7) as Step;
  const printed = note.alteration !== signatureAlteration(fifths, note.step);
  return {
    step,
    octave: Math.floor(position / 7),
    alteration: printed ? note.alteration : signatureAlteration(fifths, step),
  };
}

const stepOff: Mistake = {
  id: 'step-off',
  kinds: ['note-name', 'interval-name', 'interval-build', 'figures-name'],
  misreads(given) {
    const fifths = fifthsOf(given);
    // Of two notes one is read a line or a space off.
    return ['from', 'to', 'note', 'bass'].flatMap((field) => {
      const value = given[field];
      if (typeof value !== 'string') return [];
      return [1, -1].map((places) => ({
        ...given,
        [field]: printNote(moved(parseNote(value), places, fifths)),
      }));
    });
  },
};

/** What is read wrongly from a staff, the likeliest first. */
export const READING_MISTAKES: readonly Mistake[] = [
  ...ofTheBar,
  signatureForgotten,
  accidentalForgotten,
  carriedOctave,
  clefMisread,
  signatureNoteForgotten,
  stepOff,
];
