import type { Score } from '@diatonix/core';
import type { StemmableNote } from 'vexflow/bravura';
import type { NotationPiece } from './pieces';

/** Whether a piece says which of its notes are beamed: those without a beam stand alone then. */
export function tellsBeams(score: Score): boolean {
  const known = TELLS.get(score) ?? score.notes.some(({ beam }) => beam !== undefined);
  TELLS.set(score, known);
  return known;
}

const TELLS = new WeakMap<Score, boolean>();

/**
 * The beams of a voice in a bar as they are written; null where what is told makes no sense, as after an edit: then
 * they follow the metre.
 */
export function toldBeams(
  pieces: readonly NotationPiece[],
  notes: readonly StemmableNote[],
): StemmableNote[][] | null {
  const beams: StemmableNote[][] = [];
  let open: StemmableNote[] | null = null;
  for (const [at, { beam, kind, places, value }] of pieces.entries()) {
    if (kind === 'gap' || places.length === 0) {
      // A rest may stand under a beam; it is not joined.
      continue;
    }
    const isShort = !/[whq]/.test(value.code);
    if (beam === null) {
      if (open) return null;
      continue;
    }
    if (!isShort || (beam === 'begin') !== (open === null)) return null;
    open ??= [];
    open.push(notes[at]!);
    if (beam !== 'end') continue;
    if (open.length < 2) return null;
    beams.push(open);
    open = null;
  }
  return open ? null : beams;
}
