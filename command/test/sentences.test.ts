/** Sentences of the working, for what no teacher would say. */
import { readArguments } from '../src/options';
import { run } from '../src/run';

const working = (...args: string[]) => run(readArguments([...args, '--working']));

const NOTES = 'CDEFGAB'
  .split('')
  .flatMap((letter) => ['bb', 'b', '', '#', '##'].map((sign) => letter + sign));

const QUALITY = '(?:major|minor|perfect|augmented|diminished)';
const SIZE = '(?:unison|second|third|fourth|fifth|sixth|seventh|octave|\\d+th)';

/** Slips of number, article and quality. */
const CLUMSY = [
  /-\d+ half step/,
  /\b1 half steps\b/,
  /there are 1\b/,
  /\ba (?:8|11|18)/,
  /\ban [^aeiou8\d“]/,
  /\ba [aeio]/,
  // A quality and a size without their article.
  new RegExp(`(?:is|makes it) (?:doubly |triply )?${QUALITY} ${SIZE}`),
  /undefined|NaN|\[object/,
];

function clumsy(text: string): string[] {
  return text.split('\n').filter((line) => CLUMSY.some((one) => one.test(line)));
}

test('of intervals of any size and spelling', () => {
  let said = 0;
  for (const from of NOTES)
    for (const [to, octave] of [
      ['C', 4],
      ['Cb', 5],
      ['E#', 4],
      ['F', 6],
      ['B', 3],
      ['Bb', 6],
      ['D##', 4],
    ] as const) {
      let text: string;
      try {
        text = working('interval', `${from}4`, `${to}${octave}`);
      } catch {
        // Some spellings have no name.
        continue;
      }
      said++;
      expect(clumsy(text)).toEqual([]);
    }
  expect(said).toBeGreaterThan(150);
});

test('of chords of any kind', () => {
  const kinds = [
    '',
    'm',
    'dim',
    'aug',
    '7',
    'maj7',
    'm7',
    'm7b5',
    'dim7',
    'sus4',
    'sus2',
    '6',
    'm6',
    '9',
    '13',
    'add9',
    '7b9',
  ];
  for (const root of ['C', 'Eb', 'F#', 'Ab', 'B'])
    for (const kind of kinds) expect(clumsy(working('chord', root + kind, '--key', 'Eb major'))).toEqual([]);
});

test('a line that lies under its beginning is said to', () => {
  expect(working('interval', 'B#3', 'Cb4')).toContain(
    'C♭ sounds 1 half step lower than B♯, though its letter is higher.',
  );
  expect(working('chord', '--notes', 'C F G')).toContain('Over the root they lie C F G');
});
