/** The workbook file: out and in, and every way in which it can be wrong. */
import demo from '@diatonix/demo/workbook.json';
import { FILE_VERSION, workbookFromFile, workbookToFile } from '../src/workbook/file';
import type { Workbook } from '../src/workbook/model';

const workbook = demo.workbook as unknown as Workbook;
const file = (change: (body: Record<string, unknown>) => void) => {
  const copy = JSON.parse(JSON.stringify(workbook)) as Record<string, unknown>;
  change(copy);
  return JSON.stringify({ format: 'diatonix-workbook', version: FILE_VERSION, workbook: copy });
};

test('what goes out comes back', async () => {
  expect(await workbookFromFile(workbookToFile(workbook), 'demo.json')).toEqual({
    ok: true,
    value: workbook,
  });
});

test('a file of the first version is brought up to date on opening', async () => {
  const old = JSON.parse(JSON.stringify(workbook)) as Record<string, Record<string, unknown>>;
  delete old['intervals'];
  delete old['chords'];
  delete old['keyBench']!['form'];
  delete old['keyBench']!['fingering'];
  const result = await workbookFromFile(
    JSON.stringify({ format: 'diatonix-workbook', version: 1, workbook: old }),
    'old.json',
  );
  expect(result).toMatchObject({
    ok: true,
    value: {
      title: workbook.title,
      keyBench: { key: 'A major', form: 'harmonic', fingering: false },
      intervals: { items: [] },
      progressions: workbook.progressions,
    },
  });
});

test('a file of the third version keeps its lines; rules that were off weigh nothing, and new rows wait to be asked for', async () => {
  const old = JSON.parse(JSON.stringify(workbook)) as { progressions: Record<string, unknown>[] };
  old.progressions = old.progressions.map(
    ({ metre: _m, pickup: _p, source: _s, order: _o, weights: _w, pattern: _k, ...one }) => ({
      ...one,
      hidden: ['notes'],
      rulesOff: ['overlap'],
    }),
  );
  const result = await workbookFromFile(
    JSON.stringify({ format: 'diatonix-workbook', version: 3, workbook: old }),
    'old.json',
  );
  expect(result).toMatchObject({ ok: true });
  expect(result.ok && result.value.progressions[0]).toEqual({
    ...workbook.progressions[0],
    hidden: ['notes', 'fingers'],
    weights: { overlap: 0 },
  });
});

test.each([
  ['{', /does not hold JSON/],
  ['null', /not a Diatonix workbook/],
  ['{"format":"other"}', /“format” should be “diatonix-workbook”/],
  ['{"format":"diatonix-workbook","version":"1"}', /its version is "1"/],
  ['{"format":"diatonix-workbook","version":7,"workbook":{}}', /newer Diatonix \(version 7/],
  ['{"format":"diatonix-workbook","version":1}', /holds no workbook/],
  [file((w) => delete w['keyBench']), /keyBench/],
  [
    file((w) => ((w['keyBench'] as Record<string, unknown>)['key'] = 'X major')),
    /keyBench › key: “X major” is not a key/,
  ],
  [
    file((w) => ((w['progressions'] as Record<string, unknown>[])[0]!['tempo'] = 3)),
    /progressions 1 › tempo/,
  ],
  [
    file(
      (w) =>
        ((w['progressions'] as { columns: unknown[] }[])[0]!.columns[0] = {
          id: 'x',
          entry: { kind: 'notes', notes: ['A2', 'H3'] },
        }),
    ),
    /columns 1 › entry › notes/,
  ],
  [
    file(
      (w) =>
        ((w['progressions'] as { columns: unknown[] }[])[0]!.columns[0] = {
          id: 'x',
          entry: { kind: 'song', text: 'I' },
        }),
    ),
    /kind/,
  ],
  [
    file((w) => ((w['progressions'] as Record<string, unknown>[])[0]!['metre'] = '4/3')),
    /metre: “4\/3” is not a metre/,
  ],
  [
    file((w) => ((w['progressions'] as Record<string, unknown>[])[0]!['weights'] = { style: 1 })),
    /weights: every weight is a number/,
  ],
  [
    file(
      (w) =>
        ((w['progressions'] as { columns: Record<string, unknown>[] }[])[0]!.columns[0]!['length'] = '0'),
    ),
    /length: “0” is not a length/,
  ],
  [file((w) => (w['surprise'] = true)), /surprise/],
  [file((w) => ((w['school'] as Record<string, unknown>)['letters'] = 'runic')), /school › letters/],
])('%s is refused with its reason', async (text, reason) => {
  const result = await workbookFromFile(text, 'broken.json');
  expect(result.ok).toBe(false);
  expect(!result.ok && result.message).toMatch(reason);
  expect(!result.ok && result.message).toMatch(/“broken\.json”.*The open workbook was not changed\.$/s);
});
