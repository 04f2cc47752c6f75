/**
 * Notes outside the chord by what stands before and after them in their voice, suspensions with their figures, and
 * how they are said. The kinds by approach and departure: S. Kostka and D. Payne, Tonal Harmony, table of nonchord
 * tones (from memory; the cambiata as in Fux).
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  barsAfter,
  makeChord,
  midiNumber,
  nonChordSentence,
  parseLength,
  parseMetre,
  parseNote,
  printNote,
  analyseScore,
  sameNote,
  scoreChordSteps,
  staffPosition,
  type Note,
  type Sentence,
  type ScoreNote,
  type ScoreToRead,
  type Step,
} from '../src';
import { nonChordNotes } from '../src/score/reading/nonChord';
import { slicesOf } from '../src/score/reading/slices';
import { nonChordKind, neighboursOf, stepFrom } from '../src/score/reading/melodic';

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
  expect(nonChordKind(notes, neighboursOf(notes), at, notes[at]!.onset)).toBe(kind);
});

describe('beside another library', () => {
  const { source, centres, rows } = JSON.parse(
    readFileSync(join(__dirname, 'oracles', 'three-notes.json'), 'utf8'),
  ) as { source: string; centres: string[]; rows: string[] };
  const theirs = new Map(rows.map((row) => [row.slice(0, row.lastIndexOf(' ')), row.split(' ')[3]!]));
  const around = (centre: Note) =>
    [-3, -2, -1, 0, 1, 2, 3].flatMap((letters) =>
      [-1, 0, 1].map((alteration): Note => {
        const position = staffPosition(centre) + letters;
        return { step: (position % 7) as Step, alteration, octave: Math.floor(position / 7) };
      }),
    );
  const isChromatic = (a: Note, b: Note) => a.step === b.step && a.octave === b.octave;
  const isSecond = (a: Note, b: Note) =>
    Math.abs(staffPosition(a) - staffPosition(b)) === 1 &&
    [1, 2].includes(Math.abs(midiNumber(a) - midiNumber(b)));
  const triples = centres
    .map(parseNote)
    .flatMap((middle) =>
      around(middle).flatMap((first) => around(middle).map((last) => [first, middle, last] as const)),
    );

  test('passing and neighbour notes are those of music21 where both steps are seconds or chromatic', () => {
    expect(source).toContain('music21');
    const differ: string[] = [];
    let same = 0;
    for (const [first, middle, last] of triples) {
      const steps = [first, last].map((one) => isSecond(one, middle) || isChromatic(one, middle));
      const words = [first, middle, last].map(printNote).join(' ');
      const notes = voice(words);
      const ours = nonChordKind(notes, neighboursOf(notes), 1, notes[1]!.onset);
      const said = ours === 'passing' || ours === 'neighbour' ? ours : undefined;
      if (said === theirs.get(words)) same++;
      else if (steps.every(Boolean)) differ.push(`${words} ${said}`);
    }
    expect(same).toBeGreaterThan(1200);
    // There a neighbour goes back to the very note, and a passing note takes chromatic half steps in one way only.
    const isOurs = (words: string) => {
      const [first, middle, last] = words.split(' ').slice(0, 3).map(parseNote) as [Note, Note, Note];
      return words.endsWith('neighbour')
        ? !sameNote(first, last)
        : isChromatic(first, middle) || isChromatic(middle, last);
    };
    expect(differ.filter((words) => !isOurs(words))).toEqual([]);
  });
});

// J. J. Fux, Gradus ad Parnassum (1725), fourth species (from memory): a dissonance that is tied over falls a step to
// the next consonance: fourth to third, seventh to sixth, ninth to octave; below, the second to the third.
describe('suspensions as Fux resolves them', () => {
  const bass = ['C3', 'D3', 'E3', 'F3', 'G3', 'A3'];
  const above = (low: string, interval: number) => {
    const position = staffPosition(parseNote(low)) + interval - 1;
    return printNote({ step: (position % 7) as Step, alteration: 0, octave: Math.floor(position / 7) });
  };
  test.each([
    [4, 3],
    [7, 6],
    [9, 8],
  ])('%i–%i over every step of the scale', (held, resolved) => {
    for (const low of bass) {
      const upper = `${above(low, held)}:2 ${above(low, held)} ${above(low, resolved)}`;
      const notes = [...voice(upper), ...voice(`${above(low, 2)}:2 ${low}:2`, 1)];
      const at = 1;
      expect(nonChordKind(notes, neighboursOf(notes), at, notes[at]!.onset)).toBe('suspension');
      const [one] = nonChordNotes(
        notes,
        neighboursOf(notes),
        slicesOf({
          notes,
          bars: barsAfter(0, parseMetre('4/4'), notes[2]!.end),
          signatures: [],
          fermatas: [],
        }).slice(1, 2),
        makeChord(parseNote(low), [{ degree: 1, alteration: 0 }], parseNote(low)),
        null,
      );
      expect(one!.figures).toEqual([held, resolved]);
    }
  });

  test('the lowest voice, tied under a second, falls to the third: 2–3', () => {
    for (const high of bass.map((low) => above(low, 8))) {
      const [held, falls] = [above(high, 0), above(high, -1)];
      const notes = [...voice(`${high}:2 ${high}:2`), ...voice(`${held}:2 ${held} ${falls}`, 1)];
      const slices = slicesOf({
        notes,
        bars: barsAfter(0, parseMetre('4/4'), notes[1]!.end),
        signatures: [],
        fermatas: [],
      });
      const [one] = nonChordNotes(
        notes,
        neighboursOf(notes),
        slices.slice(1, 2),
        makeChord(parseNote(high), [{ degree: 1, alteration: 0 }], parseNote(high)),
        null,
      );
      expect([one!.kind, one!.figures]).toEqual(['suspension', [2, 3]]);
    }
  });
});

test('a note that is held into the moment is suspended where it falls, retarded where it rises', () => {
  for (const [line, kind] of [
    ['C5:2 B4', 'suspension'],
    ['B4:2 C5', 'retardation'],
  ] as const) {
    const notes = voice(line);
    expect(nonChordKind(notes, neighboursOf(notes), 0, notes[0]!.end / 2)).toBe(kind);
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
    const said = analyseScore(given).chords.flatMap(({ nonChord }) =>
      nonChord.map((one) => nonChordSentence(one, given.notes)),
    );
    expect(said.join(' ')).toContain(`a suspension ${figures}`);
  });
});

test('the steps of a chord say what sounds, what is foreign, the stack, the numeral and the cadence', () => {
  const given = score('C5:2 C5 B4 C5:4', 'E4:2 D4:2 E4:4', 'G3:2 G3:2 G3:4', 'C3:2 G2:2 C3:4');
  const reading = analyseScore(given);
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
