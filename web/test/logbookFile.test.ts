/** The logbook of a class out to a file and in from one: what is there stays, and nothing counts twice. */
import { logbookToFile, takeLogbook, withLogbook } from '../src/documents/logbook/logbookFile';
import { workbookFromFile } from '../src/documents/files/importFile';
import type { Document, Documents } from '../src/documents/store/document';
import { byId, documentsOf } from '../src/documents/store/select';
import { undo, useDocuments } from '../src/documents/store/store';
import { everywhere, showDemo, showEmpty } from './demo';

const documents = () => useDocuments.getState().documents;
const classId = () => documentsOf(documents(), 'class')[0]!.id;
const answers = (all: Documents) =>
  documentsOf(all, 'pile').reduce((sum, { body }) => sum + body.entries.length, 0);
const asFile = (text: string, name = 'class.json') => new File([text], name, { type: 'application/json' });
const read = async (text: string): Promise<readonly Document[]> => {
  const found = await workbookFromFile(text, 'class.json');
  if (!found.ok) throw new Error(found.message);
  return found.value.documents;
};

beforeEach(showDemo);

test('a class goes out with its piles and plans alone, and comes into another workbook whole', async () => {
  const text = logbookToFile(documents(), classId());
  const [pupils, count] = [documentsOf(documents(), 'class')[0]!.body.pupils, answers(documents())];
  const kinds = (JSON.parse(text) as { workbook: { documents: { kind: string }[] } }).workbook.documents.map(
    ({ kind }) => kind,
  );
  expect(new Set(kinds)).toEqual(new Set(['class', 'pile', 'plan']));
  expect(kinds.filter((kind) => kind === 'class')).toHaveLength(1);
  showEmpty();
  const before = Object.keys(documents()).length;
  const taken = await takeLogbook(asFile(text));
  expect(taken).toEqual({
    ok: true,
    value: `Taken in from “class.json”: ${kinds.length} documents, ${count} answers.`,
  });
  expect(Object.keys(documents())).toHaveLength(before + kinds.length);
  expect(answers(documents())).toBe(count);
  expect(documentsOf(documents(), 'class').at(-1)!.body.pupils).toEqual(pupils);
  undo(everywhere());
  expect(Object.keys(documents())).toHaveLength(before);
});

test('what is here already is not taken in twice', async () => {
  const before = documents();
  const taken = await takeLogbook(asFile(logbookToFile(before, classId())));
  expect(taken).toEqual({ ok: true, value: 'Everything in “class.json” is here already.' });
  expect(documents()).toBe(before);
});

test('of a pile that is here the answers that are wanting are added, in the order of entering', async () => {
  const there = await read(logbookToFile(documents(), classId()));
  const [pile] = documentsOf(documents(), 'pile');
  const { entries, pupils } = pile!.body;
  const gone = { ...pile!.body, entries: entries.slice(0, -3), pupils: pupils.slice(1) };
  const own = { ...entries[0]!, answer: 'here alone', at: entries[0]!.at + 1 };
  const here = byId([
    ...Object.values(documents()).filter(({ id }) => id !== pile!.id),
    { ...pile!, body: { ...gone, entries: [...gone.entries, own] } },
  ]);
  const taken = withLogbook(here, there);
  expect(taken).toMatchObject({ added: 0, answers: 3 });
  const body = documentsOf(taken.documents, 'pile').find(({ id }) => id === pile!.id)!.body;
  expect(body.entries).toHaveLength(entries.length + 1);
  expect(body.entries).toContainEqual(own);
  expect(body.pupils.map(({ id }) => id).sort()).toEqual(pupils.map(({ id }) => id).sort());
  const times = body.entries.map(({ at }) => at);
  expect(times).toEqual([...times].sort((a, b) => a - b));
});

test('pupils and lessons that are wanting come to a class, and what was changed here stays', async () => {
  const there = await read(logbookToFile(documents(), classId()));
  const open = documentsOf(documents(), 'class')[0]!;
  const [first, ...others] = open.body.pupils!;
  const body = { ...open.body, name: 'Renamed', pupils: [{ ...first!, note: 'here' }, ...others.slice(1)] };
  const here = { ...documents(), [open.id]: { ...open, body } };
  const merged = documentsOf(withLogbook(here, there).documents, 'class').find(
    ({ id }) => id === open.id,
  )!.body;
  expect(merged.name).toBe('Renamed');
  expect(merged.pupils![0]!.note).toBe('here');
  expect(merged.pupils).toHaveLength(open.body.pupils!.length);
});

test('a file that holds no logbook is told, and nothing changes', async () => {
  const before = documents();
  for (const [text, wrong] of [
    ['no json', /does not hold JSON/],
    ['{"format":"diatonix-workbook","version":99,"workbook":{}}', /newer Diatonix/],
    [
      JSON.stringify({
        format: 'diatonix-workbook',
        version: 5,
        workbook: {
          title: 'x',
          documents: Object.values(before)
            .filter(({ kind }) => kind === 'progression')
            .map(({ id, kind, body }) => ({ id, kind, body })),
        },
      }),
      /holds no class, no pile and no plan/,
    ],
  ] as const) {
    const taken = await takeLogbook(asFile(text));
    expect(taken.ok).toBe(false);
    expect(taken.ok ? '' : taken.message).toMatch(wrong);
  }
  expect(documents()).toBe(before);
});
