import { staffRange } from '../exercise/generating/staffWriting';
import type { Clef } from '../key/scale';
import { staffPosition, type Note } from '../pitch/note';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

/** The line or space of a note in a clef, counted from the lowest line (common practice), without its name. */
export function staffPlaceWords(note: Note, clef: Clef): string {
  const from = staffPosition(note) - staffRange(clef, 0).low;
  if (from === -1) return 'under the first line';
  if (from === 9) return 'over the fifth line';
  const ledger = (count: number, where: string) =>
    `${from % 2 === 0 ? 'on' : 'beyond'} ledger line ${count} ${where} the staff`;
  if (from < 0) return ledger(Math.floor(-from / 2), 'below');
  if (from > 9) return ledger(Math.floor((from - 8) / 2), 'above');
  return `${ORDINALS[Math.floor(from / 2)]} ${from % 2 === 0 ? 'line' : 'space'}`;
}
