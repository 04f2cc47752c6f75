/** A tab of the application without its pages: the real store, saving and merging, edited at random. */
import { byId } from '../../web/src/documents/store/select';
import type { Document } from '../../web/src/documents/store/document';
import { database } from '../../web/src/documents/persistence/database';
import { flush, nothingStored, startSaving } from '../../web/src/documents/persistence/saving';
import { edit, showWorkbook, useDocuments } from '../../web/src/documents/store/store';
import { listWorkbooks, openWorkbook } from '../../web/src/documents/persistence/workbooks';
import { edited, tokensIn } from '../../web/test/randomEdits';

const { getState } = useDocuments;

/** Opens the workbook that is there, or begins one with these documents. */
async function begin(documents: readonly Document[] | null): Promise<void> {
  startSaving();
  if (documents) {
    showWorkbook({ id: 'w', title: 'Harbour', writtenAt: null }, byId(documents));
    nothingStored();
    await flush();
  } else await openWorkbook((await listWorkbooks())[0]!.id);
}

/** Makes so many random edits, each under the letter of the tab; gives what was written, and what was let go again. */
async function run(letter: string, count: number, seed: number) {
  let state = seed;
  const draw = () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) >>> 8;
  let made = 0;
  const token = () => `tok${letter}${++made}x`;
  const written = new Set<string>();
  const gone = new Set<string>();
  for (let at = 0; at < count; at++) {
    const ids = Object.keys(getState().documents);
    const id = ids[draw() % ids.length]!;
    edit('a random edit', (documents) => {
      const old = documents[id]!;
      const body = edited(old.body, draw, token);
      const [before, now] = [tokensIn(old.body), tokensIn(body)];
      for (const one of now) if (!before.has(one)) written.add(one);
      for (const one of before) if (!now.has(one)) gone.add(one);
      return { ...documents, [id]: { ...old, body } as Document };
    });
    if (draw() % 4 === 0) await new Promise((done) => setTimeout(done, draw() % 60));
  }
  return { written: [...written], gone: [...gone] };
}

const settle = async (): Promise<string> => {
  await flush();
  return JSON.stringify(getState().documents);
};

/** What stands in the database in the end, and the clashes that were told. */
async function stored(): Promise<string> {
  const rows = await database().documents.toArray();
  return JSON.stringify([rows.map(({ body }) => body), await database().clashes.toArray()]);
}

const clashes = (): number => getState().clashes.length;

Object.assign(window, { tab: { begin, run, settle, stored, clashes } });
