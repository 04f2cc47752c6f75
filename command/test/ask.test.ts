/** Questions by the line and sheets by the command: as they are documented, and what is refused. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { diatonix, json } from './program';

const folder = mkdtempSync(join(tmpdir(), 'diatonix-'));
const SPEC = {
  title: 'Slipway',
  seed: 9,
  sections: [
    { kind: 'interval-name', count: 3, marks: 2 },
    { kind: 'numeral-build', count: 2, material: { keys: ['G major'], untaught: ['iii'] } },
  ],
};
const file = join(folder, 'slipway.json');
writeFileSync(file, JSON.stringify(SPEC));

interface Out {
  readonly kind: string;
  readonly id: string;
  readonly given: Record<string, unknown>;
  readonly answers: readonly unknown[];
  readonly difficulty: { readonly total: number };
  readonly working: readonly string[];
}

test('questions of one kind with answers, difficulty and working', () => {
  const request = {
    do: 'ask',
    kind: 'interval-name',
    seed: 7,
    count: 20,
    material: { clefs: ['bass'], keys: ['D major'] },
  };
  const { questions } = json(request) as { questions: Out[] };
  expect(questions).toHaveLength(20);
  for (const { kind, given, answers, difficulty, working } of questions) {
    expect([kind, given['clef'], given['key']]).toEqual(['interval-name', 'bass', 'D major']);
    expect(answers[0]).toMatch(/^(?:[PMm]|A+|d+)\d+$/);
    expect(difficulty.total).toBeGreaterThan(0);
    expect(working.length).toBeGreaterThan(1);
    // What is answered is what the interval request says of the same notes.
    expect(json({ do: 'interval', from: given['from'], to: given['to'] })['name']).toBe(answers[0]);
  }
  expect(json(request)).toEqual({ questions });
  expect(json({ do: 'ask', kind: 'triad-build', seed: 2 })['questions']).toHaveLength(10);
});

test('planted faults are those that the check of four voices finds, and nothing else is wrong', () => {
  const { questions } = json({ do: 'ask', kind: 'parts-faults', seed: 5, count: 6 }) as { questions: Out[] };
  for (const { given, answers } of questions) {
    const { faults } = json({ do: 'check', key: given['key'], voices: given['voices'] }) as {
      faults: { at: number; rule: string; voices: string[] }[];
    };
    expect(faults.map((fault) => ({ ...fault, at: fault.at + 1 }))).toEqual(answers[0]);
    expect([1, 2]).toContain(faults.length);
  }
});

test('the key of a line is the one in which its last chords are a cadence', () => {
  const { questions } = json({ do: 'ask', kind: 'key-find', seed: 5, count: 12 }) as { questions: Out[] };
  const modes = new Set<string>();
  for (const { given, answers } of questions) {
    const key = answers[0] as string;
    modes.add(key.split(' ')[1]!);
    expect(given['candidates']).toContain(key);
    const chords = (given['chords'] as string[][]).map((notes) => ({ notes }));
    const { cadences } = json({ do: 'progression', key, chords }) as {
      cadences: { at: number; kind: string }[];
    };
    expect(cadences.at(-1)).toMatchObject({ at: chords.length - 1, kind: 'authentic' });
  }
  expect(modes.size).toBe(2);
});

test('version B asks other questions, as hard', () => {
  const ask = (version: string) =>
    json({ do: 'ask', kind: 'seventh-build', seed: 4, count: 6, version }) as { questions: Out[] };
  const [a, b] = [ask('A').questions, ask('B').questions];
  expect(b.map(({ given }) => given)).not.toEqual(a.map(({ given }) => given));
  a.forEach(({ difficulty }, at) =>
    expect(Math.abs(b[at]!.difficulty.total - difficulty.total)).toBeLessThanOrEqual(0.51),
  );
});

test('remarks stand beside the questions', () => {
  const { remarks } = json({ do: 'ask', kind: 'signature-write', count: 3, material: { keys: ['C major'] } });
  expect(remarks).toEqual(['The material has only one question: it comes again.']);
});

test.each([
  [{ kind: 'nonsense' }, 'there is no such kind of exercise'],
  [{ kind: 'note-name', count: 10_000 }, 'one to 1000 questions'],
  [{ kind: 'note-name', material: [] }, '“material” is not an object'],
  [{ kind: 'note-name', material: { clefs: 'bass' } }, '“clefs”: this is not a list of texts.'],
  [{ kind: 'note-name', version: 'AB' }, 'there is no such version'],
  [{}, '“kind” is missing'],
])('%j is refused in words', (request, message) => {
  expect(json({ do: 'ask', ...request })['error']).toMatchObject({
    code: 'request',
    message: expect.stringContaining(message) as string,
  });
});

test('a sheet of a spec, in words and as JSON, from a file and from standard input', () => {
  const out = diatonix(['sheet', '--spec', file]);
  expect(out.status).toBe(0);
  expect(out.stdout).toMatch(/^Slipway {3}[A-Z2-9]{4}-A {3}8 marks/);
  expect(out.stdout).toContain('1. Name each interval: quality and number.');
  expect(out.stdout).toContain('iii has not been taught to this class');
  const sheet = JSON.parse(diatonix(['sheet', '--spec', '-', '--json'], JSON.stringify(SPEC)).stdout) as {
    code: string;
    sections: { questions: Out[] }[];
  };
  expect(sheet.sections.map(({ questions }) => questions.length)).toEqual([3, 2]);
  expect(out.stdout).toContain(sheet.code);
  const other = JSON.parse(
    diatonix(['sheet', '--spec', file, '--json', '--seed', '10', '--version', 'B']).stdout,
  ) as {
    code: string;
  };
  expect(other.code).toMatch(/-B$/);
  expect(other.code.slice(0, 4)).not.toBe(sheet.code.slice(0, 4));
});

test('every kind is listed with its material', () => {
  const { kinds } = JSON.parse(diatonix(['sheet', '--kinds', '--json']).stdout) as {
    kinds: { kind: string; material: Record<string, { values: unknown; usual: unknown }> }[];
  };
  expect(kinds.length).toBeGreaterThanOrEqual(24);
  for (const { kind, material } of kinds)
    expect(
      json({
        do: 'ask',
        kind,
        count: 1,
        material: Object.fromEntries(Object.entries(material).map(([field, { usual }]) => [field, usual])),
      })['questions'],
    ).toHaveLength(1);
});

test.each([
  [['sheet'], 'there is no spec to make a sheet of'],
  [['sheet', '--spec', join(folder, 'missing.json')], 'this file cannot be read'],
  [['sheet', '--spec', file, '--seed', 'x'], '“x”: this is not a whole number'],
  [['sheet', '--spec', file, '--version', '1'], 'there is no such version'],
])('%j is refused in words', (args, message) => {
  const { stderr, status } = diatonix(args);
  expect(status).toBe(2);
  expect(stderr).toContain(message);
});

test('a hostile spec is refused, naming the section', () => {
  const refused = (spec: unknown) => diatonix(['sheet', '--spec', '-'], JSON.stringify(spec)).stderr;
  expect(refused([])).toContain('this spec is not an object');
  expect(refused({ sections: [3] })).toContain('“section 1”: this section is not an object');
  expect(refused({ sections: [{ kind: 'note-name', count: '5' }] })).toContain(
    '“section 1, note-name”: “count” is not a whole number',
  );
  expect(refused({ sections: Array.from({ length: 40 }, () => SPEC.sections[0]) })).toContain(
    '1 to 30 sections',
  );
  expect(diatonix(['sheet', '--spec', '-'], '{').stderr).toContain('this is not JSON');
});
