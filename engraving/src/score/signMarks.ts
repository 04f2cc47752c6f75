import { numberOfMark, type ScoreSign, type SignKind } from '@diatonix/core';
import { UNDER_STAFF, type DrawnStaff } from './plan';
import { marksOf } from './noteMarks';
import type { DrawnSystem } from './engraveSystem';
import type { Made, SystemOptions } from './systemOptions';
import { escaped } from './systemMarks';

/** Letters of dynamics as signs of music (SMuFL U+E520 and on). */
const DYNAMICS: Readonly<Record<string, string>> = {
  ...{ p: '\uE520', m: '\uE521', f: '\uE522', r: '\uE523', s: '\uE524', z: '\uE525', n: '\uE526' },
};
const SEGNO = '\uE047';
const CODA = '\uE048';
/** Half the opening of a hairpin. */
const OPEN = 5;
const HOOK = 8;
const FINGER = 13;

/** Signs that are one sign of music, which stand before words. */
const GLYPHS: readonly SignKind[] = ['segno', 'coda'];
const rank = ({ kind }: ScoreSign) => (GLYPHS.includes(kind) ? 0 : 1);

const n = (value: number) => value.toFixed(1);
const line = (path: string, dashes = '') =>
  `<path d="${path}" fill="none" stroke="currentColor" stroke-width="1.2"` +
  `${dashes && ` stroke-dasharray="${dashes}"`}/>`;
const words = (name: string, x: number, y: number, text: string, middle = false) =>
  `<text class="${name}" x="${n(x)}" y="${n(y)}"${middle ? ' text-anchor="middle"' : ''}>${escaped(text)}</text>`;
const glyph = (x: number, y: number, text: string, size: number) =>
  `<text x="${n(x)}" y="${n(y)}" font-family="Bravura" font-size="${size}" fill="currentColor">${text}</text>`;

type Places = Pick<DrawnSystem, 'xs' | 'bars' | 'start'>;

/** The signs over and under the staves of a system, brackets of endings, and fingers where they are shown. */
export function signMarks(options: SystemOptions, made: readonly Made[], places: Places): string {
  const { score, plan, bars, dynamics = false } = options;
  const [begin, end] = [score.bars[bars[0]]!.from, score.bars[bars[1] - 1]!.to];
  const moments = [...places.xs].sort((a, b) => a[0] - b[0]);
  const right = places.bars[places.bars.length - 1]!;
  const xAt = (time: number): number => {
    const found = moments.findLast(([moment]) => moment <= time);
    return found ? found[1] : places.start;
  };
  const barEnd = (time: number) => {
    const bar = score.bars.findIndex(({ to }) => time < to);
    return places.bars[(bar < 0 ? bars[1] : bar + 1) - bars[0]] ?? right;
  };
  const drawn = plan.staves.flatMap((staff) => {
    // Signs at one moment stand one behind the other.
    let free = -Infinity;
    const own = (score.signs ?? []).filter((one) => staff.holds.includes(`${one.part} ${one.staff}`));
    const told = new Set(own.flatMap(({ kind, at }) => (kind === 'dynamic' ? [at] : [])));
    return own
      .filter((sign) => sign.at < end && (sign.to > begin || sign.at >= begin))
      .sort((a, b) => a.at - b.at || rank(a) - rank(b))
      .map((sign) => {
        const begins = sign.at < begin ? places.start - 10 : xAt(sign.at);
        const x = UNDER_STAFF.includes(sign.kind) ? begins : Math.max(begins, free);
        if (!UNDER_STAFF.includes(sign.kind))
          free = x + (GLYPHS.includes(sign.kind) ? 24 : 8 + 7 * sign.text.length);
        // A hairpin begins behind the dynamic that stands at its moment.
        const behind = sign.to > sign.at && told.has(sign.at) && UNDER_STAFF.includes(sign.kind) ? 28 : 0;
        const last = moments.findLast(([moment]) => moment < sign.to);
        const to = sign.to > end ? right - 4 : (last?.[1] ?? x) + 10;
        return signMarkup(
          sign,
          staff,
          { x: x + behind, to, end: barEnd(sign.at) - 4 },
          dynamics,
          sign.to <= end,
        );
      });
  });
  const silent = (score.noChord ?? [])
    .filter((at) => at >= begin && at < end)
    .map((at) => words('sign', xAt(at) - 6, plan.staves[0]!.top + plan.staves[0]!.signs, 'N.C.'));
  return [
    ...drawn,
    ...silent,
    ...endings(options, places),
    ...(dynamics ? made.flatMap((one) => fingers(options, one)) : []),
  ].join('');
}

function signMarkup(
  { kind, text }: ScoreSign,
  staff: DrawnStaff,
  { x, to, end }: { readonly x: number; readonly to: number; readonly end: number },
  dynamics: boolean,
  closes: boolean,
): string {
  const over = staff.top + staff.signs;
  const under = staff.top + staff.dynamics;
  switch (kind) {
    case 'dynamic':
      return dynamics ? glyph(x - 7, under, [...text].map((one) => DYNAMICS[one] ?? '').join(''), 34) : '';
    case 'louder':
    case 'softer': {
      if (!dynamics) return '';
      const [wide, narrow] = kind === 'louder' ? [to, x] : [x, to];
      const y = under - 6;
      return line(`M${n(wide)} ${n(y - OPEN)}L${n(narrow)} ${n(y)}L${n(wide)} ${n(y + OPEN)}`);
    }
    case '8va':
    case '8vb':
    case '15ma': {
      const y = over - 4;
      const hook = closes ? `V${n(y + HOOK)}` : '';
      return (
        words('sign', x - 8, over, kind) +
        line(`M${n(x + 24)} ${n(y)}H${n(Math.max(x + 28, to))}${hook}`, '4 3')
      );
    }
    case 'segno':
    case 'coda':
      return glyph(x - 8, over, kind === 'segno' ? SEGNO : CODA, 26);
    case 'to-coda':
    case 'da-capo':
    case 'dal-segno':
    case 'fine':
      // They stand at the end of what they close.
      return `<text class="sign" x="${n(end)}" y="${n(over)}" text-anchor="end">${escaped(text)}</text>`;
    case 'tempo':
      return words('tempo', x - 6, over, text);
    case 'words':
      return words('sign', x - 6, over, text);
  }
}

/** The brackets of endings over the first staff; an ending that goes on in the next system stays open. */
function endings({ score, plan, bars: [from, to] }: SystemOptions, { bars }: Places): string[] {
  const y = plan.staves[0]!.top + plan.staves[0]!.endings;
  const found: string[] = [];
  for (let bar = from; bar < to; bar++) {
    const { ending } = score.bars[bar]!;
    if (!ending || (bar > from && score.bars[bar - 1]!.ending === ending)) continue;
    let last = bar;
    while (last + 1 < to && score.bars[last + 1]!.ending === ending) last++;
    const begins = score.bars[bar - 1]?.ending !== ending;
    const closes = score.bars[last + 1]?.ending !== ending;
    const [left, right] = [bars[bar - from]! + 2, bars[last + 1 - from]! - 2];
    const hook = `V${n(y + 14)}`;
    found.push(
      line(`M${n(left)} ${n(begins ? y + 14 : y)}V${n(y)}H${n(right)}${closes ? hook : ''}`) +
        (begins ? words('ending', left + 6, y + 14, `${ending}.`) : ''),
    );
  }
  return found;
}

/** Fingers over a note, the highest note's on top. */
function fingers({ score }: SystemOptions, { note, piece }: Made): string[] {
  if (!piece.first) return [];
  const marks = marksOf(score, piece);
  const own = marks.flatMap((mark) => numberOfMark(mark, 'finger') ?? []);
  if (own.length === 0) return [];
  const x = note.getAbsoluteX() + note.getMetrics().notePx / 2;
  // They stand over the other signs of the note.
  const signed = marks.length > own.length ? FINGER : 0;
  const top = Math.min(...note.getYs(), note.getStemExtents().topY) - 8 - signed;
  return own.map((finger, at) => words('finger', x, top - FINGER * at, String(finger), true));
}
