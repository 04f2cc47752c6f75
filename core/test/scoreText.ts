/** MusicXML as short as it can be written, for tests. */
import { parseMetre, placesOf } from '../src';
import type { LineFile } from '../src/format';

export const attributes = (more = '', fifths = 0, divisions = '1') =>
  `<attributes><divisions>${divisions}</divisions><key><fifths>${fifths}</fifths></key>` +
  `<time><beats>4</beats><beat-type>4</beat-type></time>${more}</attributes>`;
export const note = (pitch: string, duration: number | string = 4, more = '') => {
  const [, step, signs, octave] = /^([A-G])([#b]*)(\d)$/.exec(pitch)!;
  const alter = signs === '' ? '' : `<alter>${signs!.length * (signs!.startsWith('#') ? 1 : -1)}</alter>`;
  const sounding = `<pitch><step>${step}</step>${alter}<octave>${octave}</octave></pitch>`;
  // What makes it a note of a chord or a grace note comes first in the element.
  const leads = /^<(?:chord|grace)/.test(more);
  const after = `<duration>${duration}</duration>${leads ? '' : more}`;
  return `<note>${leads ? more : ''}${sounding}${after}</note>`;
};
export const chord = (pitches: string, duration: number | string = 4, more = '') =>
  pitches
    .split(' ')
    .map((pitch, at) => note(pitch, duration, at === 0 ? more : '<chord/>'))
    .join('');
export const measures = (...bars: string[]) =>
  bars.map((bar, at) => `<measure number="${at + 1}">${bar}</measure>`).join('');
export const score = (...parts: string[]) =>
  `<?xml version="1.0"?><score-partwise version="4.0"><part-list/>${parts
    .map((part, at) => `<part id="P${at + 1}">${part}</part>`)
    .join('')}</score-partwise>`;

/** Bar and beat of each column, counted as the line itself counts them. */
export const timesOf = ({ columns, metre, upbeat }: LineFile) =>
  placesOf(columns, parseMetre(metre), upbeat).map(({ bar, beat }) => `${bar}:${beat}`);
