/**
 * Notes outside the chord by what stands before and after them in their voice, suspensions with their figures, and
 * how they are said (common practice: the kinds as any harmony text has them).
 */
import {
  barsAfter,
  nonChordSentence,
  parseLength,
  parseMetre,
  parseNote,
  readScore,
  scoreChordSteps,
  type Sentence,
  type ScoreNote,
  type ScoreToRead,
} from '../src';
import { kindOf, neighboursOf, stepFrom } from '../src/score/melodic';

function voice(line: string, part = 0): ScoreNote[] {
  let at = 0;
  return line.split(' ').map((word) => {
    const [name, length = '1'] = word.split(':');
    const onset = at;
    at += parseLength(length);
    return { onset, end: at, note: parseNote(name!), part, voice: String(part) };
  });
}

function score(...lines: readonly string[]): ScoreToRead {
  const notes = lines.flatMap((line, part) => voice(line, part));
  const end = Math.max(...notes.map((note) => note.end));
  return {
    notes,
    bars: barsAfter(0, parseMetre('4/4'), end),
    signatures: [{ at: 0, fifths: 0 }],
    fermatas: [],
  };
}

const plain = (sentence: Sentence) =>
  sentence.map((part) => (typeof part === 'string' ? part : 'strong' in part ? part.strong : '·')).join('');

test.each([
  ['C5 D5 E5', 1, 'passing'],
  ['E5 D5 C5', 1, 'passing'],
  ['C5 C#5 D5', 1, 'passing'],
  ['C5 D5 C5', 1, 'neighbour'],
  ['C5 B4 C5', 1, 'neighbour'],
  ['C5 C5 B4', 1, 'suspension'],
  ['B4 B4 C5', 1, 'retardation'],
  ['D5:3/2 C5:1/2 C5', 1, 'anticipation'],
  ['C5 F5 E5', 1, 'appoggiatura'],
  ['C5 D5 A4', 1, 'escape'],
  ['D5 C5 A4 B4', 1, 'cambiata'],
  ['C5 D5 B4 C5', 1, 'double-neighbour'],
  ['C5 D5 B4 C5', 2, 'double-neighbour'],
  ['C5 G5 C5', 1, 'free'],
  ['C5', 0, 'free'],
] as const)('in %s note %i is: %s', (line, at, kind) => {
  const notes = voice(line);
  expect(kindOf(notes, neighboursOf(notes), at, notes[at]!.onset)).toBe(kind);
});

test('a note that is held into the moment is suspended where it falls, retarded where it rises', () => {
  for (const [line, kind] of [
    ['C5:2 B4', 'suspension'],
    ['B4:2 C5', 'retardation'],
  ] as const) {
    const notes = voice(line);
    expect(kindOf(notes, neighboursOf(notes), 0, notes[0]!.end / 2)).toBe(kind);
  }
});

test.each([
  ['C5', 'D5', 1],
  ['C5', 'B4', -1],
  ['C5', 'C#5', 1],
  ['F5', 'G#5', 1],
  ['C5', 'E5', 0],
  ['C5', 'C5', 0],
  ['B4', 'C5', 1],
])('from %s to %s is the step %i', (from, to, step) => {
  expect(stepFrom(parseNote(from), parseNote(to))).toBe(step);
});

test('in a voice of chords each note goes to the nearest of the next', () => {
  const both = [...voice('C4 D4'), ...voice('G4 F4')].map((note) => ({ ...note, voice: 'hand' }));
  const { before, after } = neighboursOf(both);
  expect([...after]).toEqual([1, -1, 3, -1]);
  expect([...before]).toEqual([-1, 0, -1, 2]);
});

test('after a long pause a voice begins anew', () => {
  const [first] = voice('C5');
  const late = { ...first!, onset: first!.end * 5, end: first!.end * 6, note: parseNote('D5') };
  expect([...neighboursOf([first!, late]).after]).toEqual([-1, -1]);
});

describe('suspensions say their figures', () => {
  test.each([
    ['4–3', ['C5:2 C5 B4 C5:4', 'E4:2 D4:2 E4:4', 'G3:2 G3:2 G3:4', 'C3:2 G2:2 C3:4']],
    ['7–6', ['E5:2 E5 D5 C5:4', 'G4:2 A4:2 G4:4', 'C4:2 A3:2 E4:4', 'C3:2 F3:2 C3:4']],
    ['9–8', ['D5:2 D5 C5 C5:4', 'G4:2 G4:2 G4:4', 'B3:2 E4:2 E4:4', 'G3:2 C3:2 C3:4']],
  ] as const)('%s', (figures, lines) => {
    const given = score(...lines);
    const said = readScore(given).chords.flatMap(({ nonChord }) =>
      nonChord.map((one) => nonChordSentence(one, given.notes)),
    );
    expect(said.join(' ')).toContain(`a suspension ${figures}`);
  });
});

test('the steps of a chord say what sounds, what is foreign, the stack, the numeral and the cadence', () => {
  const given = score('C5:2 C5 B4 C5:4', 'E4:2 D4:2 E4:4', 'G3:2 G3:2 G3:4', 'C3:2 G2:2 C3:4');
  const reading = readScore(given);
  expect(scoreChordSteps(given, reading, 1).map(plain)).toEqual([
    'Sounding: G, D, C, B. G comes more than once.',
    'C5 is held over, a suspension 4–3, and falls to B4.',
    'All of it is one chord: G B D.',
    'Stacked in thirds: G B D, lowest note G: root position.',
    '· in C major: in the scale.',
  ]);
  expect(plain(scoreChordSteps(given, reading, 2).at(-1)!)).toBe(
    'It ends the phrase with an authentic cadence.',
  );
});
