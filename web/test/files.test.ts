/** Workbook files: out and in, every version ever written, and every way in which one can be wrong. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv/dist/2020';
import { byId } from '../src/documents/store/select';
import { checkBody } from '../src/documents/checks/check';
import { MANY_KINDS, type Document } from '../src/documents/store/document';
import { FILE_FORMAT, workbookToFile } from '../src/documents/files/file';
import { workbookFromFile } from '../src/documents/files/importFile';
import { VERSION } from '../src/documents/migrations/version';
import { workbookSchema } from '../src/documents/checks/schema';
import { DEMO, DEMO_DOCUMENTS, DEMO_LINES } from './demo';

const FROZEN = join(__dirname, 'frozen');
const frozen = (name: string) => readFileSync(join(FROZEN, name), 'utf8');

interface FileBody {
  title: string;
  documents: { id: string; kind: string; body: Record<string, unknown> }[];
}

/** The demo as a file, changed. */
const file = (change: (body: FileBody) => void) => {
  const copy = JSON.parse(workbookToFile(DEMO.title, DEMO_DOCUMENTS)) as { workbook: FileBody };
  change(copy.workbook);
  return JSON.stringify(copy);
};
const bodyIn = (workbook: FileBody, kind: string) =>
  workbook.documents.find((one) => one.kind === kind)!.body;

test('what goes out comes back', async () => {
  const read = await workbookFromFile(workbookToFile(DEMO.title, DEMO_DOCUMENTS), 'demo.json');
  if (!read.ok) throw new Error(read.message);
  expect(read.value.title).toBe(DEMO.title);
  expect(read.value.aside).toEqual([]);
  expect(byId(read.value.documents)).toEqual(DEMO_DOCUMENTS);
});

test('a workbook of every version that was ever written opens, with all its documents', async () => {
  const names = readdirSync(FROZEN).filter((name) => name.startsWith('workbook-'));
  expect(new Set(names.map((name) => (JSON.parse(frozen(name)) as { version: number }).version))).toEqual(
    new Set(Array.from({ length: VERSION }, (_, at) => at + 1)),
  );
  for (const name of names) {
    const { workbook } = JSON.parse(frozen(name)) as { workbook: Record<string, unknown> };
    const read = await workbookFromFile(frozen(name), name);
    if (!read.ok) throw new Error(read.message);
    expect([name, read.value.aside]).toEqual([name, []]);
    const lines = read.value.documents.filter(({ kind }) => kind === 'progression');
    const old = (workbook['progressions'] ??
      (workbook['documents'] as FileBody['documents']).filter(
        ({ kind }) => kind === 'progression',
      )) as unknown[];
    expect([name, lines.length]).toEqual([name, old.length]);
    expect(read.value.documents.filter(({ kind }) => kind === 'class').length).toBeGreaterThan(0);
  }
});

test.each([
  ['intervals', 'items', [null]],
  ['intervals', 'items', null],
  ['intervals', 'items', 'C4 E4'],
  ['progression', 'columns', [null]],
  ['progression', 'columns', []],
  ['progression', 'columns', { id: 7, entry: null }],
  ['progression', 'columns', { id: 'x', entry: '0/0' }],
  ['progression', 'columns', { id: 'x', entry: { kind: 'notes', notes: [] } }],
])('an odd item of %s in its %s is set aside, and its document opens without it', async (kind, list, odd) => {
  const text = file((workbook) => (bodyIn(workbook, kind)[list] as unknown[]).splice(1, 1, odd));
  const read = await workbookFromFile(text, 'odd.json');
  if (!read.ok) throw new Error(read.message);
  expect(read.value.aside.map(({ raw }) => (raw as { kind: string }).kind)).toEqual([kind]);
  expect(read.value.documents.length).toBe(Object.keys(DEMO_DOCUMENTS).length);
  const before = DEMO.documents.find((one) => one.kind === kind)!.body as unknown as Record<
    string,
    unknown[]
  >;
  const now = read.value.documents.find((one) => one.kind === kind)!.body as unknown as typeof before;
  // The odd one stood in the place of a sound one.
  expect(now[list]).toEqual(before[list]!.filter((_, at) => at !== 1));
});

test('what an old version decided is kept as it was, whatever today’s defaults are', async () => {
  const read = await workbookFromFile(frozen('workbook-1.json'), 'old.json');
  if (!read.ok) throw new Error(read.message);
  const [line] = read.value.documents.filter(({ kind }) => kind === 'progression');
  expect(line!.body).toMatchObject({ metre: '2/4', upbeat: '0', hidden: ['fingers'], weights: {} });
  const key = read.value.documents.find(({ kind }) => kind === 'key')!;
  expect(key.body).toMatchObject({ form: 'harmonic', fingering: false, clef: 'treble' });
});

test('rules that were off in the third version weigh nothing, and none is left behind', async () => {
  const old = JSON.parse(frozen('workbook-3.json')) as {
    workbook: { progressions: Record<string, unknown>[] };
  };
  old.workbook.progressions[0]!['rulesOff'] = ['overlap'];
  const read = await workbookFromFile(JSON.stringify(old), 'old.json');
  if (!read.ok) throw new Error(read.message);
  const [line] = read.value.documents.filter(({ kind }) => kind === 'progression');
  expect(line!.body).toMatchObject({ weights: { overlap: 0 } });
  expect(Object.keys(line!.body)).not.toContain('rulesOff');
});

test('a workbook that came from an old version is exported and imported again', async () => {
  for (const name of readdirSync(FROZEN).filter((one) => one.startsWith('workbook-'))) {
    const first = await workbookFromFile(frozen(name), name);
    if (!first.ok) throw new Error(first.message);
    const again = await workbookFromFile(workbookToFile('Again', byId(first.value.documents)), 'again.json');
    if (!again.ok) throw new Error(again.message);
    expect(again.value.aside).toEqual([]);
    expect(byId(again.value.documents)).toEqual(byId(first.value.documents));
  }
});

test.each([
  ['{', 'notes.json', /this is not a workbook file: it does not hold JSON/],
  ['<?xml version="1.0"?><score-partwise/>', 'hymn.json', /a score in MusicXML: open it on the Scores bench/],
  ['MThd\u0000\u0000', 'song.json', /this is a MIDI file/],
  ['%PDF-1.7', 'sheet.json', /this is a PDF/],
  ['PK\u0003\u0004', 'hymn.mxl', /a compressed score/],
  ['Composer: nobody\nm1 I', 'line.rntxt', /an analysis in RomanText/],
  ['null', 'broken.json', /not a Diatonix workbook/],
  ['{"format":"other"}', 'broken.json', /“format” should be “diatonix-workbook”/],
  ['{"format":"diatonix-workbook","version":"1"}', 'broken.json', /its version is "1"/],
  ['{"format":"diatonix-workbook"}', 'broken.json', /its version is missing/],
  ['{"format":"diatonix-workbook","version":8,"workbook":{}}', 'broken.json', /newer Diatonix \(version 8/],
  ['{"format":"diatonix-workbook","version":1}', 'broken.json', /holds no workbook/],
])('%s is refused with its reason', async (text, name, reason) => {
  const result = await workbookFromFile(text, name);
  expect(result.ok).toBe(false);
  if (result.ok) return;
  expect(result.message).toMatch(reason);
  expect(result.message).toContain(`“${name}”`);
  expect(result.message).toMatch(/The open workbook was not changed\.$/);
});

const column = (workbook: FileBody, one: unknown) =>
  ((bodyIn(workbook, 'progression')['columns'] as unknown[])[0] = one);

test.each<[string, (workbook: FileBody) => void, RegExp]>([
  ['key', (w) => (bodyIn(w, 'key')['key'] = 'X major'), /key: “X major” is not a key/],
  ['key', (w) => (bodyIn(w, 'key')['surprise'] = 1), /surprise/],
  ['labels', (w) => (bodyIn(w, 'labels')['letters'] = 'runic'), /letters/],
  ['labels', (w) => (bodyIn(w, 'labels')['symbols'] = []), /symbols/],
  ['class', (w) => (bodyIn(w, 'class')['notYetTaught'] = { major: [9], minor: [] }), /major/],
  ['intervals', (w) => (bodyIn(w, 'intervals')['items'] = [{ id: 'a', from: null, to: 'E4' }]), /from/],
  ['chord', (w) => (bodyIn(w, 'chord')['symbol'] = []), /symbol/],
  ['progression', (w) => (bodyIn(w, 'progression')['tempo'] = 3), /tempo/],
  ['progression', (w) => (bodyIn(w, 'progression')['metre'] = '4/3'), /metre: “4\/3” is not a metre/],
  ['progression', (w) => (bodyIn(w, 'progression')['metre'] = null), /metre/],
  ['progression', (w) => (bodyIn(w, 'progression')['weights'] = { style: 1 }), /every weight is a number/],
  ['progression', (w) => (bodyIn(w, 'progression')['columns'] = [null]), /columns/],
  ['progression', (w) => column(w, { id: 'x', entry: { kind: 'notes', notes: ['A2', 'H3'] } }), /notes/],
  ['progression', (w) => column(w, { id: 'x', entry: { kind: 'song', text: 'I' } }), /kind/],
  ['progression', (w) => column(w, { id: 'x', unread: 'I', length: null }), /length/],
  ['progression', (w) => column(w, { id: 'x', unread: 'I', length: '0' }), /length/],
  ['progression', (w) => column(w, { id: 'x', unread: 'I', melody: [null] }), /melody/],
  ['progression', (w) => column(w, { id: 'x', unread: 'I', locks: [null, 'C4'] }), /locks/],
  [
    'progression',
    (w) => (w.documents.find((d) => d.kind === 'progression')!.body = null as never),
    /holds nothing/,
  ],
])(
  'what is broken in a %s is set aside with its reason, and the rest opens',
  async (kind, change, reason) => {
    const read = await workbookFromFile(file(change), 'mixed.json');
    if (!read.ok) throw new Error(read.message);
    expect(read.value.aside).toHaveLength(1);
    expect(read.value.aside[0]!.reasons.join(' ')).toMatch(reason);
    expect(read.value.aside[0]!.raw).toMatchObject({ kind });
    const isWhole = /holds nothing/.test(reason.source);
    expect(read.value.documents).toHaveLength(DEMO.documents.length - (isWhole ? 1 : 0));
    if (!isWhole) expect(read.value.aside[0]!.name).toMatch(/^(?:a part|\d parts) of /);
  },
);

test.each<[string, string, readonly string[]]>([
  ['progression', 'metre', ['modulate', 'view', 'hidden', 'metre', 'upbeat', 'weights', 'order', 'pattern']],
  ['chord', 'chain', ['doubled', 'chain']],
  ['intervals', 'perBar', ['perBar', 'inversionAnswers', 'naming']],
  ['labels', 'words', ['words', 'cadences', 'solfege']],
  ['class', 'notYetTaught', ['notYetTaught']],
  ['key', 'print', ['print', 'beside']],
  ['sheet', 'versions', ['versions', 'seed']],
  ['score', 'closed', ['closed', 'hidden', 'tempo']],
])(
  'a %s without %s and other newer fields takes what it begins with, and nothing is set aside',
  async (kind, one, all) => {
    const text = file((w) => {
      for (const name of all) delete bodyIn(w, kind)[name];
    });
    const read = await workbookFromFile(text, 'older.json');
    if (!read.ok) throw new Error(read.message);
    expect(read.value.aside).toEqual([]);
    const body = read.value.documents.find((d) => d.kind === kind)!.body as unknown as Record<
      string,
      unknown
    >;
    expect(body[one]).toBeDefined();
    expect(checkBody(kind, body)).toEqual([]);
  },
);

test('of a pile whose sheet cannot be read no question moves to another’s place: it is set aside whole', async () => {
  const text = file((w) => {
    const sheet = bodyIn(w, 'pile')['sheet'] as { sections: { kind: string }[] };
    sheet.sections[0]!.kind = 'song';
  });
  const read = await workbookFromFile(text, 'pile.json');
  if (!read.ok) throw new Error(read.message);
  expect(read.value.aside.map(({ raw }) => (raw as { kind: string }).kind)).toEqual(['pile']);
  expect(read.value.documents).toHaveLength(DEMO.documents.length - 1);
});

test('an answer that is none does not take its pile along, and ids that stand twice are told apart', async () => {
  let entries = 0;
  const text = file((w) => {
    const pile = bodyIn(w, 'pile') as { entries: unknown[]; pupils: { id: string }[] };
    entries = pile.entries.length;
    pile.entries.push({ pupil: 'x', question: '1', answer: 'M3', at: 1 }, null);
    pile.pupils[1]!.id = pile.pupils[0]!.id;
  });
  const read = await workbookFromFile(text, 'pile.json');
  if (!read.ok) throw new Error(read.message);
  const { body } = read.value.documents.find((d) => d.kind === 'pile') as Document<'pile'>;
  expect(body.entries).toHaveLength(entries);
  expect(new Set(body.pupils.map(({ id }) => id)).size).toBe(body.pupils.length);
});

test('a document nested without end, of an unknown kind, without an id or with a second one is set aside', async () => {
  const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`;
  const text = file((w) => {
    w.documents.push({ id: 'odd', kind: 'song', body: {} });
    w.documents.push({ id: '', kind: 'class', body: {} });
    w.documents.push({ ...w.documents.find(({ kind }) => kind === 'progression')! });
    w.documents.push({ id: 'deep', kind: 'progression', body: { columns: '@' as never } });
  }).replace('"@"', deep);
  const read = await workbookFromFile(text, 'odd.json');
  if (!read.ok) throw new Error(read.message);
  expect(read.value.aside).toHaveLength(4);
  expect(read.value.documents).toHaveLength(DEMO.documents.length);
});

test('a file in which nothing that was made is sound is refused', async () => {
  const text = file((w) => {
    for (const one of w.documents) if ((MANY_KINDS as readonly string[]).includes(one.kind)) one.body = {};
  });
  const read = await workbookFromFile(text, 'broken.json');
  expect(read.ok).toBe(false);
});

describe('the published schema', () => {
  const validate = new Ajv({ allErrors: true, strict: false }).compile(workbookSchema());
  const published = join(__dirname, '..', '..', 'docs', 'workbook.schema.json');

  test('is the one that stands in docs', () => {
    expect(JSON.parse(readFileSync(published, 'utf8'))).toEqual(workbookSchema());
  });

  test('takes the demo and every old workbook once it is brought up to date', async () => {
    expect(validate(JSON.parse(workbookToFile(DEMO.title, DEMO_DOCUMENTS)))).toBe(true);
    for (const name of readdirSync(FROZEN).filter((one) => one.startsWith('workbook-'))) {
      const read = await workbookFromFile(frozen(name), name);
      if (!read.ok) throw new Error(read.message);
      expect([name, validate(JSON.parse(workbookToFile('Old', byId(read.value.documents))))]).toEqual([
        name,
        true,
      ]);
    }
  });

  test.each<[string, (workbook: FileBody) => void]>([
    ['an unknown field', (w) => (bodyIn(w, 'key')['surprise'] = 1)],
    ['a clef that is none', (w) => (bodyIn(w, 'key')['clef'] = 'viola')],
    ['a tempo that is too slow', (w) => (bodyIn(w, 'progression')['tempo'] = 3)],
    ['a missing field', (w) => delete bodyIn(w, 'intervals')['items']],
    ['an unknown kind', (w) => (w.documents[0]!.kind = 'song')],
    ['letters that are none', (w) => (bodyIn(w, 'labels')['letters'] = 'runic')],
  ])('does not take %s', (_, change) => {
    expect(validate(JSON.parse(file(change)))).toBe(false);
  });

  test('names the format and the version', () => {
    expect(
      validate({ format: FILE_FORMAT, version: VERSION + 1, workbook: { title: '', documents: [] } }),
    ).toBe(false);
    expect(DEMO_LINES.length).toBeGreaterThan(1);
  });
});
