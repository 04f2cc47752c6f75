import type PDFDocument from 'pdfkit';
import { fontFor, type FontName } from '../fontNames';

/** The fonts of a page as files. */
export type FontFiles = Readonly<Record<FontName, Uint8Array>>;

/** What of the PDF package is used: a document that is written to. */
export type Pdf = InstanceType<typeof PDFDocument>;

export const INK = '#1d2a3a';
export const SOFT = '#5c6675';
export const RED = '#b3261e';

export interface TextStyle {
  readonly family: 'sans' | 'serif';
  readonly weight?: 400 | 600;
  readonly size: number;
  readonly colour?: string;
}

const FAMILIES = { sans: 'Source Sans', serif: 'Source Serif' } as const;

/** Writes text whose accidentals come from the fonts that have them, in points. */
export class Writer {
  constructor(readonly pdf: Pdf) {}

  width(text: string, style: TextStyle): number {
    return this.runs(text, style).reduce((sum, run) => sum + this.pick(run).widthOfString(run.text), 0);
  }

  /** Writes one line with its baseline at `y`; gives where it ends. */
  write(text: string, x: number, y: number, style: TextStyle): number {
    let at = x;
    for (const run of this.runs(text, style)) {
      const width = this.pick(run).widthOfString(run.text);
      this.pdf
        .fillColor(style.colour ?? INK)
        .text(run.text, at, y, { lineBreak: false, baseline: 'alphabetic' });
      at += width;
    }
    return at;
  }

  centred(text: string, middle: number, y: number, style: TextStyle): void {
    this.write(text, middle - this.width(text, style) / 2, y, style);
  }

  right(text: string, end: number, y: number, style: TextStyle): void {
    this.write(text, end - this.width(text, style), y, style);
  }

  /** Lines of a text that are no wider than the room. */
  lines(text: string, room: number, style: TextStyle): string[] {
    const lines: string[] = [];
    let line = '';
    for (const word of text.split(/\s+/)) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line !== '' && this.width(longer, style) > room) {
        lines.push(line);
        line = word;
      } else line = longer;
    }
    return line === '' ? lines : [...lines, line];
  }

  rule(x: number, y: number, width: number, colour = SOFT, thick = 0.6): void {
    this.pdf
      .moveTo(x, y)
      .lineTo(x + width, y)
      .lineWidth(thick)
      .strokeColor(colour)
      .stroke();
  }

  private pick({ name, size }: Run): Pdf {
    return this.pdf.font(name).fontSize(size);
  }

  private runs(text: string, { family, weight = 400, size }: TextStyle): Run[] {
    const runs: { text: string; name: FontName; size: number }[] = [];
    for (const char of text) {
      const { name, adjust } = fontFor(char, FAMILIES[family], weight);
      const last = runs[runs.length - 1];
      if (last?.name === name) last.text += char;
      else runs.push({ text: char, name, size: size * adjust });
    }
    return runs;
  }
}

interface Run {
  readonly text: string;
  readonly name: FontName;
  readonly size: number;
}
