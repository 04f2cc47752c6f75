import { printedFifths } from '../../key/key';
import { CLEFS, signatureAlteration, type Clef } from '../../key/scale';
import { modulo, staffPosition, type Note, type Step } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import { printNote } from '../../pitch/print';
import { topLine } from '../generating/staffWriting';
import { clefIn, keyIn } from '../givenReading';
import type { OnStaff } from '../layout/staffLayout';
import type { Mistake } from './mistake';

/** What stands on a staff in a question, each note read by `read`. */
export type Reread<Given> = (given: Given, read: (note: string) => string) => Given;

const fifthsOf = (given: OnStaff): number => printedFifths(keyIn(given));
const each = (read: (note: Note) => Note) => (text: string) => printNote(read(parseNote(text)));

function notesOf<Given>(given: Given, reread: Reread<Given>): Note[] {
  const notes: Note[] = [];
  reread(given, (text) => {
    notes.push(parseNote(text));
    return text;
  });
  return notes;
}

/** Whether a note has its accidental from the signature. */
const isSigned = ({ step, alteration }: Note, fifths: number) =>
  alteration !== 0 && alteration === signatureAlteration(fifths, step);

const plain = (note: Note): Note => ({ ...note, alteration: 0 });

/** The whole signature is left out. */
export const signatureForgotten = <Given extends OnStaff>(reread: Reread<Given>): Mistake<Given> => ({
  id: 'signature-forgotten',
  inReading: true,
  misreads(given) {
    const fifths = fifthsOf(given);
    if (fifths === 0) return [];
    return [
      reread(
        given,
        each((note) => (isSigned(note, fifths) ? plain(note) : note)),
      ),
    ];
  },
});

/** One accidental of the signature is left out. */
export const signatureAccidentalForgotten = <Given extends OnStaff>(
  reread: Reread<Given>,
): Mistake<Given> => ({
  id: 'signature-accidental-forgotten',
  inReading: true,
  misreads(given) {
    const fifths = fifthsOf(given);
    return [0, 1, 2, 3, 4, 5, 6]
      .filter((step) => signatureAlteration(fifths, step as Step) !== 0)
      .map((step) =>
        reread(
          given,
          each((note) => (note.step === step && isSigned(note, fifths) ? plain(note) : note)),
        ),
      );
  },
});

/** A sign that stands before a note is left out: of one note, or of all. */
export const accidentalForgotten = <Given extends OnStaff>(reread: Reread<Given>): Mistake<Given> => ({
  id: 'accidental-forgotten',
  inReading: true,
  misreads(given) {
    const fifths = fifthsOf(given);
    const unsigned = (note: Note): Note => ({ ...note, alteration: signatureAlteration(fifths, note.step) });
    const altered = notesOf(given, reread).filter((note) => unsigned(note).alteration !== note.alteration);
    const one = altered.map((left) =>
      reread(
        given,
        each((note) => (printNote(note) === printNote(left) ? unsigned(note) : note)),
      ),
    );
    return altered.length > 1 ? [...one, reread(given, each(unsigned))] : one;
  },
});

/** The staff is read in another clef; among several notes that explains a wrong answer only by chance. */
export const clefMisread = <Given extends OnStaff>(
  reread: Reread<Given>,
  where: 'one note' | 'several' = 'several',
): Mistake<Given> => ({
  id: 'clef-misread',
  inReading: true,
  ...(where === 'several' ? { farFetched: true as const } : {}),
  misreads(given) {
    const clef = clefIn(given);
    const fifths = fifthsOf(given);
    // The clefs that are learnt first are the likeliest (common practice).
    return CLEFS.filter((other) => other !== clef).map((other) =>
      reread(
        given,
        each((note) => inClef(note, clef, other, fifths)),
      ),
    );
  },
});

/** One of the notes is read a line or a space off; `rereads` reads a single note each. */
export const stepOff = <Given extends OnStaff>(...rereads: readonly Reread<Given>[]): Mistake<Given> => ({
  id: 'step-off',
  inReading: true,
  misreads(given) {
    const fifths = fifthsOf(given);
    return rereads.flatMap((reread) =>
      [1, -1].map((places) =>
        reread(
          given,
          each((note) => moved(note, places, fifths)),
        ),
      ),
    );
  },
});

/** What is read wrongly from any staff, the likeliest first. */
export const staffReading = <Given extends OnStaff>(
  reread: Reread<Given>,
  where: 'one note' | 'several' = 'several',
): readonly Mistake<Given>[] => [
  signatureForgotten(reread),
  accidentalForgotten(reread),
  clefMisread(reread, where),
  signatureAccidentalForgotten(reread),
];

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
