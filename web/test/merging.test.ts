/** Two tabs: whatever either of them wrote stands in the merged document, or among the clashes with both values. */
import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { closeDatabase, database } from '../src/documents/persistence/database';
import { DOCUMENT_KINDS, type Document, type DocumentKind } from '../src/documents/store/document';
import type { PileBody } from '../src/documents/kinds/pile/type';
import { mergeDocuments, withPut } from '../src/documents/merging/mergeDocuments';
import { ORDER } from '../src/documents/merging/part';
import { saveDocuments, type Unsaved } from '../src/documents/persistence/rows';
import { documentsOf } from '../src/documents/store/select';
import { DEMO_DOCUMENTS } from './demo';
import { edited, tokensIn } from './randomEdits';

const copy = <T>(value: T): T => structuredClone(value);

const PILE: PileBody = {
  title: 'Pile',
  date: '2026-11-26',
  sheet: { title: 'Sheet', seed: 1, versions: 1, sections: [] },
  follow: 1,
  pupils: [
    { id: 'una', name: 'Una', version: 0 },
    { id: 'bo', name: 'Bo', version: 0 },
  ],
  entries: [
    { id: 'e1', pupil: 'una', question: '0.0', answer: 'M3', at: 1 },
    { pupil: 'bo', question: '0.1', answer: 'P5', at: 2 },
  ],
};

/** A document of each kind with something in every list. */
function sample(kind: DocumentKind): Document {
  const found = Object.values(DEMO_DOCUMENTS).find((one) => one.kind === kind);
  if (kind === 'pile') return { id: 'pile', kind, order: 1, body: PILE };
  if (kind === 'class')
    return {
      ...(found as Document<'class'>),
      body: {
        name: 'Evening class',
        notYetTaught: { major: [7], minor: [] },
        pupils: [{ id: 'una', name: 'Una', note: 'x', since: '2026-09-01', left: false }],
        lessons: [{ id: 'l1', date: '2026-09-01', taught: 'keys', set: 'map', remark: '' }],
      },
    };
  if (kind === 'plan' && !found)
    return {
      id: 'plan',
      kind,
      order: 1,
      body: {
        ...{ title: 'Plan', drills: ['scale'], order: 'circle', modes: 'major', most: 3, form: 'harmonic' },
        ...{ theory: [], minutes: 20, pause: 10, start: '2026-11-01' },
        ticks: [{ item: 'scale C major', on: '2026-11-02', grade: 'good' }],
      },
    } as Document;
  if (found) return found;
  return { id: kind, kind, order: 0, body: copy(firstOf(kind)) } as Document;
}
const firstOf = (kind: DocumentKind) => {
  const [first] = documentsOf(DEMO_DOCUMENTS, kind as 'sheet');
  return first?.body ?? {};
};

let counter = 0;
const token = () => `tok${++counter}x`;

const withEdits = (document: Document, draws: readonly number[]): Document => {
  const list = [...draws];
  const draw = () => list.shift() ?? 0;
  let body: unknown = document.body;
  while (list.length > 0) body = edited(body, draw, token);
  return { ...document, body } as Document;
};

const draws = fc.array(fc.nat(9999), { minLength: 3, maxLength: 16 });

describe.each(DOCUMENT_KINDS)('%s', (kind) => {
  test('nothing that either side wrote is lost: it stands, or it is told', () => {
    fc.assert(
      fc.property(draws, draws, draws, (before, there, here) => {
        const base = withEdits(sample(kind), before);
        const [theirs, mine] = [withEdits(base, there), withEdits(base, here)];
        const { document, clashes } = mergeDocuments({ base, theirs, mine });
        const kept = tokensIn([document, clashes]);
        for (const side of [theirs, mine])
          for (const one of tokensIn(side)) if (!tokensIn(base).has(one)) expect(kept).toContain(one);
        // What both let go is gone, and what one alone changed is as that one has it.
        for (const one of tokensIn(document))
          expect(tokensIn(theirs).has(one) || tokensIn(mine).has(one)).toBe(true);
        expect(mergeDocuments({ base, theirs, mine: base }).document).toEqual(theirs);
        expect(mergeDocuments({ base, theirs: base, mine }).document).toEqual(mine);
        // What does not stand can be put in its place.
        for (const { path, other } of clashes.filter(({ path }) => path.at(-1) !== ORDER)) {
          const chosen = withPut(document!, path, other);
          for (const one of tokensIn(other)) expect(tokensIn(chosen)).toContain(one);
        }
      }),
      { numRuns: 60 },
    );
  });
});

test('what was taught in two tabs comes together, also where one of them said it for the first time', () => {
  const base = sample('class') as Document<'class'>;
  const taught = (notYetTaught: object): Document => ({
    ...base,
    body: { ...base.body, notYetTaught: { ...base.body.notYetTaught, ...notYetTaught } },
  });
  const both = (theirs: Document, mine: Document, from: Document = base) => {
    const { document, clashes } = mergeDocuments({ base: from, theirs, mine });
    expect(clashes).toEqual([]);
    return (document as Document<'class'>).body.notYetTaught;
  };
  const sevenths = { major: [5], minor: [] };
  const keys = ['E flat major'];
  const theirs = taught({ sevenths, keys });
  expect(both(theirs, taught({ sevenths: { major: [2], minor: [7] } }))).toEqual({
    ...{ major: [7], minor: [] },
    ...{ sevenths: { major: [5, 2], minor: [7] }, keys: ['E flat major'] },
  });
  // What one has taught meanwhile is taught, whatever the other adds.
  expect(
    both(taught({ sevenths: { major: [], minor: [] }, keys }), taught({ sevenths, keys: [] }), theirs),
  ).toEqual({
    ...{ major: [7], minor: [] },
    ...{ sevenths: { major: [], minor: [] }, keys: [] },
  });
});

test('two tabs that save in any order keep what each wrote, or tell the clash', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...DOCUMENT_KINDS),
      fc.array(fc.record({ tab: fc.nat(1), save: fc.boolean(), draws }), { minLength: 4, maxLength: 30 }),
      async (kind, steps) => {
        await database().delete();
        closeDatabase();
        const header = { id: 'w', title: 'Harbour', writtenAt: null };
        const first = sample(kind);
        const { stamp } = await saveDocuments(header, [{ id: first.id, now: first, base: null }], 'first');
        const tabs = [0, 1].map(() => ({ now: first, stored: first, stamp }));
        const written = new Set<string>();
        const let_go = new Set<string>();
        const save = async (at: number) => {
          const tab = tabs[at]!;
          const unsaved: Unsaved = {
            id: first.id,
            now: tab.now,
            base: { document: tab.stored, stamp: tab.stamp },
          };
          const saved = await saveDocuments(header, [unsaved], `tab${at}`);
          const document = saved.merged[0]?.document ?? tab.now;
          tabs[at] = { now: document, stored: document, stamp: saved.stamp };
        };
        for (const { tab, save: saves, draws: own } of steps) {
          const before = tabs[tab]!.now;
          const now = withEdits(before, own);
          for (const one of tokensIn(now)) written.add(one);
          for (const one of tokensIn(before)) if (!tokensIn(now).has(one)) let_go.add(one);
          tabs[tab] = { ...tabs[tab]!, now };
          if (saves) await save(tab);
        }
        for (const at of [0, 1, 0]) await save(at);
        const row = await database().documents.get(['w', first.id]);
        const clashes = await database().clashes.toArray();
        const kept = tokensIn([row!.body, clashes]);
        for (const one of written) if (!let_go.has(one)) expect(kept).toContain(one);
      },
    ),
    { numRuns: 40 },
  );
}, 60_000);
