import type { Score } from '@diatonix/core';
import type { VexFlow } from '../index';
import { layOut, type LaidOutSystem, type LayOutOptions } from './layOut';

/** A staff of 40 units is 7 mm high. */
export const UNITS_A_MM = 40 / 7;
/** Room under a system, of a row of labels, and of the title. */
const UNDER = 34;
const ROW = 26;
const TITLE = 58;

const INK = '#1d2a3a';

/** What the words of a picture look like. */
const STYLE =
  'text.lyric,text.bar-number,text.part-name,text.sign,text.tempo,text.finger,text.ending' +
  '{font-family:"Source Sans 3",sans-serif;font-size:16px}' +
  'text.bar-number,text.sign{font-style:italic;font-size:14px}text.tempo{font-weight:600}' +
  'text.finger,text.ending{font-size:13px}' +
  'text.title,text.numeral,text.key{font-family:"Source Serif 4",serif;font-weight:600}' +
  'text.title{font-size:30px}text.numeral,text.key{font-size:18px}';

const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => `&#${sign.codePointAt(0)};`);

/** A system as markup, with its rows of labels under it. */
export function systemMarkup({ markup, height, labels }: LaidOutSystem): string {
  const row = (name: 'numeral' | 'key', y: number) =>
    labels
      .filter((label) => label[name] !== '')
      .map(
        (label) => `<text class="${name}" x="${label.x.toFixed(1)}" y="${y}">${escaped(label[name])}</text>`,
      )
      .join('');
  return (
    markup + (labels.length === 0 ? '' : row('key', height + ROW - 8) + row('numeral', height + 2 * ROW - 8))
  );
}

/** How high a system is with its labels, in staff units. */
export const systemHeight = ({ height, labels }: LaidOutSystem): number =>
  height + UNDER + (labels.length > 0 ? 2 * ROW : 0);

export interface ScoreSvgOptions extends LayOutOptions {
  /** A rule that names the music font `Bravura`, where the picture carries it; empty where it does not. */
  readonly fontFace: string;
}

/**
 * A piece as one SVG, its systems below one another. Each bar of each staff is a group with `data-bar` (an upbeat is
 * 0) and `data-staff` (from 1 downward over all parts); signs of music are characters of SMuFL, words are text.
 */
export function scoreSvg(vexflow: VexFlow, score: Score, options: ScoreSvgOptions): string {
  const systems = layOut(vexflow, score, options);
  const wide = options.width + 10;
  const parts: string[] = [];
  let y = 0;
  if (score.title !== '') {
    parts.push(`<text class="title" x="0" y="36">${escaped(score.title)}</text>`);
    y = TITLE;
  }
  for (const system of systems) {
    parts.push(`<g class="system" transform="translate(0 ${y})">${systemMarkup(system)}</g>`);
    y += systemHeight(system);
  }
  const mm = (units: number) => `${Math.round((units / UNITS_A_MM) * 100) / 100}mm`;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(wide)}" height="${mm(y)}" ` +
    `viewBox="0 0 ${wide} ${y}" color="${INK}" fill="currentColor">` +
    `<style>${options.fontFace}${STYLE}</style>${parts.join('')}</svg>`
  );
}
