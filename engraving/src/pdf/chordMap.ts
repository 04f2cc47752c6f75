import { layoutOf, type Question } from '@diatonix/core';
import { signed } from './numeral';
import { INK, RED, SOFT, type TextStyle, type Writer } from './writer';

/** What the drawing of a map needs of its cell. */
interface MapCell {
  readonly writer: Writer;
  readonly question: Question;
  readonly look: { readonly zoom: number; readonly answers: boolean };
  readonly small: TextStyle;
  readonly answer: TextStyle;
  readonly numeralAt: (text: string, middle: number, y: number, style: TextStyle) => void;
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly room: number;
  readonly ink: boolean;
}

/** The map of a key as a table: what stands in ink, blank rows empty or with what is right; gives where it ends. */
export function drawMap(
  { writer, question, look, small, answer, numeralAt }: MapCell,
  { x, y, room, ink }: Place,
): number {
  const { zoom } = look;
  const right = question.answers[0] as Readonly<Record<string, readonly (string | readonly string[])[]>>;
  const shown = layoutOf(question).rows;
  const order = ['numerals', 'symbols', 'qualities', 'notes'];
  const rows = [
    ...shown.map(([row, cells]) => [row, cells, false] as const),
    ...Object.entries(right).map(([row, cells]) => [row, cells, true] as const),
  ].sort((a, b) => order.indexOf(a[0]) - order.indexOf(b[0]));
  const [head, line] = [46 * zoom, 17 * zoom];
  const cell = (room - head - 4) / 7;
  let at = y;
  for (const [row, cells, blank] of [['', [1, 2, 3, 4, 5, 6, 7].map(String), false] as const, ...rows]) {
    at += line;
    if (!ink) continue;
    writer.write(row === '' ? 'degree' : row, x, at - 5, small);
    writer.rule(x, at, head + 7 * cell, SOFT, 0.4);
    cells.forEach((value, index) => {
      const middle = x + head + (index + 0.5) * cell;
      if (blank && !look.answers) return;
      const style = { ...answer, size: 8.5 * zoom, colour: row === '' ? SOFT : blank ? RED : INK };
      if (row === 'numerals') numeralAt(String(value), middle, at - 5, style);
      else {
        const text = signed(typeof value === 'string' ? value.replace(/-/g, ' ') : value.join(' '));
        const fits = Math.min(1, (cell - 3) / writer.width(text, style));
        writer.centred(text, middle, at - 5, { ...style, size: style.size * fits });
      }
    });
  }
  if (ink)
    for (let column = 0; column <= 7; column++)
      writer.pdf
        .moveTo(x + head + column * cell, y + 4)
        .lineTo(x + head + column * cell, at)
        .lineWidth(0.4)
        .strokeColor(SOFT)
        .stroke();
  return at + 4;
}
