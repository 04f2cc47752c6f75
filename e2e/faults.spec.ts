import { killWhileTyping } from '../scripts/odd/kills.mjs';
import { killPupils } from '../scripts/odd/pupilKills.mjs';
import { tryOddWorkbooks } from '../scripts/odd/workbooks.mjs';
import { entryLine, expect, test, typeLine } from './fixtures';

test('a bench whose script cannot be fetched says so, and the others go on', async ({ page, demo }) => {
  // From the beginning: a bench that is not open is fetched as soon as the page is idle.
  await page.route(/assets\/IntervalsBench.*\.js$/, (route) => route.abort());
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await page.getByRole('link', { name: 'Intervals' }).click();
  const drawn = page.locator('.grid-column .staff text').filter({ visible: true }).first();
  const said = page.getByText('The Intervals bench did not load');
  await expect(said).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('Your work is safe');
  await page.getByRole('link', { name: 'Key', exact: true }).click();
  await expect(drawn).toBeVisible();
  await page.unroute(/assets\/IntervalsBench.*\.js$/);
  await page.getByRole('link', { name: 'Intervals' }).click();
  await expect(page.getByRole('heading', { name: 'Intervals', level: 1 })).toBeVisible();
  await expect(drawn).toBeVisible();
});

test('once the server has gone, every part that is not there says so, and the page stays', async ({
  page,
  demo,
}) => {
  test.setTimeout(60_000);
  await page.goto(`${demo}progressions`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Commands' })).toBeVisible();
  await page.route(/\/assets\/.*\.js/, (route) => route.abort());
  const missing = page.getByText(/A part of the page could not be fetched/).filter({ visible: true });
  const opened = ['Listen', 'Picture', 'File', 'Rows', 'Rules', 'Commands', 'Shortcuts', 'Labels'];
  let said = 0;
  for (const name of opened) {
    const button = page.getByRole('button', { name, exact: true });
    if ((await button.count()) === 0) continue;
    await button.first().click();
    await expect(missing.first()).toBeVisible();
    await expect(entryLine(page)).toBeVisible();
    await page.keyboard.press('Escape');
    await page.mouse.click(640, 790);
    said++;
  }
  expect(said).toBeGreaterThanOrEqual(4);
  await typeLine(page, 'I IV V I');
  await expect(page.getByRole('gridcell', { name: /: IV$/ }).first()).toBeVisible();
  await page.unroute(/\/assets\/.*\.js/);
  await page.getByRole('button', { name: 'Commands', exact: true }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('odd workbooks, by file and by row, never blank the page or a bench', async ({ context, demo }) => {
  test.setTimeout(90_000);
  const { tried, opened, refused, blank, fallen, thrown } = await tryOddWorkbooks(context, demo, {
    count: 8,
    seed: 20261126,
  });
  expect({ blank, fallen, thrown }).toEqual({ blank: [], fallen: [], thrown: [] });
  expect([tried, opened + refused]).toEqual([8, 8]);
});

test('what was typed more than a moment ago survives a killed browser', async ({ empty }) => {
  test.setTimeout(90_000);
  // Other browsers run beside; `npm run bench -- odd` holds it to the promise.
  const { kills, due, lost } = await killWhileTyping(empty, { count: 2, seed: 7, promised: 600 });
  expect([kills, lost]).toEqual([2, []]);
  expect(due).toBeGreaterThan(0);
});

test('a pupil’s browser that is killed comes back with what was written, and it reaches the teacher', async () => {
  test.setTimeout(90_000);
  const { kills, lost, missing } = await killPupils({ count: 2, seed: 7, promised: 600 });
  expect([kills, lost, missing]).toEqual([2, [], []]);
});

test('a database that never answers is said, and the work goes on', async ({ page, demo }) => {
  await page.addInitScript(() => {
    const silent = new EventTarget();
    IDBFactory.prototype.open = () => silent as unknown as IDBOpenDBRequest;
  });
  await page.goto(`${demo}progressions`);
  await expect(page.getByText(/Not saved\./).first()).toBeVisible();
  await typeLine(page, 'I V I');
  await expect(page.getByRole('gridcell', { name: /: V$/ }).first()).toBeVisible();
});

test('a store that is really full is said, and saving is tried again by itself', async ({
  page,
  context,
  demo,
}) => {
  test.setTimeout(60_000);
  const client = await context.newCDPSession(page);
  const { origin } = new URL(demo);
  await client.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
  await page.goto(`${demo}progressions`);
  await typeLine(page, 'I V I');
  await expect(page.getByText(/Not saved\. The browser’s storage is full/).first()).toBeVisible();
  await client.send('Storage.overrideQuotaForOrigin', { origin });
  await expect(page.getByText('Saved on this device')).toBeVisible({ timeout: 40_000 });
  await page.reload();
  await expect(entryLine(page)).toHaveValue('I V I');
});
