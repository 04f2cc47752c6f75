import { violations } from './axe';
import { expect, openProgressions, openUnder, settingKept, test, typeLine } from './fixtures';

for (const theme of ['Paper', 'Board'] as const) {
  test(`axe finds nothing on the benches on ${theme.toLowerCase()}`, async ({ page, demo }) => {
    // Five scans, each of several seconds; the surfaces differ in their colours alone.
    test.setTimeout(90_000);
    const rules = theme === 'Paper' ? [] : ['color-contrast'];
    await page.emulateMedia({ colorScheme: theme === 'Paper' ? 'light' : 'dark' });
    await page.goto(`${demo}key`);
    for (const bench of ['Key', 'Intervals', 'Chords', 'Progressions'] as const) {
      await page.getByRole('link', { name: bench, exact: true }).click();
      const drawn = page.locator('.grid-column .staff text').filter({ visible: true });
      await expect(drawn.first()).toBeVisible();
      if (bench === 'Progressions') await typeLine(page, 'I vi Vxyz ii V7 I');
      expect(await violations(page, rules)).toEqual([]);
    }
    await page.goto(`${demo}workbooks`);
    await expect(page.getByRole('list', { name: 'Workbooks of this browser' })).toBeVisible();
    expect(await violations(page, rules)).toEqual([]);
  });
}

/** Views within the benches, and how to get to them. */
const VIEWS = [
  ['key', 'Primary chords', 390],
  ['key', 'To print', 1280],
  ['chords', 'Voicings', 390],
  ['chords', 'Chain', 1280],
  ['progressions', 'Four parts', 390],
  ['progressions', 'Keyboard', 390],
] as const;

for (const [bench, view, width] of VIEWS) {
  test(`axe finds nothing in ${view} with the notes open, ${width} wide, and nothing lies outside`, async ({
    page,
    demo,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${demo}${bench}`);
    await page.getByRole('radio', { name: view, exact: true }).click();
    // A line with everything in it: bars, an upbeat, repeats, a melody, and chords to be worked back.
    if (bench === 'progressions') {
      await typeLine(page, 'V:1 |: I:2 [?:1 ?]>:1 | ii:2 V7:2 :|');
      await openUnder(page, 'A melody over these chords');
      await page.getByRole('textbox', { name: /^Melody/ }).fill('E4 / C5 A4');
    }
    await page.getByRole('button', { name: 'By hand', exact: true }).click();
    await expect(page.getByRole('slider')).toBeVisible();
    if (view === 'To print') {
      for (const key of ['D major', 'B minor'])
        await page.getByRole('button', { name: `Leave out ${key}` }).click();
      await page.getByRole('button', { name: 'Blank' }).click();
    }
    expect(await violations(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  });
}

test('no request leaves the origin, and nothing breaks the security policy', async ({ page, demo }) => {
  const outside: string[] = [];
  const broken: string[] = [];
  page.on('request', (request) => {
    const { origin, protocol } = new URL(request.url());
    if (origin !== new URL(demo).origin && protocol !== 'data:' && protocol !== 'blob:')
      outside.push(request.url());
  });
  page.on('console', (message) => message.type() === 'error' && broken.push(message.text()));
  page.on('pageerror', (error) => broken.push(error.message));
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await page.getByRole('button', { name: 'Hear together' }).click();
  await expect(page.locator('.grid-column.playing')).toHaveCount(1);
  await page.getByRole('link', { name: 'Progressions' }).click();
  await typeLine(page, 'I V I');
  await page.getByRole('button', { name: /^Change key/ }).click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.keyboard.press('Escape');
  expect(outside).toEqual([]);
  expect(broken).toEqual([]);
});

test('the server sends a strict policy, lasting caches for built files, and one page for every route', async ({
  request,
  demo,
}) => {
  const page = await request.get(`${demo}progressions`);
  expect(page.status()).toBe(200);
  const policy = page.headers()['content-security-policy']!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/unsafe|https?:/);
  expect(page.headers()['cache-control']).toBe('no-cache');
  expect(page.headers()['etag']).toMatch(/^"/);
  expect((await request.get(`${demo}no/such/bench`)).status()).toBe(404);
  const script = /src="(\/assets\/[^"]+\.js)"/.exec(await page.text())![1]!;
  const asset = await request.get(new URL(script, demo).href);
  expect(asset.headers()['cache-control']).toBe('public, max-age=31536000, immutable');
  expect((await request.get(`${demo}assets/missing.js`)).status()).toBe(404);
});

test('the surface follows the system until one is picked, and board size is kept', async ({ page, demo }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(`${demo}key`);
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  await expect.poll(ground).toBe('rgb(22, 33, 29)');
  await page.getByRole('button', { name: 'Paper' }).click();
  await expect.poll(ground).toBe('rgb(251, 249, 243)');
  await page.getByRole('button', { name: 'Board size' }).click();
  await settingKept(page, 'appearance', { theme: 'paper', boardSize: true });
  await page.reload();
  await expect(page.getByRole('button', { name: 'Desk size' })).toBeVisible();
  await expect.poll(ground).toBe('rgb(251, 249, 243)');
});

test('at 390 px a tap on a column brings its margin up from below, and only the columns scroll sideways', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 390, height: 780 });
  await openProgressions(page, demo);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const margin = page.getByRole('complementary', { name: 'Working' });
  const steps = margin.getByRole('listitem').first();
  const handle = margin.getByRole('button', { name: 'Working' });
  await expect(handle).toBeInViewport({ ratio: 1 });
  await expect(steps).toBeHidden();
  const cell = page.getByRole('gridcell', { name: /^Numeral: / }).nth(2);
  await cell.click();
  await expect(steps).toBeInViewport();
  // What was tapped stands above it.
  const top = async () => (await margin.boundingBox())!.y;
  await expect.poll(async () => (await cell.boundingBox())!.y < (await top())).toBe(true);
  await handle.press('Escape');
  await expect(steps).toBeHidden();
  await handle.click();
  await expect(steps).toBeInViewport();
  await handle.click();
  // Undo stands outside the folded list.
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeInViewport();
  // A line breaks into systems; a map stays whole and scrolls by itself.
  expect(await page.locator('.grid-system').count()).toBeGreaterThan(1);
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const map = page.locator('.grid');
  expect(await map.evaluate((element) => element.scrollWidth > element.clientWidth)).toBe(true);
});

test('the list of keys opens with ? and closes with escape', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('an unknown address says so', async ({ page, demo }) => {
  await page.goto(`${demo}nowhere`);
  await expect(page.getByRole('heading', { name: 'No such page' })).toBeVisible();
});
