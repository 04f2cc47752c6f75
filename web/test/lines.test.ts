/** The Progressions bench in time: bars, and listening. */
import {
  DEFAULT_LABEL_STYLE,
  parseKey,
  parseNote,
  placesOf,
  parseMetre,
  printNote,
  type FourNotes,
} from '@diatonix/core';
import { columnPlaceWords } from '../src/benches/progressions/placeWords';
import { GridColumns } from '../src/benches/progressions/columns';
import { deriveProgression } from '../src/benches/progressions/derive';
import { countInOf, secondsOf, soundingOf, type Version } from '../src/benches/progressions/listening';
import { NO_PARTS } from '../src/benches/progressions/useFourParts';
import type { Progression } from '../src/documents/kinds/progression/type';
import { progressionNow } from '../src/benches/progressions/desk';
import * as state from '../src/benches/progressions/state';
import { showDemo } from './demo';

const open = () => progressionNow()!.body;
const A = parseKey('A major');

beforeEach(showDemo);

/** The open line with a typed text, derived. */
function derived(text: string, part: Partial<Progression> = {}) {
  state.typeLine(text);
  return deriveProgression({ ...open(), ...part }, DEFAULT_LABEL_STYLE);
}

describe('bars', () => {
  test('places are said as bar and beat, halves and thirds of a beat as such', () => {
    const places = placesOf(
      [{ length: '1/2' }, { length: '2/3' }, { length: '17/6' }, {}],
      parseMetre('4/4'),
    );
    expect(places.map((place) => columnPlaceWords(place, DEFAULT_LABEL_STYLE))).toEqual([
      'measure 1 beat 1',
      'measure 1 beat 1½',
      'measure 1 beat 2 and 1/6',
      'measure 2 beat 1',
    ]);
    expect(columnPlaceWords(placesOf([{ length: '2' }], parseMetre('2/4'))[0]!, DEFAULT_LABEL_STYLE)).toBe(
      'measure 1',
    );
  });

  test('barlines, repeats and phrase ends stand after their columns', () => {
    const columns = new GridColumns().build(
      derived('|: I:1 V:1 | vi:2 :| ii:2 | I:2 |'),
      A,
      DEFAULT_LABEL_STYLE,
      null,
      open(),
      NO_PARTS,
    );
    expect(columns.map(({ before, after }) => [before, after])).toEqual([
      ['repeat', undefined], [undefined, 'single'], [undefined, 'repeat'], [undefined, 'single'],
      [undefined, undefined],
    ]); // prettier-ignore
  });

  test('lengths come from the line and go with it; other decisions stay with their chords', () => {
    state.typeLine('I IV V I');
    const id = open().columns[1]!.id;
    state.decide(id, { words: 'sails', ruling: { key: 'A major', numeral: 'IV' } });
    state.typeLine('| I:1 IV:1 | V I |');
    expect(open().columns[1]).toMatchObject({ id, length: '1', words: 'sails', ruling: { numeral: 'IV' } });
    state.typeLine('I IV V I');
    expect(open().columns.map(({ length }) => length)).toEqual([undefined, undefined, undefined, undefined]);
    state.typeLine('I ii V I');
    expect(open().columns[1]).toMatchObject({ id, words: 'sails' });
    expect(open().columns[1]!.ruling).toBeUndefined();
  });

  test('a chord put into a line with bars is as long as the one before it', () => {
    state.typeLine('| I:1 IV:1 |');
    state.addEntry({ kind: 'numeral', text: 'V' }, open().columns[0]!.id);
    expect(open().columns.map(({ length }) => length)).toEqual(['1', '1', '1']);
  });
});

describe('listening', () => {
  const four = (...notes: string[]) => notes.map(parseNote) as unknown as FourNotes;
  const version = (text: string, part: Partial<Version> = {}): Version => ({
    derived: derived(text),
    voices: [],
    pattern: 'block',
    tempo: 120,
    ...part,
  });

  test('repeats are played, columns last as long as they are written, and the mark goes along', () => {
    const line = soundingOf(version('|: I:1 V:1 :| I:3 |'), 'all');
    expect(line.map(({ column, seconds }) => [column, seconds])).toEqual([
      [0, 0.5],
      [1, 0.5],
      [0, 0.5],
      [1, 0.5],
      [2, 1.5],
    ]);
    expect(soundingOf(version('I V vi IV'), 'all', 1, 2).map(({ column }) => column)).toEqual([1, 2]);
  });

  test('one voice alone, and nothing where there are no voices', () => {
    const voices = [four('C#5', 'E4', 'A3', 'A2'), four('B4', 'E4', 'G#3', 'E3')];
    const tenor = soundingOf(version('I V', { voices }), 'tenor');
    expect(tenor.map(({ notes }) => notes.map(({ note }) => printNote(note)))).toEqual([['A3'], ['G#3']]);
    expect(soundingOf(version('I V'), 'tenor').every(({ notes }) => notes.length === 0)).toBe(true);
  });

  test('a melody is heard with its chords, note after note', () => {
    state.typeLine('I IV');
    state.typeMelody('C#5 B4 / A4');
    const line = soundingOf(
      {
        derived: deriveProgression(open(), DEFAULT_LABEL_STYLE),
        voices: [],
        pattern: 'block',
        tempo: 60,
      },
      'melody',
    );
    const melody = line.map(({ notes }) =>
      notes.slice(-2).map(({ note, from, to }) => `${printNote(note)} ${from}–${to}`),
    );
    expect(melody[0]).toEqual(['C#5 0–1', 'B4 1–2']);
    expect(melody[1]!.at(-1)).toBe('A4 0–2');
  });

  test('a broken chord is played in steps under a held bass', () => {
    const [column] = soundingOf(version('I', { pattern: 'broken' }), 'all');
    expect(column!.notes.map(({ from, to }) => [from, to])).toEqual([
      [0, 1],
      [0, 0.25],
      [0.25, 0.5],
      [0.5, 0.75],
      [0.75, 1],
    ]);
  });

  test('one bar of beats is counted in: three eighths a beat in six-eight', () => {
    expect(countInOf({ metre: '3/4', tempo: 60 })).toEqual({ beats: 3, seconds: 1 });
    expect(countInOf({ metre: '6/8', tempo: 60 })).toEqual({ beats: 2, seconds: 1.5 });
    expect(secondsOf(20_160, 120)).toBe(1);
  });
});
