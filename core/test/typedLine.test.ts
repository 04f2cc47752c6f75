/** The typed line as teachers write it: joined numerals, repeats, endings, changes of metre, chords again and none. */
import {
  DEFAULT_LABEL_STYLE,
  derivePassage,
  entryText,
  fittingKey,
  isRestColumn,
  parseKey,
  parseMetre,
  parseSymbol,
  placesOf,
  playedOrder,
  printKey,
  printLine,
  readBarredLine,
} from '../src';

const C = parseKey('C major');
const read = (line: string, metre = '4/4') => readBarredLine(line, C, parseMetre(metre));
const texts = (line: string) =>
  read(line).tokens.map((token) => ('entry' in token ? entryText(token.entry) : `! ${token.text}`));
const printed = (line: string, metre = '4/4') => {
  const { tokens, upbeat } = read(line, metre);
  const pieces = tokens.map((token) => ({
    ...token,
    text: 'entry' in token ? entryText(token.entry) : token.text,
  }));
  return printLine(pieces, parseMetre(metre), upbeat);
};

test.each([
  ['I-IV-V-I', ['I', 'IV', 'V', 'I']],
  ['ii7–V7–I', ['ii7', 'V7', 'I']],
  ['Dm7-G7-C', ['Dm7', 'G7', 'C']],
  ['C-7 F', ['Cm7', 'F']],
  ['V6/4-5/3 I', ['Cad64', 'V', 'I']],
  ['2-5-1', ['ii', 'V', 'I']],
  ['bVII-IV-I', ['bVII', 'IV', 'I']],
  ['I % V %', ['I', 'I', 'V', 'V']],
  ['% I', ['! %', 'I']],
  ['I N.C. V NC n.c.', ['I', 'N.C.', 'V', 'N.C.', 'N.C.']],
])('“%s” is read as %j', (line, expected) => expect(texts(line)).toEqual(expected));

test('pieces of a joined group keep their places', () => {
  expect(read('I-IV xyz-V').tokens.map(({ start, end }) => [start, end])).toEqual([
    [0, 1],
    [2, 4],
    [5, 10],
  ]);
});

test.each([
  ['||: I | V :||', '|: I | V :|'],
  ['|: I | V :|', '|: I | V :|'],
  ['| I V | 3/4 IV V I |', '| I V | 3/4 IV V I |'],
  ['| I | 6/8 ii V | 4/4 I |', '| I | 6/8 ii V | 4/4 I |'],
  ['|: I | ii |1. V :|2. I |', '|: I | ii |1. V :|2. I |'],
  ['|: I | ii |1. V | vi :|2. V | I || IV | I |', '|: I | ii |1. V | vi :|2. V | I || IV | I |'],
])('“%s” is printed as “%s”, which is read alike', (line, expected) => {
  expect(printed(line)).toBe(expected);
  expect(printed(expected)).toBe(expected);
});

test('a repeated part is played with its first ending, then with its second', () => {
  const { tokens } = read('|: I | ii |1. V :|2. I | vi |');
  expect(tokens.map(({ ending }) => ending ?? '')).toEqual(['', '', '1', '2', '']);
  expect(playedOrder(tokens)).toEqual([0, 1, 2, 0, 1, 3, 4]);
});

test('the second ending lasts as long as the first, or to a double barline', () => {
  expect(read('|: I |1. V | vi :|2. V | I | ii |').tokens.map(({ ending }) => ending ?? '')).toEqual([
    '', '1', '1', '2', '2', '',
  ]); // prettier-ignore
  expect(read('|: I |1. V | vi :|2. V || I | ii |').tokens.map(({ ending }) => ending ?? '')).toEqual([
    '', '1', '1', '2', '', '',
  ]); // prettier-ignore
});

test('bars are counted through changes of metre', () => {
  const { tokens } = read('| I | 3/4 ii V:1 | I | 4/4 IV V |');
  const places = placesOf(tokens, parseMetre('4/4'));
  expect(places.map(({ bar, beat }) => `${bar}.${beat}`)).toEqual(['1.1', '2.1', '2.3', '3.1', '4.1', '4.3']);
  expect(places.map(({ metreBegins }) => metreBegins)).toEqual([false, true, false, false, true, false]);
  expect(places.map(({ closes }) => closes)).toEqual([true, false, true, true, false, true]);
});

test('a bar that does not come out is told in the metre that holds there', () => {
  const { faults } = read('| I | 3/4 ii:4 | V |');
  expect(faults.map(({ error }) => error.message)).toEqual([
    expect.stringContaining('this barline stands after 1 of the 3 quarters of a bar of 3/4'),
  ]);
  expect(read('| I | 0/4 V |').faults[0]!.error.message).toMatch(/“0\/4”: this is not a metre/);
});

test('where no chord sounds there is a rest, and its neighbours are read without it', () => {
  const columns = read('ii N.C. V I').tokens.map((token, at) => ({
    id: String(at),
    ...('entry' in token ? { entry: token.entry } : { unread: token.text }),
  }));
  const derived = derivePassage(
    { key: 'C major', metre: '4/4', upbeat: '0', modulate: false, columns },
    DEFAULT_LABEL_STYLE,
  );
  expect(derived.map(({ column }) => isRestColumn(column))).toEqual([false, true, false, false]);
  expect(derived.map(({ setting }) => setting !== null)).toEqual([true, false, true, true]);
  expect(derived[3]!.line!.cadence).toBe('authentic');
});

test.each([
  ['C G Am F', 'A major', 'C major'],
  ['C G Am F', 'C major', null],
  ['Am F C G', 'D major', 'A minor'],
  ['D A Bm G', 'Eb major', 'D major'],
  ['C F', 'A major', null],
  ['C C#m F#', 'A major', null],
  ['I', 'A major', null],
])('“%s” typed under %s offers %s', (line, under, offered) => {
  const chords = line
    .split(' ')
    .filter((text) => /^[A-G]/.test(text))
    .map((text) => parseSymbol(text));
  const key = fittingKey(chords, parseKey(under));
  expect(key && printKey(key)).toBe(offered);
});

test('a key that is marked as it was at home again holds, also where changes are found', () => {
  const columns = 'C G C D7 G C F C'.split(' ').map((text, at) => ({
    id: String(at),
    entry: { kind: 'symbol' as const, text },
    ...(at === 3 ? { key: 'G major' } : at === 5 ? { key: 'C major' } : {}),
  }));
  const keys = derivePassage(
    { key: 'C major', metre: '4/4', upbeat: '0', modulate: true, columns },
    DEFAULT_LABEL_STYLE,
  ).map(({ line }) => printKey(line!.key));
  expect(keys.slice(3)).toEqual(['G major', 'G major', 'C major', 'C major', 'C major']);
});
