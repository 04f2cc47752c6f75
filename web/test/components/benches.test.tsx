/** @jest-environment <rootDir>/web/test/components/page.mjs */
/**
 * The first three benches as they stand on the page, in every key. Scales, triads, sevenths and intervals are compared
 * with tonal, a general-purpose library; names of degrees are common practice.
 */
import { keysInOrder } from '@diatonix/core';
import { act, cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { Chord, Interval, Key, Note } from 'tonal';
import { ChordsBench } from '../../src/benches/chords/ChordsBench';
import { CHORDS_DESK } from '../../src/benches/chords/state';
import { IntervalsBench } from '../../src/benches/intervals/IntervalsBench';
import { INTERVALS_DESK, typeIntervals } from '../../src/benches/intervals/state';
import { KeyBench } from '../../src/benches/key/KeyBench';
import { chooseKey, chooseTop, KEY_DESK } from '../../src/benches/key/state';
import { bodyOf } from '../../src/documents/store/select';
import { documentsNow, showEmpty } from '../demo';

const KEYS = keysInOrder('circle', 'both', 3);
const show = (bench: 'key' | 'intervals' | 'chords') =>
  render(
    <MemoryRouter>
      {bench === 'key' ? <KeyBench /> : bench === 'intervals' ? <IntervalsBench /> : <ChordsBench />}
    </MemoryRouter>,
  );
/** The texts of a row of the grid as a screen reader has them. */
const row = (label: string): string[] =>
  screen
    .getAllByRole('gridcell', { name: new RegExp(`^${label}: `) })
    .map((cell) => cell.getAttribute('aria-label')!.slice(label.length + 2));
/** A name as it is printed. */
const printed = (name: string) =>
  name
    .replace(/##/, '𝄪')
    .replace(/#/, '♯')
    .replace(/(?<=^[A-G])bb/, '𝄫')
    .replace(/(?<=^[A-G])b/, '♭');
const bare = (text: string) => text.replace(/,.*/, '');

beforeEach(() => {
  showEmpty();
  KEY_DESK.set({ view: 'map', column: 0 });
  CHORDS_DESK.set({ view: 'inversions' });
  INTERVALS_DESK.set({ column: null, printing: false });
});
afterEach(cleanup);

describe('the Key bench', () => {
  test.each(KEYS)('%s: its scale, its triads and what stands under them', (key) => {
    const [tonic, mode] = key.split(' ') as [string, string];
    chooseKey(key);
    show('key');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(`${printed(tonic)} ${mode}`);
    // Minor is shown with its raised leading note, as chords are built there.
    const scale = mode === 'major' ? Key.majorKey(tonic).scale : Key.minorKey(tonic).harmonic.scale;
    expect(row('Root').map(bare)).toEqual(scale.map(printed));
    expect(row('Third').map(bare)).toEqual([...scale.slice(2), ...scale.slice(0, 2)].map(printed));
    const fifths = [...scale.slice(4), ...scale.slice(0, 4)];
    // III of minor is augmented there, or major without the raised note: both are taught.
    const shown = row('Fifth').map(bare);
    shown.forEach((note, at) => {
      if (mode === 'major' || at !== 2) expect(note).toBe(printed(fifths[at]!));
    });
    const numerals = row('Numeral');
    expect(numerals[0]).toBe(mode === 'major' ? 'I' : 'i');
    expect(numerals[4]).toBe('V');
    expect(numerals[6]).toContain('vii');
    expect(row('Degree name')[0]).toBe('tonic');
  });

  test.each(KEYS.filter((key) => key.endsWith('major')))('%s: its seventh chords', (key) => {
    const [tonic] = key.split(' ') as [string];
    chooseKey(key);
    chooseTop(7);
    show('key');
    const { chords } = Key.majorKey(tonic);
    const members = chords.map((symbol) => Chord.get(symbol).notes);
    expect(row('Root').map(bare)).toEqual(members.map(([root]) => printed(root!)));
    expect(row('Seventh').map(bare)).toEqual(members.map((notes) => printed(notes[3]!)));
  });

  test('the map shows how thirds are stacked: their half steps make every triad', () => {
    chooseKey('Eb major');
    show('key');
    expect(row('Gaps')).toEqual(['4 · 3', '3 · 4', '3 · 4', '4 · 3', '4 · 3', '3 · 4', '3 · 3']);
  });

  test('primary chords, the circle and the pages to print are views of one map', async () => {
    const user = userEvent.setup();
    show('key');
    for (const [name, view] of [
      ['Primary chords', 'primary'],
      ['Circle', 'circle'],
      ['To print', 'print'],
      ['Chord map', 'map'],
    ] as const) {
      await user.click(screen.getByRole('radio', { name }));
      expect(KEY_DESK.get().view).toBe(view);
    }
    expect(row('Root')).toHaveLength(7);
  });
});

describe('the Intervals bench', () => {
  const PAIRS = ['C4 E4', 'D4 B4', 'Eb4 A4', 'F#3 C4', 'Bb3 Ab4', 'E4 D#5', 'G3 Cb4', 'A3 F#4', 'B3 Bb4'];

  test('a line is named as tonal names it, with its half steps and its inversion', () => {
    typeIntervals(PAIRS.join(', '));
    show('intervals');
    const names = PAIRS.map((pair) => {
      const [from, to] = pair.split(' ') as [string, string];
      return Interval.get(Interval.distance(from, to));
    });
    const WORDS: Readonly<Record<string, string>> = {
      P: 'perfect',
      M: 'major',
      m: 'minor',
      A: 'augmented',
      d: 'diminished',
    };
    expect(row('Quality')).toEqual(names.map(({ q }) => WORDS[q]));
    expect(row('Half steps')).toEqual(names.map(({ semitones }) => String(semitones)));
    expect(row('Number').map((text) => Number.parseInt(text, 10))).toEqual(names.map(({ num }) => num));
    const turned = names.map(({ name }) => Interval.get(Interval.invert(name)));
    expect(row('Its name').map((text) => text.split(' ')[0])).toEqual(turned.map(({ q }) => WORDS[q]));
    expect(row('Check').every((text) => text.includes('= 9'))).toBe(true);
  });

  test('what is typed is kept in words, and what is no interval is told beside the rest', async () => {
    const user = userEvent.setup();
    show('intervals');
    const line = screen.getByRole('textbox', { name: /^Intervals: two notes/ });
    await user.clear(line);
    await user.type(line, 'C4 E4, C4 d1, D4 F4');
    expect(row('Quality')).toEqual(['major', 'minor']);
    expect(screen.getAllByText(/a diminished unison does not exist/).length).toBeGreaterThan(0);
    expect((line as HTMLInputElement).value).toBe('C4 E4, C4 d1, D4 F4');
  });

  test('naming is asked without giving the name away', async () => {
    const user = userEvent.setup();
    typeIntervals('C4 E4');
    show('intervals');
    await user.click(screen.getByRole('button', { name: 'Name it yourself' }));
    expect(screen.queryByRole('gridcell', { name: /^Quality: major/ })).toBeNull();
    expect(bodyOf(documentsNow(), 'intervals').naming).toBe(true);
  });
});

describe('the Chords bench', () => {
  const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
  const SYMBOLS = [
    'C',
    'Cm',
    'F#dim',
    'Bb+',
    'G7',
    'Ebmaj7',
    'Am7',
    'Bm7b5',
    'C#dim7',
    'D6',
    'Fsus4',
    'A9',
    'E7b9',
  ];

  test.each(SYMBOLS)('%s has the notes that tonal gives it', async (symbol) => {
    const user = userEvent.setup();
    show('chords');
    await user.clear(field('Symbol'));
    await user.type(field('Symbol'), symbol);
    const known = Chord.get(symbol.replace('+', 'aug')).notes;
    const own = field('Notes').value.split(' ');
    expect(
      own.map((note) =>
        Note.chroma(note.replace('♯', '#').replace('♭', 'b').replace('𝄫', 'bb').replace('𝄪', '##')),
      ),
    ).toEqual(known.map((note) => Note.chroma(note)));
    expect(own[0]).toBe(printed(known[0]!));
    expect(known.map(printed)).toEqual(own);
  });

  test('notes, formula and gaps say the same chord', async () => {
    const user = userEvent.setup();
    show('chords');
    const type = async (name: string, text: string) => {
      await user.clear(field(name));
      await user.type(field(name), text);
    };
    await type('Notes', 'D F# A C');
    expect(field('Symbol').value).toBe('D7');
    await type('Formula', '1 b3 b5');
    expect(field('Symbol').value).toBe('Ddim');
    await type('Gaps', '4 3 4');
    expect(field('Symbol').value).toBe('Dmaj7');
  });

  test('what cannot be read says why and changes nothing', async () => {
    const user = userEvent.setup();
    show('chords');
    await user.clear(field('Symbol'));
    await user.type(field('Symbol'), 'Am');
    await user.type(field('Symbol'), 'zz');
    expect(screen.getByText(/“zz” after “Am” is not understood/)).toBeTruthy();
    expect(field('Notes').value).toBe('A C E');
  });

  test('every view of a chord is there', () => {
    for (const view of ['inversions', 'voicings', 'parts', 'chain'] as const) {
      act(() => CHORDS_DESK.set({ view }));
      const { unmount } = show('chords');
      expect(screen.getAllByRole('radio', { checked: true }).length).toBeGreaterThan(0);
      unmount();
    }
  });
});
