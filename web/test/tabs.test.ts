/** Two tabs: what either of them does is in both, nothing of it is lost, and undo is a tab's own. */
import 'fake-indexeddb/auto';
import { chooseKey } from '../src/benches/key/state';
import { renameProgression, typeLine } from '../src/benches/progressions/state';
import { closeDatabase } from '../src/documents/persistence/database';
import type { Document } from '../src/documents/store/document';
import type { Progression } from '../src/documents/kinds/progression/type';
import { choose } from '../src/documents/merging/choose';
import { placeWords } from '../src/documents/merging/clashWords';
import { rowsSince, saveDocuments } from '../src/documents/persistence/rows';
import { flush } from '../src/documents/persistence/saving';
import { undo } from '../src/documents/store/store';
import { documentsNow } from './demo';
import { closeTide, id, openTide, state, title, until } from './openTide';

beforeEach(openTide);
afterEach(closeTide);
afterAll(closeDatabase);

/** Another tab writes the progression, knowing what this one had saved. */
async function elsewhere(
  change: (body: Progression) => Partial<Progression>,
  base = baseNow(),
): Promise<void> {
  const from = await base;
  const body = { ...(from.document.body as Progression), ...change(from.document.body as Progression) };
  const now = { ...from.document, body } as Document;
  await saveDocuments(
    { id: id(), title: 'Harbour class', writtenAt: null },
    [{ id: 'p', now, base: from }],
    'other',
  );
}
async function baseNow() {
  const { stamp } = (await rowsSince(id(), 0)).find((one) => one.id === 'p')!;
  return { document: documentsNow()['p']!, stamp };
}
const kept = async () => (await rowsSince(id(), 0)).find((one) => one.id === 'p')!.body as Progression;
const SCOPE = { kinds: ['progression'], open: ['p'] };

test('what another tab writes is shown here; undo takes back what was done here alone', async () => {
  renameProgression('Mine');
  await flush();
  await elsewhere(() => ({ tempo: 132 }));
  await until(() => (documentsNow()['p']!.body as Progression).tempo === 132);
  expect(state().told).toBe('“Mine” was changed in another tab.');
  undo(SCOPE);
  await until(() => title() === 'Tide');
  expect(state().told).toBe('Undone: the title.');
  await flush();
  expect(await kept()).toMatchObject({ title: 'Tide', tempo: 132 });
});

test('what was changed elsewhere since is not undone; the next press goes on to what was before', async () => {
  chooseKey('D major');
  typeLine('I');
  renameProgression('Mine');
  await flush();
  await elsewhere(() => ({ title: 'Theirs' }));
  await until(() => title() === 'Theirs');
  undo(SCOPE);
  await until(() => /^Not undone/.test(state().told));
  expect(state().told).toBe('Not undone, because it was changed elsewhere since: the title.');
  undo(SCOPE);
  await until(() => /^Undone/.test(state().told));
  expect((documentsNow()['p']!.body as Progression).columns).toEqual([]);
  expect(title()).toBe('Theirs');
});

test('two tabs write one field at the same time: both values are there to choose from', async () => {
  const base = baseNow();
  await base;
  renameProgression('Here');
  await elsewhere(() => ({ title: 'There' }), base);
  await until(() => state().clashes.length === 1);
  await flush();
  const [clash] = state().clashes;
  expect([clash!.stands.value, clash!.others[0]!.value].sort()).toEqual(['Here', 'There']);
  expect(placeWords(clash!, documentsNow())).toMatch(/^the title of “/);
  const other = clash!.others[0]!;
  await choose(clash!, other);
  expect(title()).toBe(other.value);
  await until(() => state().clashes.length === 0);
  undo(SCOPE);
  await until(() => title() === clash!.stands.value);
});

test('an edit that is undone before it is saved leaves what another tab wrote meanwhile', async () => {
  await flush();
  const base = await baseNow();
  renameProgression('Never');
  await elsewhere(() => ({ tempo: 144 }), Promise.resolve(base));
  undo(SCOPE);
  await until(() => (documentsNow()['p']!.body as Progression).tempo === 144);
  await flush();
  expect(await kept()).toMatchObject({ title: 'Tide', tempo: 144 });
  expect(title()).toBe('Tide');
});

test('what is typed while a save meets another tab’s is not lost, and takes nothing back', async () => {
  for (let round = 1; round <= 12; round++) {
    const base = baseNow();
    await base;
    renameProgression(`Title ${round}`);
    const saving = flush();
    await elsewhere(() => ({ tempo: 60 + round, source: `Source ${round}` }), base);
    typeLine('I '.repeat(round));
    await saving;
    await flush();
    await until(
      async () => (await kept()).source === `Source ${round}` && state().saveState.kind === 'saved',
    );
    expect(await kept()).toMatchObject({ title: `Title ${round}`, tempo: 60 + round });
    expect((await kept()).columns).toHaveLength(round);
    expect(documentsNow()['p']!.body).toEqual(await kept());
  }
});
