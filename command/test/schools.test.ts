/** The command in other schools, keys and modes, and on many lines at once. */
import { diatonix, json } from './program';

test('a school given with a request changes what is read and printed in it', () => {
  const readings = (request: object) =>
    (json(request) as { readings: { symbol: string; numeral: string }[] }).readings[0]!;
  expect(
    readings({
      do: 'chord',
      symbol: 'Bm7b5',
      key: 'C major',
      school: { halfDiminished: 'ø7', numeralCase: 'capitals-suffix' },
    }),
  ).toMatchObject({
    symbol: 'Bø7',
    numeral: 'VIIø7',
  });
  expect(
    readings({ do: 'chord', notes: ['B', 'D', 'G'], key: 'C major', school: { inversion: 'letters' } }),
  ).toMatchObject({ numeral: 'Vb' });
  expect(
    json({
      do: 'numeral',
      numeral: 'V7b of ii',
      key: 'A major',
      school: { inversion: 'letters', applied: 'of' },
    }),
  ).toMatchObject({
    notes: ['A#', 'C#', 'E', 'F#'],
  });
  expect(json({ do: 'key', key: 'C minor', school: { minorDegrees: 'flat' } })).toMatchObject({
    degrees: expect.arrayContaining([
      expect.objectContaining({
        degree: 6,
        triad: expect.objectContaining({ numeral: 'bVI' }) as unknown,
      }) as unknown,
    ]) as unknown,
  });
  expect(json({ do: 'key', key: 'C', school: { colour: 'red' } })).toMatchObject({
    error: { code: 'school', message: expect.stringMatching(/settings are numeralCase/) as unknown },
  });
});

test('theoretical keys, modes and forms', () => {
  const key = (request: object) =>
    json({ do: 'key', ...request }) as {
      signature: string[];
      scale: string[];
      degrees: { triad: { numeral: string } }[];
    };
  expect(key({ key: 'G# major' }).scale).toEqual(['G#', 'A#', 'B#', 'C#', 'D#', 'E#', 'F##']);
  expect(key({ key: 'D dorian' }).degrees.map((d) => d.triad.numeral)).toEqual([
    'i',
    'ii',
    'III',
    'IV',
    'v',
    'vio',
    'VII',
  ]);
  expect(key({ key: 'A minor', form: 'melodic' }).degrees.map((d) => d.triad.numeral)).toEqual([
    'i',
    'ii',
    'III+',
    'IV',
    'V',
    'vio',
    'viio',
  ]);
  expect(json({ do: 'key', key: 'A minor', form: 'gypsy' })).toMatchObject({
    error: { message: expect.stringMatching(/forms are natural, harmonic and melodic/) as unknown },
  });
});

test('a thousand lines in one go are answered in order', () => {
  const input = Array.from({ length: 1000 }, (_, i) =>
    JSON.stringify(
      i % 10 === 9 ? { do: 'nothing', i } : { do: 'transpose', from: `C${(i % 5) + 2}`, by: 'P5' },
    ),
  ).join('\n');
  const answers = diatonix(['lines'], input)
    .stdout.trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { note?: string; error?: object });
  expect(answers).toHaveLength(1000);
  answers.forEach((a, i) =>
    i % 10 === 9 ? expect(a.error).toBeDefined() : expect(a.note).toBe(`G${(i % 5) + 2}`),
  );
});

describe.each([
  [{ do: 'interval', from: 'Gis4', to: 'H4' }, 'german', { name: 'm3' }],
  [{ do: 'interval', from: 'Sol4', to: 'Sib4' }, 'fixed-do', { name: 'm3' }],
  [{ do: 'interval', from: 'C#4', to: 'Bb4' }, 'german', { name: 'd7' }],
  [{ do: 'transpose', from: 'H3', by: 'M3' }, 'german', { note: 'D#4' }],
  [{ do: 'key', key: 'h-Moll' }, 'german', { signature: ['F#', 'C#'] }],
  [{ do: 'key', key: 'fis' }, 'german', { signature: ['F#', 'C#', 'G#'] }],
  [{ do: 'key', key: 'Es' }, 'german', { signature: ['Bb', 'Eb', 'Ab'] }],
  [{ do: 'key', key: 'B-Dur' }, 'german', { signature: ['Bb', 'Eb'] }],
  [{ do: 'key', key: 'F# minor' }, 'german', { signature: ['F#', 'C#', 'G#'] }],
  [{ do: 'key', key: 'Si bémol majeur' }, 'fixed-do', { signature: ['Bb', 'Eb'] }],
  [{ do: 'key', key: 're minor' }, 'fixed-do', { signature: ['Bb'] }],
  [{ do: 'figures', key: 'a-Moll', bass: 'H', figures: ['#6', '4', '3'] }, 'german', { numeral: 'V43' }],
] as const)('%j in %s letters', (request, letters, wanted) => {
  test('is read', () => {
    expect(json({ ...request, school: { letters } })).toMatchObject(wanted);
  });
});

test.each([
  ['H7', 'german', 'B', 'dominant-seventh', 'H7'],
  ['a', 'german', 'A', 'minor', 'Am'],
  ['fis7/a', 'german', 'F#', 'minor-seventh', 'Fism7/A'],
  ['es', 'german', 'Eb', 'minor', 'Esm'],
  ['Bb7', 'german', 'Bb', 'dominant-seventh', 'B7'],
  ['Asus4', 'german', 'A', 'suspended-fourth', 'Asus4'],
  ['Do', 'fixed-do', 'C', 'major', 'Do'],
  ['Sol7', 'fixed-do', 'G', 'dominant-seventh', 'Sol7'],
  ['Lam', 'fixed-do', 'A', 'minor', 'Lam'],
  ['Sib7/Ré', 'fixed-do', 'Bb', 'dominant-seventh', 'Sib7/Ré'],
  ['Fa#m7b5', 'fixed-do', 'F#', 'half-diminished-seventh', 'Fa#m7b5'],
])('the symbol %s in %s letters', (symbol, letters, root, quality, printed) => {
  expect(json({ do: 'chord', symbol, school: { letters } })).toMatchObject({
    readings: [{ root, quality, symbol: printed }],
  });
});

test('a progression is read and its symbols printed in the letters of the school', () => {
  const found = json({
    do: 'progression',
    key: 'a-Moll',
    chords: [
      { symbol: 'a' },
      { symbol: 'H7b5' },
      { symbol: 'E7' },
      { notes: ['Gis', 'H', 'D'] },
      { symbol: 'a' },
    ],
    school: { letters: 'german', halfDiminished: 'ø7' },
  }) as { chords: { numeral: string; symbol: string }[] };
  expect(found.chords.map(({ numeral }) => numeral)[3]).toBe('viio');
  expect(found.chords.map(({ symbol }) => symbol)).toEqual(['Am', 'H7b5', 'E7', 'Gisdim', 'Am']);
});

test('words of inversion stand after the target, and are read there', () => {
  const school = { inversion: 'words', applied: 'of' };
  expect(json({ do: 'numeral', numeral: 'V7 of ii, first inversion', key: 'C major', school })).toMatchObject(
    {
      notes: ['C#', 'E', 'G', 'A'],
      inversion: 1,
    },
  );
  const found = json({
    do: 'progression',
    key: 'C major',
    chords: [{ numeral: 'V7 of ii, first inversion' }, { numeral: 'ii' }],
    school,
  }) as { chords: { numeral: string }[] };
  expect(found.chords[0]!.numeral).toBe('V7 of ii, first inversion');
  expect(
    diatonix(
      [
        'label',
        '--key',
        'C major',
        '--school',
        'inversion=words,applied=of',
        'I V7 of ii, first inversion ii',
      ],
      '',
    ).stdout,
  ).toMatch(/V7 of ii, first inversion +A7\/C#/);
});

test('a school that shows the cadential six-four over the dominant reads and prints it there', () => {
  const chords = ['I', 'V64', 'V7', 'I'].map((numeral) => ({ numeral }));
  const found = (school: object) =>
    json({ do: 'progression', key: 'C major', chords, school }) as {
      chords: { numeral: string; symbol: string; function: string }[];
    };
  expect(found({ cadentialSixFour: 'dominant' }).chords[1]).toMatchObject({
    numeral: 'V64',
    symbol: 'C/G',
    function: 'dominant',
  });
  expect(found({}).chords[1]).toMatchObject({ numeral: 'V64', symbol: 'G/D' });
});
