import type { Score } from '@diatonix/core';
import SVGtoPDF from 'svg-to-pdfkit';
import type { VexFlow } from '../surface';
import { layOut, type LayOutOptions } from '../score/layOut';
import { systemHeight, UNITS_A_MM } from '../score/scoreSvg';
import { PAPER_POINTS, type PaperName } from './sheetPdf';
import { INK, Writer, type Pdf } from './writer';

const MM = 72 / 25.4;
const MARGIN = 18 * MM;
const TITLE = { family: 'serif', weight: 600, size: 16 } as const;
const WORDS = { family: 'sans', size: 8 } as const;
const LABEL = { family: 'serif', weight: 600, size: 9 } as const;

export interface ScorePages extends Omit<LayOutOptions, 'width'> {
  readonly paper: PaperName;
}

/** Writes a piece on pages, as many systems on each as fit. */
export function writeScore(pdf: Pdf, vexflow: VexFlow, score: Score, { paper, ...rest }: ScorePages): void {
  const [wide, high] = PAPER_POINTS[paper];
  const scale = MM / UNITS_A_MM;
  const width = (wide - 2 * MARGIN) / scale;
  const writer = new Writer(pdf);
  let y = 0;
  const turn = () => {
    pdf.addPage({ size: [wide, high], margin: 0 });
    y = MARGIN;
  };
  turn();
  if (score.title !== '') {
    writer.write(score.title, MARGIN, y + TITLE.size, TITLE);
    y += 2 * TITLE.size;
  }
  for (const system of layOut(vexflow, score, { ...rest, width })) {
    const tall = systemHeight(system) * scale;
    if (y + tall > high - MARGIN && y > MARGIN) turn();
    const size = `viewBox="0 0 ${system.width + 10} ${system.height}"`;
    // Words are written by the fonts of the page, so that their accents and signs are there.
    const { signs, words } = divided(system.markup.replaceAll('currentColor', INK));
    SVGtoPDF(pdf, `<svg xmlns="http://www.w3.org/2000/svg" ${size}><g>${signs}</g></svg>`, MARGIN, y, {
      width: (system.width + 10) * scale,
      height: system.height * scale,
      assumePt: true,
      preserveAspectRatio: 'xMinYMin meet',
      fontCallback: () => 'bravura',
    });
    for (const { text, x, y: base, anchor } of words) {
      const at = MARGIN + x * scale;
      if (anchor === 'middle') writer.centred(text, at, y + base * scale, WORDS);
      else if (anchor === 'end') writer.right(text, at, y + base * scale, WORDS);
      else writer.write(text, at, y + base * scale, WORDS);
    }
    const below = y + system.height * scale;
    for (const { x, key, numeral } of system.labels) {
      writer.write(key, MARGIN + x * scale, below + LABEL.size, LABEL);
      writer.write(numeral, MARGIN + x * scale, below + 2.4 * LABEL.size, LABEL);
    }
    y += tall;
  }
}

interface Word {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** A word of a system, by its class. */
const WORD = new RegExp(
  '<text class="(?:lyric|part-name|bar-number|sign|tempo|finger|ending)" ' +
    'x="([^"]*)" y="([^"]*)"([^>]*)>([^<]*)</text>',
  'g',
);

const anchorOf = (attributes: string): Word['anchor'] =>
  attributes.includes('"middle"') ? 'middle' : attributes.includes('"end"') ? 'end' : 'start';

const UNESCAPED: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"' };

/** The signs of a system, and the words that stand in it: lyrics, names, numbers and signs. */
function divided(markup: string): { readonly signs: string; readonly words: readonly Word[] } {
  const words: Word[] = [];
  const signs = markup.replace(WORD, (_, x: string, y: string, rest: string, text: string) => {
    const plain = text.replace(/&(amp|lt|gt|quot);/g, (_sign, name: string) => UNESCAPED[name]!);
    words.push({ text: plain, x: Number(x), y: Number(y), anchor: anchorOf(rest) });
    return '';
  });
  return { signs, words };
}
