import { printKey, printedFifths, signatureFifths, type Key } from '../../key/key';
import { atPosition, signatureAlteration, type Clef } from '../../key/scale';
import { lineOfFifths, staffPosition, type Note, type NoteName } from '../../pitch/note';
import type { Dice } from './dice';
import type { Accidentals, Material } from './material';

/** The lowest line of each clef, counted from C0. */
const LOWEST_LINE: Record<Clef, number> = { treble: 30, bass: 18, alto: 24, tenor: 22 };

/** The place of the upper line of a clef, counted from C0. */
export const topLine = (clef: Clef): number => LOWEST_LINE[clef] + 8;

/** Places of a staff with so many ledger lines over and under it. */
export function staffRange(clef: Clef, ledgerLines: number): { readonly low: number; readonly high: number } {
  const low = LOWEST_LINE[clef];
  return { low: low - 2 * ledgerLines, high: low + 8 + 2 * ledgerLines };
}

export function isOnStaff(note: Note, clef: Clef, ledgerLines: number): boolean {
  const { low, high } = staffRange(clef, ledgerLines);
  const place = staffPosition(note);
  return place >= low && place <= high;
}

/** How many ledger lines a note needs. */
export function ledgerLinesOf(note: Note, clef: Clef): number {
  const low = LOWEST_LINE[clef];
  const place = staffPosition(note);
  return place > low + 8
    ? Math.floor((place - low - 8) / 2)
    : place < low
      ? Math.floor((low - place) / 2)
      : 0;
}

/** Fifths from a signature within which teachers write notes under it: no F♭ and no double sharp in C. */
const NEAR = { low: -6, high: 10 };
const FAR = { low: -9, high: 15 };

/** Whether a note may be written under the signature of a key, as far as accidentals may go. */
export function isAllowed(name: NoteName, key: Key, accidentals: Accidentals): boolean {
  const fifths = printedFifths(key);
  const plain = name.alteration === signatureAlteration(fifths, name.step);
  const from = lineOfFifths(name) - signatureFifths(key);
  switch (accidentals) {
    case 'none':
      return plain && name.alteration === 0;
    case 'signature':
      return plain;
    case 'single':
      return Math.abs(name.alteration) <= 1 && from >= NEAR.low && from <= NEAR.high;
    case 'double':
      return Math.abs(name.alteration) <= 2 && from >= FAR.low && from <= FAR.high;
  }
}

/** A note of a staff by the dice: mostly as the signature has it, else with a sign, as far as signs may go. */
export function rollNote(
  dice: Dice,
  clef: Clef,
  key: Key,
  { accidentals, ledgerLines }: Material,
): Note | null {
  const { low, high } = staffRange(clef, ledgerLines);
  const note = atPosition(dice.between(low, high), printedFifths(key));
  if (accidentals === 'none' || accidentals === 'signature' || dice.chance(55))
    return isAllowed(note, key, accidentals) ? note : null;
  const most = accidentals === 'double' && dice.chance(50) ? 2 : 1;
  const altered = { ...note, alteration: dice.chance(50) ? most : -most };
  return isAllowed(altered, key, accidentals) ? altered : null;
}

/** Notes of these names upward from a place by the dice, so that all stand on the staff; null where they cannot. */
export function placeUp(
  dice: Dice,
  rising: (octave: number) => readonly Note[],
  clef: Clef,
  ledgerLines: number,
): readonly Note[] | null {
  const fitting: (readonly Note[])[] = [];
  for (let octave = 0; octave <= 7; octave++) {
    const notes = rising(octave);
    if (notes.every((note) => isOnStaff(note, clef, ledgerLines))) fitting.push(notes);
  }
  return fitting.length === 0 ? null : dice.pick(fitting);
}

/** What a signature and the signs of notes add to the difficulty. */
export function writingDifficulty(key: Key, notes: readonly NoteName[]): Record<string, number> {
  const fifths = printedFifths(key);
  const signs = notes.filter(({ step, alteration }) => alteration !== signatureAlteration(fifths, step));
  const double = signs.filter(({ alteration }) => Math.abs(alteration) > 1).length;
  return {
    ...(fifths === 0 ? {} : { signature: rounded(Math.abs(fifths) * 0.2) }),
    ...(signs.length > double ? { accidentals: rounded((signs.length - double) * 0.3) } : {}),
    ...(double > 0 ? { 'double accidentals': rounded(double * 0.8) } : {}),
  };
}

/** What ledger lines add. */
export function ledgerDifficulty(notes: readonly Note[], clef: Clef): Record<string, number> {
  const lines = notes.reduce((sum, note) => sum + ledgerLinesOf(note, clef), 0);
  return lines === 0 ? {} : { 'ledger lines': rounded(lines * 0.25) };
}

export function rounded(value: number): number {
  return Math.round(value * 10) / 10;
}

/** The clef and the key of a question on a staff, as they are given. */
export const staffGiven = (clef: Clef, key: Key) => ({ clef, key: printKey(key) });
