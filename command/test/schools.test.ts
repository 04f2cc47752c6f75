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
