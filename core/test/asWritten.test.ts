/** What a file writes of beams, signs, grace notes and chords stays, in rows and out again (MusicXML 4.0, W3C). */
import { editNote, parseNote, rowsOfScore, scoreOfRows, type Score } from '../src';
import { readMusicXml } from '../src/format/musicxml';
import { writeScoreXml } from '../src/format/musicxml/writeScore';

const note = (step: string, duration: number, more = '', before = '') =>
  `<note>${before}<pitch><step>${step}</step><octave>4</octave></pitch>` +
  `${duration > 0 ? `<duration>${duration}</duration>` : ''}<voice>1</voice>${more}</note>`;
const EIGHTH = '<type>eighth</type>';
const beam = (what: string) => `<beam number="1">${what}</beam>`;

const HALF = '<type>half</type>';
const GRACE = '<type>16th</type>';
const FIRST = [
  '<attributes><divisions>2</divisions><time><beats>4</beats><beat-type>4</beat-type></time></attributes>',
  ...['begin', 'continue', 'end'].map((what, at) => note('CDE'[at]!, 1, EIGHTH + beam(what))),
  note('F', 1, EIGHTH),
  note('G', 4, `${HALF}<accidental>natural</accidental>`),
  note('A', 0, GRACE, '<grace/>'),
  note('G', 0, GRACE, '<grace/>'),
];
const SECOND = [
  note('C', 4, HALF),
  `<note><chord/><pitch><step>E</step><octave>4</octave></pitch><duration>6</duration>${HALF}</note>`,
  '<note print-object="no"><rest/><duration>4</duration><voice>1</voice></note>',
];
const XML =
  '<score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Flute</part-name></score-part>' +
  `</part-list><part id="P1"><measure number="1">${FIRST.join('')}</measure>` +
  `<measure number="2">${SECOND.join('')}</measure></part></score-partwise>`;

const { score } = readMusicXml(XML);
const again = (from: Score) => readMusicXml(writeScoreXml(from)).score;

const told = ({ notes }: Score) =>
  notes.map(({ kind, beam: own, sign, after, ticks }) => [
    kind,
    own ?? '',
    sign ?? false,
    after ?? false,
    ticks,
  ]);

test('beams, a sign that the bar does not need, and grace notes at the end of a bar', () => {
  const [c, d, e, f, g] = score.notes;
  expect([c, d, e, f].map((one) => one!.beam)).toEqual(['begin', 'continue', 'end', undefined]);
  expect(g!.sign).toBe(true);
  expect(score.notes.filter(({ kind }) => kind === 'grace').map(({ after }) => after)).toEqual([true, true]);
});

test('a note of a chord lasts no longer than the first and is in its voice; what is not printed is no rest', () => {
  const [first, second] = score.notes
    .filter(({ onset }) => onset === score.bars[1]!.from && score.notes.length > 0)
    .filter(({ kind }) => kind === 'note');
  expect(second!.ticks).toBe(first!.ticks);
  expect(second!.voice).toBe(first!.voice);
  expect(score.notes.some(({ kind }) => kind === 'rest')).toBe(false);
});

test('all of it comes back from rows, and from a file that is written', () => {
  expect(scoreOfRows(rowsOfScore(score)).notes).toEqual(score.notes);
  expect(told(again(score))).toEqual(told(score));
});

test('a note whose pitch is changed loses the sign that the file wrote, and keeps its beam', () => {
  const place = score.notes.findIndex(({ sign }) => sign);
  const edited = editNote(score, place, { kind: 'pitch', note: parseNote('A4') }).score;
  expect(edited.notes.some(({ sign }) => sign)).toBe(false);
  expect(edited.notes.filter(({ beam: own }) => own)).toHaveLength(3);
});
