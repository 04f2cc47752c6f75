import { TheoryError } from '../errors';
import { signatureAlteration } from '../key/scale';
import { signatureFifths, type Key } from '../key/key';
import { noteName, type NoteName } from '../pitch/note';
import { expandFigures, figureNote, parseFigure, type Figure } from './figures';

/** Whether a figure moves to another over the same bass: `4-3`. */
export function isMoving(figure: string): boolean {
  return /[-–]/u.test(figure.slice(1));
}

/**
 * Notes over a figured bass whose figures move, before and after: `4-3`, `6-5 4-3`, `9-8 4-3`, `7 4-3`,
 * `8-7`, `4-#`. What stands beside them stays. `2-3` is a suspended bass: it is the bass that steps down
 * (common practice, thorough bass). Throws TheoryError `figures`.
 */
export function notesOfMovingFigures(
  bass: NoteName,
  figures: readonly string[],
  key: Key,
): { readonly before: NoteName[]; readonly after: NoteName[] } {
  const moves = figures.map((text) => ({ text, ...readMove(text) }));
  const ofBass = moves.find(({ from, to }) => from.number === 2 && to.number === 3);
  if (ofBass) {
    const before = upward(
      bass,
      expandFigures([{ number: 5, sign: null, raise: false }, ...moves.map(({ from }) => from)]),
      key,
    );
    return { before, after: [stepBelow(bass, key), ...before.slice(1)] };
  }
  const after = expandFigures(moves.map(({ to }) => to));
  const before = after.map((figure): Figure => {
    const move = moves.find(({ to }) => to.number === figure.number);
    return move ? move.from : figure;
  });
  return { before: upward(bass, before, key), after: upward(bass, after, key) };
}

/** The bass and the notes over it in the order of their figures, so that a ninth lies on top. */
function upward(bass: NoteName, full: readonly Figure[], key: Key): NoteName[] {
  const upper = full.filter(({ number }) => number !== 8).sort((a, b) => a.number - b.number);
  return [bass, ...upper.map((figure) => figureNote(bass, figure, key))];
}

/** A figure that moves, or one that stays as it is. */
function readMove(text: string): { readonly from: Figure; readonly to: Figure } {
  if (!isMoving(text)) {
    const figure = parseFigure(text);
    return { from: figure, to: figure };
  }
  const parts = text.trim().split(/\s*[-–]\s*/u);
  const [from, to] = parts.map(parseFigure);
  const steps = from && to ? Math.abs(from.number - to.number) : 0;
  if (parts.length !== 2 || steps > 1 || (steps === 0 && from!.sign === to!.sign))
    throw new TheoryError(
      'figures',
      text,
      'these figures do not move by step.',
      'Write two figures with a dash, such as 4-3, 7-6, 9-8, 6-5, 8-7 or 2-3.',
    );
  return { from: from!, to: to! };
}

/** The note a step under another in the signature of a key. */
function stepBelow({ step }: NoteName, key: Key): NoteName {
  const below = (step + 6) % 7;
  return noteName(below, signatureAlteration(signatureFifths(key), below));
}
