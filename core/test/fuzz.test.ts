/** Every parser survives anything: a value or a TheoryError, 40,000 seeded strings each. */
import {
  attempt,
  chordFromFormula,
  keysFromText,
  notesFromBass,
  parseFigures,
  parseInterval,
  parseKey,
  parseNote,
  parseNoteName,
  parseNoteNameIn,
  parseNumeral,
  parseSymbol,
  readLine,
  chordOfNumeral,
  DEFAULT_LABEL_STYLE,
  ROMANTEXT,
  parseNoteName as name,
} from '../src';
import { readMusicXml } from '../src/format/musicxml';

/** A small seeded generator (mulberry32), so that a failure can be run again. */
function seeded(seed: number): () => number {
  return () => {
    seed = (seed + 0x6d2b79f5) | 0;
    let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const PIECES = [
  ...'ABCDEFGabcdefghoxIiVvNn0123456789#♯♭♮𝄪𝄫°ø+-–△/\\()[], |.',
  ' of ',
  'maj',
  'min',
  'dim',
  'aug',
  'sus',
  'add',
  'no',
  'omit',
  'alt',
  'sub',
  'CT',
  'Ger',
  'It',
  'Fr',
  'Cad',
  '64',
  '65',
  '43',
  '11',
  '13',
  '/o',
  '→',
  'bass',
  'major',
  'minor',
  'two',
  ' sharps',
  ' flats',
  ' ',
  '\u0000',
  '😀',
  'is',
  'es',
  'sol',
  'dom',
  'first inversion',
];

function text(random: () => number): string {
  let out = '';
  for (let length = Math.floor(random() * 9); length >= 0; length--)
    out += PIECES[Math.floor(random() * PIECES.length)]!;
  return out;
}

const KEY = parseKey('F# minor');
const C = name('C');
const BARE = {
  ...DEFAULT_LABEL_STYLE,
  numeralCase: 'capitals-bare',
  inversion: 'letters',
  sevenths: 'diatonic',
} as const;

const PARSERS: Record<string, (input: string) => unknown> = {
  note: parseNote,
  'note name': parseNoteName,
  'German note name': (input) => parseNoteNameIn(input, 'german'),
  'fixed-do note name': (input) => parseNoteNameIn(input, 'fixed-do'),
  interval: parseInterval,
  key: parseKey,
  symbol: (input) => notesFromBass(parseSymbol(input)),
  numeral: (input) => notesFromBass(chordOfNumeral(parseNumeral(input, KEY), KEY)),
  'RomanText numeral': (input) => parseNumeral(input, KEY, ROMANTEXT),
  'numeral in bare capitals': (input) => parseNumeral(input, KEY, BARE),
  figures: parseFigures,
  formula: (input) => chordFromFormula(C, input),
  'key or signature in words': keysFromText,
};

test.each(Object.keys(PARSERS))('%s: 20,000 strings give a value or a typed error', (parser) => {
  const random = seeded(20_261_124);
  let values = 0;
  for (let run = 0; run < 20_000; run++) {
    // Any other exception passes through attempt and fails the test.
    if (attempt(() => PARSERS[parser]!(text(random))).ok) values++;
  }
  expect(values).toBeGreaterThan(0);
  expect(values).toBeLessThan(20_000);
});

test('a typed line: 4,000 strings, each piece a label or its error, none lost', () => {
  const random = seeded(7);
  for (let run = 0; run < 4_000; run++) {
    const line = `${text(random)} I ${text(random)}`;
    for (const token of readLine(line, KEY))
      expect(line.slice(token.start, token.end).length).toBeGreaterThan(0);
  }
});

test('MusicXML: 1,500 torn and shuffled files give columns or a typed error', () => {
  const whole =
    '<score-partwise version="4.0"><part id="P1"><measure number="1">' +
    '<attributes><divisions>1</divisions><key><fifths>3</fifths></key></attributes>' +
    '<harmony><root><root-step>A</root-step></root><kind>major</kind></harmony>' +
    '<note><pitch><step>A</step><octave>3</octave></pitch><duration>2</duration></note>' +
    '</measure></part></score-partwise>';
  const random = seeded(11);
  for (let run = 0; run < 1500; run++) {
    const at = Math.floor(random() * whole.length);
    const to = Math.min(whole.length, at + Math.floor(random() * 30));
    attempt(() => readMusicXml(whole.slice(0, at) + (random() < 0.5 ? text(random) : '') + whole.slice(to)));
  }
});
