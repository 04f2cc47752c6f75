/** The command on whole lines: progressions, four voices, exercises, files. */
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { diatonix, json } from './program';

test('a progression is labelled in context', () => {
  const chords = [
    { notes: ['G2', 'B3', 'D4'], length: '1' },
    { symbol: 'A7', length: '1/2' },
    { notes: ['D', 'F#', 'A'], length: '3/2' },
    { symbol: 'D7' },
    { notes: ['G', 'B', 'D', 'G'] },
  ];
  const answer = json({
    do: 'progression',
    chords,
    signature: 1,
    phraseEnds: [2, 4],
    key: 'G major',
  }) as Record<string, Record<string, unknown>[]>;
  expect(
    answer['chords']!.map(({ key, numeral, figures, symbol, function: role }) => ({
      key,
      numeral,
      figures,
      symbol,
      role,
    })),
  ).toEqual([
    { key: 'G major', numeral: 'I', figures: [], symbol: 'G', role: 'tonic' },
    { key: 'G major', numeral: 'V7/V', figures: ['7', '#'], symbol: 'A7', role: 'dominant' },
    { key: 'G major', numeral: 'V', figures: [], symbol: 'D', role: 'dominant' },
    { key: 'G major', numeral: 'V7', figures: ['7'], symbol: 'D7', role: 'dominant' },
    { key: 'G major', numeral: 'I', figures: [], symbol: 'G', role: 'tonic' },
  ]);
  expect((answer['chords']![1]!['readings'] as object[])[0]).toEqual({
    key: 'G major',
    numeral: 'V7/V',
    reason: 'the dominant of V',
  });
  expect(answer['keys']).toEqual([{ from: 0, key: 'G major' }]);
  expect(answer['cadences']).toEqual([
    { at: 2, kind: 'half' },
    { at: 4, kind: 'authentic' },
  ]);
  expect(answer['arrows']).toEqual([
    { from: 1, to: 2, kind: 'fifth' },
    { from: 3, to: 4, kind: 'fifth' },
  ]);
  expect(answer['brackets']).toEqual([]);
  const free = json({
    do: 'progression',
    chords: ['Dm', 'E7', 'Am'].map((symbol) => ({ symbol })),
  }) as typeof answer;
  expect(free['keys']).toEqual([{ from: 0, key: 'A minor' }]);
  const spans = json({
    do: 'progression',
    chords: ['C', 'G7', 'C', 'D7', 'G'].map((symbol) => ({ symbol })),
    keys: [
      { from: 0, key: 'C major' },
      { from: 3, key: 'G major' },
    ],
  }) as typeof answer;
  expect(spans['chords']!.map(({ numeral }) => numeral)).toEqual(['I', 'V7', 'I', 'V7', 'I']);
});

test('numerals are set in four voices, checked, and a melody is harmonised', () => {
  const line = {
    do: 'setting',
    key: 'G major',
    chords: ['I', 'IV', 'V7', 'I'],
    melody: ['B4', null, null, null],
    bass: null,
  };
  const setting = json(line) as { voices: string[][]; cost: number };
  expect(setting.voices).toEqual([
    ['B4', 'D4', 'G3', 'G2'],
    ['C5', 'E4', 'G3', 'C3'],
    ['A4', 'F#4', 'C4', 'D3'],
    ['G4', 'D4', 'B3', 'G3'],
  ]);
  expect(json({ do: 'check', key: 'G major', voices: setting.voices })).toEqual({ faults: [] });
  const more = json({ ...line, count: 3 }) as { settings: { cost: number }[] };
  expect(more.settings.map(({ cost }) => cost)).toEqual(
    [...more.settings.map(({ cost }) => cost)].sort((a, b) => a - b),
  );
  const forcing = {
    do: 'setting',
    key: 'C major',
    chords: ['I', 'ii'],
    melody: ['G4', 'A4'],
    bass: ['C3', 'D3'],
  };
  expect(json({ ...forcing, strict: true })).toEqual({
    blocked: { at: 1, rule: 'parallel-fifths' },
  });
  // Otherwise the best that can be, with what it breaks.
  const forced = json(forcing) as { voices: string[][]; faults: object[] };
  expect(forced.voices.map(([soprano, , , bass]) => [soprano, bass])).toEqual([
    ['G4', 'C3'],
    ['A4', 'D3'],
  ]);
  expect(forced.faults).toEqual([{ at: 1, rule: 'parallel-fifths', voices: ['soprano', 'bass'] }]);
  expect(json({ ...forcing, off: ['parallel-fifths'] })).toHaveProperty('voices');
  expect(json({ do: 'check', key: 'G major', voices: [['B4', 'G4', 'D4', 'G2'], ['C5', 'G4', 'E4', 'A2']] })).toEqual({
    faults: [{ at: 1, rule: 'parallel-fifths', voices: ['tenor', 'bass'] }],
  }); // prettier-ignore
  const { harmonisations } = json({
    do: 'harmonise',
    key: 'G major',
    melody: ['B4', 'A4', 'G4'],
    chords: ['I', 'IV', 'V7'],
  }) as { harmonisations: { chords: string[]; reasons: string[] }[] };
  expect(harmonisations[0]!.chords).toEqual(['I', 'V7', 'I']);
  expect(harmonisations[0]!.reasons[2]).toBe('G is the root of I, and V7–I closes');
});

test.each([
  [{ do: 'progression' }, /“chords” is missing/],
  [{ do: 'progression', chords: [] }, /one or more chords are needed/],
  [
    { do: 'progression', chords: [{ notes: ['C'], length: 'long' }] },
    /chord 1.*its length is not in quarters/,
  ],
  [{ do: 'progression', chords: [{ numeral: 'I' }] }, /only in a key/],
  [{ do: 'progression', chords: [{ symbol: 'C' }], phraseEnds: [4] }, /not the number of a chord/],
  [{ do: 'progression', chords: [{ symbol: 'C' }], signature: 9 }, /from -7 to 7/],
  [{ do: 'setting', key: 'C', chords: ['I'], melody: ['C5', 'D5'] }, /longer than the 1 chords/],
  [{ do: 'setting', key: 'C', chords: ['I'], off: ['style'] }, /no such rule/],
  [{ do: 'check', key: 'C', voices: [['C4']] }, /not four notes/],
  [{ do: 'harmonise', key: 'C', melody: ['C#5'], chords: ['I'] }, /in none of the chords I/],
])('%j is refused with its reason', (request, message) => {
  expect((json(request) as { error: { message: string } }).error.message).toMatch(message);
});

describe('convert', () => {
  const folder = mkdtempSync(join(tmpdir(), 'diatonix-convert-'));
  const at = (name: string) => join(folder, name);
  const write = (name: string, text: string) => {
    writeFileSync(at(name), text);
    return at(name);
  };
  const read = (name: string) => readFileSync(at(name), 'utf8');
  afterAll(() => rmSync(folder, { recursive: true }));

  test('RomanText goes to MusicXML and back, to CSV and to MIDI, by the endings', () => {
    const song = write('song.rntxt', 'Title: Ferry song\nm1 A: I b2 vi\nm2 V65/ii ii ||\nm3 V7 I\n');
    for (const ending of ['musicxml', 'mxl', 'csv', 'mid'])
      expect(diatonix(['convert', song, at(`song.${ending}`)])).toMatchObject({ status: 0, stderr: '' });
    expect(diatonix(['convert', at('song.musicxml'), at('back.rntxt')]).status).toBe(0);
    expect(read('back.rntxt')).toContain('Title: Ferry song\n');
    expect(read('back.rntxt')).toContain('m1 A: I b2 vi\nm2 V65/ii b3 ii ||\nm3 V7 b3 I\n');
    expect(diatonix(['convert', at('song.mxl'), at('packed.rntxt')]).status).toBe(0);
    expect(read('packed.rntxt')).toBe(read('back.rntxt'));
    expect(read('song.csv').split('\r\n')[3]).toMatch(/^2,1,2,A major,V65\/ii,6 5,F♯7\/A♯,/);
    expect(read('song.mid').slice(0, 4)).toBe('MThd');
  });

  test('what could not be carried is told, and the rest is', () => {
    const song = write('two.rntxt', 'm1 A: I zz\nm2 E: V7 I\n');
    const { stderr, status } = diatonix(['convert', song, at('two.musicxml')]);
    expect(status).toBe(0);
    expect(stderr).toMatch(/^m1 b1: “zz”/);
    expect(stderr.trim().split('\n')).toHaveLength(1);
    expect(read('two.musicxml').match(/<fifths>\d<\/fifths>/g)).toEqual([
      '<fifths>3</fifths>',
      '<fifths>4</fifths>',
    ]);
  });

  test('a whole score stays whole, and its chords go out as labels', () => {
    const chorale = join(__dirname, '..', '..', 'core', 'test', 'oracles', 'chorale-012.musicxml');
    for (const ending of ['musicxml', 'mxl', 'mid', 'rntxt', 'csv'])
      expect(diatonix(['convert', chorale, at(`whole.${ending}`)]).status).toBe(0);
    const notes = (file: string) =>
      (
        JSON.parse(diatonix(['read', file, '--json']).stdout) as { parts: readonly { notes: number }[] }
      ).parts.map((part) => part.notes);
    expect(notes(at('whole.musicxml'))).toEqual(notes(chorale));
    expect(notes(at('whole.mxl'))).toEqual(notes(chorale));
    expect(notes(at('whole.mid'))).toHaveLength(4);
    expect(readFileSync(at('whole.rntxt'), 'utf8')).toMatch(/^m1 /m);
  });

  test.each([
    [['convert', 'nowhere.rntxt', 'x.csv'], /could not be read/],
    [['convert', 'song.doc', 'x.csv'], /files with this ending are not known here/],
    [['convert', 'song.rntxt'], /no such command|expected/],
  ])('diatonix %j ends with 2 and a message', (args, message) => {
    const { stderr, status } = diatonix(args);
    expect(status).toBe(2);
    expect(stderr).toMatch(message);
  });

  test('a file that holds no music is refused with its reason', () => {
    for (const [name, text, wrong] of [
      ['empty.rntxt', 'nothing', /holds no bar/],
      ['broken.musicxml', '<score-partwise>', /./],
    ] as const) {
      const { stderr, status } = diatonix(['convert', write(name, text), at('out.csv')]);
      expect(status).toBe(2);
      expect(stderr).toMatch(wrong);
    }
  });
});
