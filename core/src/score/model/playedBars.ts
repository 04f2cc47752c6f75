import { playedOrder } from '../../time/bars';
import type { Score } from './score';
import type { SignKind } from './scoreSign';

/**
 * The bars of a piece in the order in which they are played: repeats with their endings, then what its signs say.
 * After *da capo* and *dal segno* no repeat is played again and the last ending is taken, to *Fine*, or by the sign
 * of the coda to the coda; each is followed once (common practice).
 */
export function playedBars({ bars, signs = [] }: Score): number[] {
  const order = playedOrder(bars);
  const barOf = (kind: SignKind): number => {
    const sign = signs.find((one) => one.kind === kind);
    return sign ? bars.findIndex(({ from, to }) => sign.at >= from && sign.at < to) : -1;
  };
  const [capo, segno] = [barOf('da-capo'), barOf('dal-segno')];
  const jump = segno >= 0 ? segno : capo;
  if (jump < 0) return order;
  const back = segno >= 0 ? Math.max(0, barOf('segno')) : 0;
  const [toCoda, coda, fine] = [barOf('to-coda'), barOf('coda'), barOf('fine')];
  const leaves = toCoda >= back && coda >= 0 ? toCoda : -1;
  const end = leaves >= 0 ? leaves : fine >= back ? fine : bars.length - 1;
  const again: number[] = [];
  for (let bar = back; bar <= Math.max(back, end); bar++) {
    if (bars[bar]!.ending === '1' && bars.slice(bar).some(({ ending }) => ending === '2')) continue;
    again.push(bar);
  }
  // Without a coda and a Fine the piece goes on behind the sign once more to its end.
  const rest = leaves >= 0 ? bars.flatMap((_, bar) => (bar >= coda ? [bar] : [])) : [];
  return [...order.slice(0, order.lastIndexOf(jump) + 1), ...again, ...rest];
}
