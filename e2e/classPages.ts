/** A class network on this machine alone, and browsers that meet in it. */
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { startClass, type ClassServer } from '../scripts/browser.mjs';
import { expect, test as base } from './fixtures';
import { violations } from './axe';

/** What the server's process is started with: it writes its memory down when it is asked to. */
const NODE = ['--heapsnapshot-signal=SIGUSR2'];

/** A lesson: its server, and the pages of those who take part, each in a browser profile of its own. */
export class Lesson {
  private readonly opened: BrowserContext[] = [];

  constructor(
    private readonly browser: Browser,
    public server: ClassServer,
  ) {}

  async newPage(options: Parameters<Browser['newContext']>[0] = {}): Promise<Page> {
    const context = await this.browser.newContext({ serviceWorkers: 'block', ...options });
    this.opened.push(context);
    return context.newPage();
  }

  /** The teacher opens a class in which everybody types a name, or chooses one of the list; its code. */
  async lead(
    page: Page,
    sheet: RegExp,
    joining: 'Everybody' | 'The class list' = 'Everybody',
  ): Promise<string> {
    await page.goto(this.server.teacher);
    await page.getByRole('main').getByRole('button', { name: sheet }).click();
    const join = page.getByRole('region', { name: 'How to join' });
    await expect(join.getByRole('img')).toBeVisible();
    expect(new URL(page.url()).hash).toBe('');
    if (joining === 'Everybody') await view(page, joining);
    return (await join.locator('.code').textContent())!;
  }

  /** A pupil comes in as from the picture at the board, by the keyboard alone. */
  async join(page: Page, code: string, name: string): Promise<void> {
    await page.goto(`${this.server.pupils}#${code}`);
    await expect(page.getByLabel('The code at the board')).toHaveValue(code);
    await page.getByLabel('Your name').focus();
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await expect(page.getByText('In the class.')).toBeVisible();
  }

  /** Starts the server again where it was, after it was killed. */
  async startAgain(): Promise<void> {
    const { address, state } = this.server;
    const port = Number(new URL(address).port);
    this.server = await startClass({ port, node: NODE, env: { DIATONIX_STATE: state } });
  }

  /** The strings in the memory of the server, as the engine itself writes them down. */
  async memory(): Promise<string> {
    const { state, pid } = this.server;
    const snapshots = () => readdirSync(state).filter((name) => name.endsWith('.heapsnapshot'));
    process.kill(pid, 'SIGUSR2');
    await expect.poll(() => snapshots().length, { timeout: 30_000 }).toBe(1);
    const path = join(state, snapshots()[0]!);
    let size = -1;
    await expect
      .poll(() => {
        const before = size;
        size = statSync(path).size;
        return size > 0 && size === before;
      })
      .toBe(true);
    const text = readFileSync(path, 'utf8');
    rmSync(path);
    return text;
  }

  async end(): Promise<void> {
    for (const context of this.opened) await context.close();
    await this.server.stop();
    rmSync(this.server.state, { recursive: true, force: true });
  }
}

export const test = base.extend<{ readonly lesson: Lesson }>({
  lesson: async ({ browser }, use) => {
    const lesson = new Lesson(browser, await startClass({ node: NODE }));
    await use(lesson);
    await lesson.end();
  },
});

export { expect };

/** Axe finds nothing on a page. */
export const scan = async (page: Page) => expect(await violations(page)).toEqual([]);

/** Nor does it in the dark, where only colours differ. */
export async function scanDark(page: Page): Promise<void> {
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await violations(page, ['color-contrast'])).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
}

/** Whether something lies outside of a page. */
export const isTooWide = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);

/** A pupil's row in the table of the class. */
export const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(name) });

/** Goes to a bench, and waits until it is the one that is shown: the one before stays, out of sight. */
export async function bench(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page).toHaveTitle(new RegExp(`^${name} `));
}

export const view = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).click();

/** Types an answer to the question of the sheet that is there, and goes on to the next. */
export async function answer(page: Page, text: string): Promise<void> {
  await page.locator('article:not(.quick)').getByLabel('Your answer').fill(text);
  await page.keyboard.press('Enter');
}

/** What a pupil's page has in the browser's database, as text. */
export const keptOf = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(request.error);
      });
    const db = await asked(indexedDB.open('diatonix-pupil'));
    const parts = await asked(db.transaction('parts').objectStore('parts').getAll());
    db.close();
    // The sheet stands there as the text of its file.
    return parts.map((one: { file?: string }) => one?.file ?? JSON.stringify(one)).join('\n');
  });
