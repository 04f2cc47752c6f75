/**
 * The command as a program: its answers, its errors, its exit status. The shapes are those of
 * docs/command.md.
 */
import { answerLine } from '../src/lines';
import { diatonix, json } from './program';

test.each([
  [
    { do: 'interval', from: 'G#4', to: 'F##5' },
    { name: 'M7', number: 7, quality: 'major', halfSteps: 11, direction: 'up', inversion: 'm2' },
  ],
  [
    { do: 'interval', from: 'C5', to: 'Ab3' },
    { name: 'M10', number: 10, quality: 'major', halfSteps: 16, direction: 'down', inversion: 'm6' },
  ],
  [
    { do: 'interval', from: 'C4', to: 'C#5' },
    { name: 'A8', number: 8, quality: 'augmented', halfSteps: 13, direction: 'up', inversion: null },
  ],
  [{ do: 'transpose', from: 'Ab3', by: 'M6', below: false }, { note: 'F4' }],
  [{ do: 'transpose', from: 'Ab3', by: 'M6', below: true }, { note: 'Cb3' }],
  [
    { do: 'numeral', numeral: 'V65/ii', key: 'A major' },
    {
      notes: ['A#', 'C#', 'E', 'F#'],
      root: 'F#',
      bass: 'A#',
      inversion: 1,
      quality: 'dominant-seventh',
      figures: ['6', '5'],
      symbol: 'F#7/A#',
    },
  ],
  [
    { do: 'numeral', numeral: 'I7', key: 'C major' },
    {
      notes: ['C', 'E', 'G', 'Bb'],
      root: 'C',
      bass: 'C',
      inversion: 0,
      quality: 'dominant-seventh',
      figures: ['b7'],
      symbol: 'C7',
    },
  ],
  [
    { do: 'numeral', numeral: 'I7', key: 'C major', notation: 'romantext' },
    {
      notes: ['C', 'E', 'G', 'B'],
      root: 'C',
      bass: 'C',
      inversion: 0,
      quality: 'major-seventh',
      figures: ['7'],
      symbol: 'Cmaj7',
    },
  ],
  [
    { do: 'numeral', numeral: 'Ger65', key: 'A minor', notation: 'romantext' },
    {
      notes: ['F', 'A', 'C', 'D#'],
      root: null,
      bass: 'F',
      inversion: null,
      quality: 'german-sixth',
      figures: ['#6', '5'],
      symbol: 'Fadd#6',
    },
  ],
  [
    { do: 'numeral', numeral: 'V7[no3]', key: 'D minor', notation: 'romantext' },
    {
      notes: ['A', 'E', 'G'],
      root: 'A',
      bass: 'A',
      inversion: 0,
      quality: 'dominant-seventh',
      figures: ['7', '5'],
      symbol: 'A7(no3)',
    },
  ],
  [
    { do: 'figures', key: 'A minor', bass: 'B', figures: ['#6', '4', '3'] },
    { notes: ['B', 'D', 'E', 'G#'], numeral: 'V43' },
  ],
  [
    { do: 'figures', key: 'C major', bass: 'G', figures: ['4-3'] },
    { notes: ['G', 'C', 'D'], numeral: 'V', resolution: ['G', 'B', 'D'] },
  ],
  [
    { do: 'chord', symbol: 'Ebm7' },
    {
      readings: [
        {
          root: 'Eb',
          quality: 'minor-seventh',
          notes: ['Eb', 'Gb', 'Bb', 'Db'],
          bass: 'Eb',
          inversion: 0,
          symbol: 'Ebm7',
          numeral: null,
          figures: ['7'],
          missing: [],
          added: [],
        },
      ],
    },
  ],
])('%j', (request, answer) => {
  expect(json(request)).toEqual(answer);
});

test('a chord from notes comes with its readings, best first', () => {
  const { readings } = json({ do: 'chord', notes: ['F3', 'A3', 'D4'], key: 'A minor' }) as {
    readings: Record<string, unknown>[];
  };
  expect(readings[0]).toEqual({
    root: 'D',
    quality: 'minor',
    notes: ['F', 'A', 'D'],
    bass: 'F',
    inversion: 1,
    symbol: 'Dm/F',
    numeral: 'iv6',
    figures: ['6'],
    missing: [],
    added: [],
  });
  const incomplete = json({ do: 'chord', notes: ['A3', 'E4', 'G4'], key: 'D major' }) as {
    readings: Record<string, unknown>[];
  };
  expect(incomplete.readings[0]).toMatchObject({
    root: 'A',
    quality: 'dominant-seventh',
    symbol: 'A7',
    numeral: 'V7',
    missing: ['3'],
  });
  const sixth = json({ do: 'chord', notes: ['F', 'A', 'C', 'D#'], key: 'A minor' }) as {
    readings: Record<string, unknown>[];
  };
  expect(sixth.readings[0]).toMatchObject({ root: null, quality: 'german-sixth', numeral: 'Ger+6' });
});

test('a key answers with signature, scale and stacks named from the scale', () => {
  const key = json({ do: 'key', key: 'F# minor', form: 'harmonic' }) as {
    signature: string[];
    scale: string[];
    degrees: Record<string, Record<string, unknown>>[];
  };
  expect(key.signature).toEqual(['F#', 'C#', 'G#']);
  expect(key.scale).toEqual(['F#', 'G#', 'A', 'B', 'C#', 'D', 'E#']);
  expect(key.degrees[4]).toMatchObject({
    degree: 5,
    note: 'C#',
    triad: { notes: ['C#', 'E#', 'G#'], quality: 'major', numeral: 'V', symbol: 'C#' },
    seventh: { notes: ['C#', 'E#', 'G#', 'B'], quality: 'dominant-seventh', numeral: 'V7', symbol: 'C#7' },
  });
  const major = json({ do: 'key', key: 'C major' }) as typeof key;
  expect(major.degrees.map((d) => d['thirteenth']!['symbol'])).toEqual([
    'Cmaj13',
    'Dm13',
    'Em7b9b13',
    'Fmaj13#11',
    'G13',
    'Am11b13',
    'Bm7b5b9(11)b13',
  ]);
  expect(major.degrees[2]!['thirteenth']!['notes']).toEqual(['E', 'G', 'B', 'D', 'F', 'A', 'C']);
});

test.each([
  ['{"do":"interval","from":"H4","to":"C5"}', 'note', /“H4”: this is not a note/],
  ['{"do":"transpose","from":"C4","by":"d1"}', 'interval', /diminished unison does not exist/],
  ['{"do":"numeral","numeral":"VIII","key":"C major"}', 'numeral', /“I” after “VII” is not understood/],
  ['{"do":"numeral","numeral":"V","key":"C nowhere"}', 'key', /not a key/],
  ['{"do":"chord","symbol":"Cz"}', 'symbol', /“z” after “C”/],
  ['{"do":"chord","notes":"F A D"}', 'request', /not a list/],
  ['{"do":"figures","key":"C major","bass":"C","figures":["x9x"]}', 'figures', /not a figure/],
  ['{"do":"dance"}', 'request', /no such request.*interval, transpose/],
  ['[1,2]', 'request', /a request is an object/],
  ['not json', 'request', /not JSON/],
])('%s is answered with an error of its own', (line, code, message) => {
  const { error } = JSON.parse(answerLine(line)) as { error: { code: string; message: string } };
  expect(error.code).toBe(code);
  expect(error.message).toMatch(message);
});

test('lines answers in order, and an error does not end it', () => {
  const input = [
    '{"do":"transpose","from":"C4","by":"P5"}',
    'nonsense',
    '',
    '{"do":"transpose","from":"D4","by":"P5"}',
  ].join('\n');
  const { stdout, status } = diatonix(['lines'], input);
  const answers = stdout
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>);
  expect(answers.map((a) => a['note'] ?? Object.keys(a)[0])).toEqual(['G4', 'error', 'A4']);
  expect(status).toBe(0);
});

test.each([
  [['key', 'F# minor'], /F♯ minor, natural form: 3 sharps · F♯ C♯ G♯\n1 {2}F♯ {2}tonic/],
  [['interval', 'G#4', 'F##5'], /^major seventh up \(M7\), 11 half steps; inverts to m2\n$/],
  [['interval', '--from', 'Ab3', '--add', 'M6'], /^F4\n$/],
  [['interval', '--from', 'Ab3', '--add', 'M6', '--below'], /^Cb3\n$/],
  [['chord', 'C#m7b5/E'], /^C#m7b5\/E: E G B C#, half-diminished seventh, figures 6 5\n$/],
  [['chord', '--notes', 'F3 A3 D4', '--key', 'A minor'], /^1\. Dm\/F: F A D, minor triad, iv6, figures 6\n/],
  [
    ['chord', '--numeral', 'V65/ii', '--key', 'A major'],
    /^F#7\/A#: A# C# E F#, dominant seventh, root F#, figures 6 5\n$/,
  ],
  [['chord', '--degree', '3', '--top', '13', '--key', 'C major'], /^Em7b9b13: E G B D F A C/],
  [['chord', '--root', 'C', '--formula', '1 b3 5 b7'], /^Cm7: C Eb G Bb/],
  [['chord', '--root', 'F#', '--half-steps', '4 3 3'], /^F#7: F# A# C# E/],
  [
    ['chord', 'G7', '--homes', '--fingering'],
    /\nlives as V7 in C major, V7 in C minor, VII7 in A minor\nright hand 1 2 4 5 · left hand 5 3 2 1\n$/,
  ],
  [['chord', 'Dm/F', '--homes', '--json'], /"homes":\[\{"key":"Bb major","numeral":"iii6"\}/],
  [['figures', '--key', 'A minor', '--bass', 'B', '--figures', '#6 4 3'], /^B D E G#: V43\n$/],
  [
    ['label', '--key', 'A major', 'I vi V65/ii ii V7 I'],
    /V65\/ii {2}V65\/ii {2}F#7\/A# {2}6 5 {2}A# C# E F#/,
  ],
  [
    ['label', '--key', 'A major', '--notes', 'A2 E4 A4 C#5 | E2 D4 G#4 B4'],
    /\(E2 D4 G#4 B4\) {2}V7 {2}E7 {2}7 {2}E G# B D/,
  ],
  [['label', '--key', 'C major', 'V7/V', '--school', 'applied=of,inversion=words'], /V7 of V/],
  [
    ['chord', '--numeral', 'V65/ii', '--key', 'A major', '--working'],
    /A♯ is the leading tone of B, the root of ii\./,
  ],
  [['interval', 'G#4', 'F##5', '--working', '--school', 'words=note'], /there are 11 semitones\./],
])('diatonix %j prints its answer', (args, expected) => {
  const { stdout, status, stderr } = diatonix(args);
  expect(stderr).toBe('');
  expect(stdout).toMatch(expected);
  expect(status).toBe(0);
});

test.each([
  [['interval', 'C4', 'Q4'], /“Q4”: this is not a note/],
  [['interval', 'C4'], /2 words are expected/],
  [['sing'], /no such command/],
  [['chord', 'C', '--loud'], /this option is not known/],
  [
    ['label', '--key', 'A major', 'I', '--school', 'inversion=upside'],
    /Choose figures, letters, slash, words/,
  ],
])('diatonix %j ends with 2 and a message', (args, message) => {
  const { stderr, status } = diatonix(args);
  expect(stderr).toMatch(message);
  expect(status).toBe(2);
});
