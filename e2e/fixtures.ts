import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { startServer } from '../scripts/browser.mjs';

interface WorkerFixtures {
  /** Address of the built application with the demo workbook. */
  readonly demo: string;
  /** Address of the built application that starts empty. */
  readonly empty: string;
}

/** Every test gets a fresh browser profile; a worker shares its two servers. */
export const test = base.extend<object, WorkerFixtures>({
  // Half of what a page does at first is fetching the other benches. What is not tried here is not fetched.
  context: async ({ context }, use) => {
    await context.addInitScript(() =>
      Object.defineProperty(navigator, 'connection', { value: { saveData: true } }),
    );
    await use(context);
  },
  demo: [
    // eslint-disable-next-line no-empty-pattern -- Playwright wants the pattern
    async ({}, use) => {
      const server = await startServer();
      await use(server.address);
      server.stop();
    },
    { scope: 'worker' },
  ],
  empty: [
    // eslint-disable-next-line no-empty-pattern -- Playwright wants the pattern
    async ({}, use) => {
      const server = await startServer('--empty');
      await use(server.address);
      server.stop();
    },
    { scope: 'worker' },
  ],
});

export { expect };

/** The entry line of the Progressions bench. */
export function entryLine(page: Page): Locator {
  return page.getByRole('textbox', { name: /^Progression: numerals/ });
}

/** Writes a line in place of what stands there, and waits until the page shows what it says. */
export async function typeLine(page: Page, line: string): Promise<void> {
  await entryLine(page).fill(line);
  await page.evaluate(
    () => new Promise((done) => requestAnimationFrame(() => setTimeout(() => requestIdleCallback(done)))),
  );
}

/** Opens the Progressions bench. */
export async function openProgressions(page: Page, address: string): Promise<void> {
  await page.goto(`${address}progressions`);
  await expect(entryLine(page)).toBeVisible();
}

/** The texts of one row of the grid, column by column, as a screen reader has them. */
export async function rowTexts(page: Page, label: string): Promise<string[]> {
  const cells = page.getByRole('gridcell', { name: new RegExp(`^${label}: `) });
  const names = await cells.evaluateAll((elements) =>
    elements.map((element) => element.getAttribute('aria-label') ?? ''),
  );
  return names.map((name) => name.slice(label.length + 2));
}

/** Waits until a row reads as given. */
export async function expectRow(page: Page, label: string, texts: readonly string[]): Promise<void> {
  await expect.poll(() => rowTexts(page, label)).toEqual(texts);
}

/** Waits until the workbook is written to the browser's database. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByText('Saved on this device')).toBeVisible();
  await page.waitForTimeout(250);
  await expect(page.getByText('Saved on this device')).toBeVisible();
}

/** Opens what stands under the line of the Progressions bench. */
export async function openUnder(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Melody', exact: true }).click();
  await page.getByRole('menuitem', { name }).click();
}

/** Writes down every column that is marked as sounding from here on; returns what was written so far. */
export async function writeDownSounding(page: Page): Promise<() => Promise<number[]>> {
  await page.evaluate(() => {
    const page = window as unknown as { sounded: number[]; soundedBy?: MutationObserver };
    page.soundedBy?.disconnect();
    page.sounded = [];
    page.soundedBy = new MutationObserver(() => {
      const column = document.querySelector('.grid-column.playing')?.getAttribute('data-column');
      if (column && page.sounded.at(-1) !== Number(column)) page.sounded.push(Number(column));
    });
    page.soundedBy.observe(document.querySelector('.grid-columns')!, {
      subtree: true,
      attributeFilter: ['class'],
    });
  });
  return () => page.evaluate(() => (window as unknown as { sounded: number[] }).sounded);
}

/** Waits until a column is marked as sounding; looked for in every frame. */
export function sounding(page: Page, column: number): Promise<unknown> {
  return page.waitForFunction(
    (at) => document.querySelector('.grid-column.playing')?.getAttribute('data-column') === String(at),
    column,
  );
}

/** Chooses a key in the picker that the named button opens. */
export async function chooseKey(page: Page, button: RegExp, key: string): Promise<void> {
  await page.getByRole('button', { name: button }).click();
  await page.getByRole('dialog').getByRole('button', { name: key, exact: true }).click();
}

/** Opens a choice by the name that stands before it and takes one of what is offered. */
export async function chooseFrom(page: Page, name: string, option: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`${name}$`) }).click();
  await page.getByRole('option', { name: option, exact: true }).click();
}

/** Waits until a setting of the browser stands in its database. */
export async function settingKept(page: Page, name: string, value: Record<string, unknown>): Promise<void> {
  const kept = () =>
    page.evaluate(
      (one) =>
        new Promise<unknown>((done) => {
          const opening = indexedDB.open('diatonix');
          // What the page has not made yet is not made here.
          opening.onupgradeneeded = () => opening.transaction!.abort();
          opening.onerror = () => done(null);
          opening.onsuccess = () => {
            const db = opening.result;
            if (!db.objectStoreNames.contains('settings')) return done(null);
            const row = db.transaction('settings').objectStore('settings').get(one);
            row.onsuccess = () => done((row.result as { value?: unknown } | undefined)?.value);
            row.onerror = () => done(null);
            row.transaction!.oncomplete = () => db.close();
          };
        }),
      name,
    );
  await expect.poll(kept).toMatchObject(value);
}
