import {
  attempt,
  numeralParts,
  parseKey,
  parseNumeral,
  type NumeralParts,
  type LabelStyle,
} from '@diatonix/core';
import type { TextStyle, Writer } from './writer';

const SIGNS: Readonly<Record<string, string>> = { '#': '♯', '##': '𝄪', b: '♭', bb: '𝄫' };
const QUALITY = { '': '', o: '°', ø: 'ø', '+': '+' } as const;

/** Letters of notes with signs as they are printed. */
export const signed = (text: string): string =>
  text.replace(
    /(?<![a-z])([A-G]?)(bb|b|##|#)(?![a-z])/g,
    (_, letter: string, sign: string) => letter + SIGNS[sign]!,
  );

/** The parts of a numeral in a key; null for what is none. */
export function numeralInPdf(text: string, key: string | null, school: LabelStyle): NumeralParts | null {
  const parts = attempt(() => {
    const own = parseKey(key ?? '');
    return numeralParts(parseNumeral(text, own), own, school);
  });
  return parts.ok ? parts.value : null;
}

/** Figures one above the other, the uppermost raised; gives where they end. */
export function writeFigures(
  writer: Writer,
  figures: readonly string[],
  x: number,
  y: number,
  style: TextStyle,
): number {
  const small = { ...style, size: style.size * (figures.length > 1 ? 0.62 : 0.7) };
  const up = figures.length > 1 ? 0.52 : 0.34;
  const ends = figures.map((figure, at) =>
    writer.write(signed(figure), x, y - style.size * (up - 0.58 * at), small),
  );
  return Math.max(x, ...ends) + 0.5;
}

/** A numeral set in type: quality raised, figures stacked, the target after a slash; gives where it ends. */
export function writeNumeral(
  writer: Writer,
  parts: NumeralParts,
  x: number,
  y: number,
  style: TextStyle,
): number {
  const small = { ...style, size: style.size * 0.7 };
  let at = writer.write(signed(parts.prefix) + parts.roman, x, y, style);
  if (parts.quality) at = writer.write(QUALITY[parts.quality], at, y - style.size * 0.3, small);
  if (parts.word) at = writer.write(signed(parts.word), at, y, small);
  if (parts.figures.length > 0) at = writeFigures(writer, parts.figures, at, y, style);
  if (parts.rest + parts.bass) at = writer.write(signed(parts.rest + parts.bass), at, y, small);
  if (!parts.target) return at;
  const joint = { slash: '/', of: ' of ', arrow: '→', none: '→' }[parts.joint];
  return writeNumeral(writer, parts.target, writer.write(joint, at, y, small), y, small);
}

/** How wide a numeral is when it is set in type. */
export function numeralWidth(writer: Writer, parts: NumeralParts, style: TextStyle): number {
  const small = { ...style, size: style.size * 0.7 };
  const own =
    writer.width(signed(parts.prefix) + parts.roman, style) +
    writer.width(QUALITY[parts.quality] + parts.word + parts.rest + parts.bass, small) +
    (parts.figures.length > 0 ? style.size * 0.45 : 0);
  return parts.target ? own + style.size * 0.3 + numeralWidth(writer, parts.target, small) : own;
}
