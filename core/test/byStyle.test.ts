/**
 * Progressions judged by their style (common practice of song, blues, jazz and classical writing; docs/conventions.md):
 * each in five keys, from symbols alone.
 */
import {
  analyseProgression,
  intervalUp,
  keyOf,
  labelLine,
  nameAbove,
  parseKey,
  parseNoteName,
  parseSymbol,
  pitchClass,
  printKey,
  printNumeral,
  printSymbol,
  transposeChord,
  type Analysis,
  type Interval,
} from '../src';

const C = parseNoteName('C');
const TONICS = ['C', 'A', 'Ab', 'F', 'Bb'].map(parseNoteName);

interface Asked {
  readonly key?: string;
  readonly ends?: readonly number[];
}

/** The line in each of the keys, with the interval that it was moved by. */
function inKeys(
  line: string,
  { key, ends = [] }: Asked,
  check: (read: Analysis, by: Interval) => void,
): void {
  for (const tonic of TONICS) {
    const by = intervalUp(C, tonic);
    const chords = line
      .split(' ')
      .map((text) => ({ chord: transposeChord(parseSymbol(text), (name) => nameAbove(name, by)) }));
    const home = key === undefined ? undefined : parseKey(key);
    const moved = home && keyOf(nameAbove(home.tonic, by), home.mode);
    check(analyseProgression(chords, { ...(moved ? { key: moved } : {}), phraseEnds: ends }), by);
  }
}

const numerals = ({ chords }: Analysis) => chords.map(({ best }) => printNumeral(best.numeral, best.key));
/** Where keys sound, by half steps and mode. */
const sounding = (text: string) => {
  const { tonic, mode } = parseKey(text);
  return `${pitchClass(tonic)} ${mode}`;
};
const keysOf = ({ chords }: Analysis, from = 0) => [
  ...new Set(chords.slice(from).map(({ best }) => `${pitchClass(best.key.tonic)} ${best.key.mode}`)),
];
const movedKey = (text: string, by: Interval) => {
  const { tonic, mode } = parseKey(text);
  return sounding(printKey(keyOf(nameAbove(tonic, by), mode)));
};

test.each([
  ['a blues with a ii–V and a diminished chord', 'C7 F7 C7 Gm7 C7 F7 F#dim7 C7 A7 Dm7 G7 C7', ['C major']],
  ['a loop of four', 'Am C G F Am C G F', ['A minor', 'C major']],
  ['a loop that begins off its tonic', 'F G Em Am F G Em Am', ['A minor', 'C major']],
  ['a loop with a lowered seventh', 'C F Bb F C F Bb F C', ['C major']],
  ['a loop with a borrowed tail', 'C Em F G C Em F Fm', ['C major']],
  ['an Aeolian loop without its relative major', 'Am G F G Am G F G Am G F G', ['A minor']],
  ['chromatic thirds', 'C Eb Ab Db C', ['C major', 'C minor']],
  ['a cycle of major sevenths', 'Cmaj7 Ebmaj7 Abmaj7 Dbmaj7 Cmaj7', ['C major']],
  ['rising sixths', 'C Am/C F Dm/F G Em/G Am', ['C major']],
])('%s stays in one key', (_, line, wanted) => {
  inKeys(line, {}, (read, by) => {
    const keys = keysOf(read);
    expect([keys.length, wanted.map((one) => movedKey(one, by)).includes(keys[0]!)]).toEqual([1, true]);
  });
});

test('a phrase that comes again a half step up is a new key, without any dominant', () => {
  inKeys('C Am F G C Am F G Db Bbm Gb Ab Db', {}, (read, by) => {
    expect(keysOf(read, 8)).toEqual([movedKey('Db major', by)]);
    expect(numerals(read).slice(8)).toEqual(['I', 'vi', 'IV', 'V', 'I']);
  });
});

/** Keys of a line as the page reads it: typed under the signature of a key, which may be another. */
const keysTyped = (line: string, under: string, by: Interval) => {
  const columns = line.split(' ').map((one) => {
    const text = printSymbol(transposeChord(parseSymbol(one), (name) => nameAbove(name, by)));
    return { entry: { kind: 'symbol' as const, text } };
  });
  const { tonic, mode } = parseKey(under);
  const key = keyOf(nameAbove(tonic, by), mode);
  return labelLine(columns, key, { modulate: true }).map(
    (one) => `${pitchClass(one.key.tonic)} ${one.key.mode}`,
  );
};

test.each([
  ['C major', 'Am C G F Am C G F', ['A minor', 'C major']],
  ['G major', 'Am C G F Am C G F', ['A minor', 'C major']],
  ['G major', 'C G Bb F C G Bb F', ['C major']],
  ['C major', 'G B C Cm G B C Cm', ['G major']],
  ['G major', 'C7 F7 C7 Gm7 C7 F7 F#dim7 C7 A7 Dm7 G7 C7', ['C major']],
  ['C major', 'C7 F7 C7 Gm7 C7 F7 F#dim7 C7 A7 Dm7 G7 C7', ['C major']],
  ['C major', 'Cmaj7 Ebmaj7 Emaj7 Cmaj7', ['C major']],
])('with its key %s on the page, %s stays in one key', (under, line, wanted) => {
  for (const tonic of TONICS) {
    const by = intervalUp(C, tonic);
    const keys = [...new Set(keysTyped(line, under, by))];
    expect([keys.length, wanted.map((one) => movedKey(one, by)).includes(keys[0]!)]).toEqual([1, true]);
  }
});

test('with its key on the page, a phrase that is lifted is a new key, and a short modulation is still one', () => {
  for (const tonic of TONICS) {
    const by = intervalUp(C, tonic);
    const lifted = keysTyped('C Am F G C Am F G Db Bbm Gb Ab Db', 'C major', by);
    expect(lifted.map((key) => key === movedKey('Db major', by)).indexOf(true)).toBe(8);
    const taught = keysTyped('C F G C Am D7 G D7 G', 'C major', by);
    expect([taught[0], taught[8]]).toEqual([movedKey('C major', by), movedKey('G major', by)]);
  }
});

test('after a full close in minor a phrase may stand in the parallel major', () => {
  inKeys('Cm Fm G7 Cm C F G7 C', { ends: [3, 7] }, (read, by) =>
    expect(keysOf(read, 4)).toEqual([movedKey('C major', by)]),
  );
});

test.each([
  ['Dm7 Db9 Cmaj7', 'C major', 1, 'subV9'],
  ['Dm7 Db7#11 Cmaj7', 'C major', 1, /^subV7/],
  ['Dm7 C#7 Cmaj7', 'C major', 1, /^subV7/],
  ['Dm7 Db13 Cmaj7', 'C major', 1, /^subV13/],
  ['E C7 E/B B7 E', 'E major', 1, 'subV7/V'],
  ['C Ebdim7 Em Am', 'C major', 1, 'viio7/iii'],
  ['Am Abdim7 Am', 'A minor', 1, 'viio7'],
  ['C Cmaj7 C7 C6 F G7 C', 'C major', 3, /^I(?:\[|$)/],
  ['Am Am/G# Am/G Am/F# F E7 Am', 'A minor', 3, /^#?vi/],
  ['Em7 Ebm7 Dm7 G7 Cmaj7', 'C major', 1, /^biii7/],
  ['Gmaj7 Gm7 C7 Fmaj7 D7 Gmaj7', 'G major', 1, 'ii7/bVII'],
  ['Cm7 Fm7 G7 Cm7 Ebm7 Ab7 Dbmaj7 G7 Cm7', 'C minor', 4, /^ii7\/(?:bII|N)/],
  ['C7 F7 C7 Gm7 C7 F7 F#dim7 C7 G7', 'C major', 3, 'ii7/IV'],
  ['F7 Bb7 F7 F7 Bb7 F7 C7 F7', 'F major', 2, 'I7'],
] as const)('%s in %s: chord %i is %s', (line, key, at, wanted) => {
  inKeys(line, { key }, (read) =>
    expect(numerals(read)[at]).toMatch(typeof wanted === 'string' ? new RegExp(`^${wanted}$`) : wanted),
  );
});

test('a suspended dominant is joined to its ii and goes to its tonic, however it is written', () => {
  for (const line of ['Dm7 G9sus4 Cmaj7', 'Dm7 G7sus4 Cmaj7', 'Dm7 F/G Cmaj7', 'Dm7 Dm7/G Cmaj7'])
    inKeys(line, { key: 'C major' }, ({ brackets, arrows }) => {
      expect(brackets).toEqual([{ from: 0, to: 1, target: 2 }]);
      expect(arrows).toEqual([{ from: 1, to: 2, kind: 'fifth' }]);
    });
});

test('a substitute goes down a half step with any extension, and closes', () => {
  for (const line of ['Dm7 Db7 Cmaj7', 'Dm7 Db9#11 Cmaj7', 'Dm7 Db7b5 Cmaj7'])
    inKeys(line, { key: 'C major' }, ({ arrows, cadences, chords }) => {
      expect(arrows).toEqual([{ from: 1, to: 2, kind: 'substitute' }]);
      expect(cadences.map(({ kind }) => kind)).toEqual(['authentic']);
      expect(chords[1]!.function).toBe('dominant');
    });
});

test('a chain of ii–V has a bracket each, the first too', () => {
  inKeys('Am7 D7 Dm7 G7 Gm7 C7 Cm7 F7 Bb6', {}, ({ brackets }) =>
    expect(brackets.map(({ from, to }) => [from, to])).toEqual([
      [0, 1],
      [2, 3],
      [4, 5],
      [6, 7],
    ]),
  );
});

test('a Phrygian close to a major chord is offered on its final', () => {
  const notes = ['E G B', 'F A D', 'E G# B'].map((chord) => ({ notes: chord.split(' ').map(parseNoteName) }));
  const { centres } = analyseProgression(notes);
  expect(centres.map(({ mode }) => mode)).toEqual(['phrygian']);
});
