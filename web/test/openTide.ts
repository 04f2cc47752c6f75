/** A workbook that is open and saved as on the page, for tests of what happens to it. */
import { FIRST_PROGRESSION, type Progression } from '../src/documents/kinds/progression/type';
import { flush, nothingStored, startSaving } from '../src/documents/persistence/saving';
import { showWorkbook, useDocuments } from '../src/documents/store/store';
import { documentsNow } from './demo';

// The page's own events, as far as saving listens to them.
export const page = Object.assign(globalThis, { window: new EventTarget(), document: new EventTarget() });

export const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
export const state = () => useDocuments.getState();
export const until = async (check: () => boolean | Promise<boolean>) => {
  for (let tries = 0; tries < 100; tries++) {
    if (await check()) return;
    await wait(20);
  }
  throw new Error('It did not come about within two seconds.');
};
export const title = () => (documentsNow()['p']?.body as Progression).title;
export const id = () => state().workbook.id;
let count = 0;
let stopSaving: () => void = () => undefined;

/** Opens a workbook with one progression, “Tide”, under the id `p`. */
export async function openTide(): Promise<void> {
  stopSaving = startSaving();
  const body = { ...FIRST_PROGRESSION, title: 'Tide' };
  const line = { id: 'p', kind: 'progression', order: 1, body } as const;
  showWorkbook({ id: `w${++count}`, title: 'Harbour class', writtenAt: null }, { p: line });
  nothingStored();
  await flush();
}
export const closeTide = (): void => stopSaving();
