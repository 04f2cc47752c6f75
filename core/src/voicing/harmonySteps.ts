import { stepCost } from '../context/costs';
import type { Numeral } from '../label/numeral';

/** The same chord again. */
export const REPEAT = 0.25;
const COST = {
  /** The dominant that goes back to what leads to it, or loses its seventh (common practice: not written). */
  retrograde: 3,
  /** A cadential six-four that goes elsewhere than to the dominant, or comes from one. */
  cadential: 6,
  /** A phrase that closes from an inverted dominant. */
  weakClose: 2.5,
  /** The same from the subdominant. */
  plagalClose: 0.8,
};

/** What it costs to go from one chord to another in a harmonisation (common practice). */
export function harmonyStep(from: Numeral, to: Numeral): number {
  if (from === to) return REPEAT;
  if (from.target) return to.degree === from.target.degree && !to.target ? -1 : 1.3;
  if (to.target) return from.special === 'Cad' ? COST.cadential : 0.4;
  return stepCost(from.degree, to.degree) + unwritten(from, to);
}

const isDominant = ({ degree, target, special }: Numeral) =>
  target === null && special === null && (degree === 5 || degree === 7);
const hasSeventh = ({ members }: Numeral) => members.some(({ degree }) => degree === 7);

/** What steps cost that are not written: nothing for all others. */
function unwritten(from: Numeral, to: Numeral): number {
  if (from.special === 'Cad')
    return to.degree === 5 && isDominant(to) && to.lowest.degree === 1 ? 0 : COST.cadential;
  if (to.special === 'Cad') return isDominant(from) ? COST.cadential : 0;
  if (!isDominant(from)) return 0;
  if (to.degree === 2 || to.degree === 4) return COST.retrograde;
  return from.degree === 5 && to.degree === 5 && hasSeventh(from) && !hasSeventh(to) ? COST.retrograde : 0;
}

/** How a phrase closes: from the dominant in root position, or less firmly. */
export function closeCost(from: Numeral, to: Numeral): number {
  // A tonic that goes on closed before.
  if (to.degree !== 1 || to.target || (from.degree === 1 && !from.special)) return 0;
  if (from.degree === 5 && isDominant(from)) return from.lowest.degree === 1 ? 0 : COST.weakClose;
  return from.degree === 4 ? COST.plagalClose : COST.weakClose;
}
