/** MusicXML as other programs write it, put together for tests. */
import { parseMetre, printLength, printNote, type Score } from '../src';
import { readScoreFile } from '../src/format';

export const piece = { title: 'Tide Table', fifths: 0, metre: parseMetre('4/4') };
export const bytes = (text: string) => new TextEncoder().encode(text);

export const note = (step: string, octave: number, duration: number, more = '') =>
  `<note>${more.includes('<chord/>') ? '<chord/>' : ''}<pitch><step>${step}</step><octave>${octave}</octave></pitch>` +
  `<duration>${duration}</duration>${more.replace('<chord/>', '')}</note>`;
export const attributes =
  '<attributes><divisions>2</divisions><key><fifths>0</fifths></key>' +
  '<time><beats>4</beats><beat-type>4</beat-type></time></attributes>';
export const partwise = (...parts: readonly (readonly string[])[]) =>
  '<score-partwise><part-list>' +
  parts
    .map((_, at) => `<score-part id="P${at}"><part-name>Part ${at + 1}</part-name></score-part>`)
    .join('') +
  '</part-list>' +
  parts
    .map(
      (measures, at) =>
        `<part id="P${at}">${measures.map((m, bar) => `<measure number="${bar + 1}">${m}</measure>`).join('')}</part>`,
    )
    .join('') +
  '</score-partwise>';
export const written = (text: string): Score => readScoreFile('piece.musicxml', bytes(text)).value;
export const onsets = (score: Score, part: number) =>
  score.notes
    .filter((one) => one.part === part && one.note)
    .map((one) => `${printNote(one.note!)}@${printLength(one.onset)}`);
