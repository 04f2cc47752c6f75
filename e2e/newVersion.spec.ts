/** A newer version beside the one that is kept: offered, not forced; what was kept of the old one goes. */
import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../scripts/browser.mjs';
import { ROOT } from '../scripts/setup.mjs';
import { entryLine, expect, saved, test, typeLine } from './fixtures';

test.use({ serviceWorkers: 'allow' });

const revisionOf = (page: string) => createHash('sha256').update(page).digest('hex').slice(0, 16);

/** What a build of a changed page leaves: the page, and its mark in the list of the service worker. */
function buildAnew(root: string): void {
  const [page, worker] = ['index.html', 'service-worker.js'].map((name) => join(root, 'web', 'dist', name));
  const old = readFileSync(page!, 'utf8');
  const next = old.replace('<head>', '<head><meta name="build" content="second" />');
  const list = readFileSync(worker!, 'utf8');
  expect(list).toContain(revisionOf(old));
  writeFileSync(page!, next);
  writeFileSync(worker!, list.replaceAll(revisionOf(old), revisionOf(next)));
}

test('a newer version is offered while the work goes on, taken when it is wanted, and the old one goes', async ({
  page,
}) => {
  test.slow();
  const root = mkdtempSync(join(tmpdir(), 'diatonix-builds-'));
  for (const part of ['web/dist', 'server/dist'])
    cpSync(join(ROOT, part), join(root, part), { recursive: true });
  symlinkSync(join(ROOT, 'node_modules'), join(root, 'node_modules'));
  let server = await startServer({ root });
  const port = Number(new URL(server.address).port);
  const kept = () =>
    page.evaluate(async () => {
      const names = (await caches.keys()).filter((name) => name.includes('precache'));
      const pages = await Promise.all(
        names.map(async (name) => (await caches.open(name)).match('/', { ignoreSearch: true })),
      );
      return Promise.all(pages.map(async (one) => /content="second"/.test((await one?.text()) ?? '')));
    });
  try {
    await page.goto(`${server.address}progressions`);
    const state = () =>
      page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state);
    await expect.poll(state, { timeout: 60_000 }).toBe('activated');
    expect(await kept()).toEqual([false]);
    await page.reload();
    await expect(entryLine(page)).toBeVisible();
    await page.evaluate(() => Object.assign(window, { theSamePage: true }));
    server.stop();
    buildAnew(root);
    await expect(async () => {
      server = await startServer({ root, port });
    }).toPass();
    await typeLine(page, 'I ii V I');
    await page.waitForTimeout(4500);
    await page.evaluate(async () => void (await navigator.serviceWorker.getRegistration())!.update());
    await expect(page.getByText('A newer version is there.')).toBeVisible({ timeout: 60_000 });
    // Nothing was taken out of anybody's hands.
    expect(await page.evaluate(() => 'theSamePage' in window)).toBe(true);
    await expect(entryLine(page)).toHaveValue('I ii V I');
    await saved(page);
    await page.getByRole('button', { name: 'Change to it' }).click();
    await expect.poll(() => page.evaluate(() => 'theSamePage' in window).catch(() => true)).toBe(false);
    await expect(page.locator('meta[name="build"]')).toHaveAttribute('content', 'second');
    await expect(entryLine(page)).toHaveValue('I ii V I');
    await expect(page.getByText('A newer version is there.')).toHaveCount(0);
    await expect.poll(kept).toEqual([true]);
  } finally {
    server.stop();
    rmSync(root, { recursive: true, force: true });
  }
});
