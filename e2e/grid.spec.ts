import { expect, expectRow, openProgressions, test, typeLine } from './fixtures';

test('a long line breaks into systems, is walked as one, and stays in one where that is asked for', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I vi ii V7 I IV V7/V V I vi ii V7 I IV V7/V V7 I vi ii V7 I');
  const systems = page.locator('.grid-system');
  await expect(systems).not.toHaveCount(1);
  // Columns take their width when their notes and letters have come.
  await page.evaluate(() => document.fonts.ready);
  await expect(page.locator('.grid-column').last().locator('.staff text').first()).toBeAttached();
  const begins = () => systems.nth(1).locator('.grid-column').first().getAttribute('data-column');
  let seen = await begins();
  await expect
    .poll(async () => {
      const before = seen;
      seen = await begins();
      return seen === before;
    })
    .toBe(true);
  const first = Number(seen);
  // Every system begins with its clefs; a row is headed in each of them.
  const many = await systems.count();
  await expect(page.getByRole('rowheader', { name: 'Numeral' })).toHaveCount(many);
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press('Home');
  for (let at = 0; at < first; at++) await page.keyboard.press('ArrowRight');
  await expect(systems.nth(1).locator('.grid-column').first()).toHaveClass(/selected/);
  await page.keyboard.press('End');
  await expect(page.locator('.grid-column').last()).toHaveClass(/selected/);
  await page.getByRole('button', { name: 'Rows', exact: true }).click();
  await page.getByRole('checkbox', { name: 'Keep a long line in one' }).check();
  await page.keyboard.press('Escape');
  await expect(systems).toHaveCount(1);
});

test('the focus stays in the grid when its column goes or comes back', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V7 I');
  const focused = () =>
    page.evaluate(() => document.activeElement?.closest('.grid-column')?.getAttribute('data-column') ?? '');
  await page.getByRole('gridcell', { name: 'Numeral: IV' }).click();
  await page.keyboard.press('Delete');
  await expectRow(page, 'Numeral', ['I', 'V seven', 'I']);
  expect(await focused()).toBe('1');
  await page.keyboard.press('Control+z');
  await expectRow(page, 'Numeral', ['I', 'IV', 'V seven', 'I']);
  await expect.poll(focused).not.toBe('');
  await page.keyboard.press('Control+y');
  await expectRow(page, 'Numeral', ['I', 'V seven', 'I']);
  await expect.poll(focused).not.toBe('');
  await page.keyboard.press('ArrowRight');
  await expect.poll(focused).not.toBe('');
});

test('what an edit made of the column under the focus is said', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V7 I');
  await page.getByRole('gridcell', { name: 'Numeral: V seven' }).click();
  await page.keyboard.press(']');
  await expectRow(page, 'Numeral', ['I', 'IV', 'V six-five', 'I']);
  await expect(page.getByRole('status').filter({ hasText: /^measure 3,.*six.five/ })).toBeAttached();
});

test('the grid has the focus on arrival, after going to another bench, and after the list of commands', async ({
  page,
  demo,
  empty,
}) => {
  const inGrid = () =>
    page.evaluate(() => (document.activeElement?.closest('.grid, [role="grid"]') ?? null) !== null);
  await page.goto(`${demo}key`);
  await expect.poll(inGrid).toBe(true);
  await page.keyboard.press('ArrowDown');
  await expect.poll(inGrid).toBe(true);
  for (const bench of ['Intervals', 'Chords', 'Progressions', 'Scores']) {
    await page.getByRole('link', { name: bench }).press('Enter');
    await expect(page).toHaveURL(new RegExp(bench.toLowerCase()));
    await expect.poll(inGrid).toBe(true);
  }
  await page.keyboard.press('Control+k');
  await page.getByRole('searchbox').fill('Go to the Intervals');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/intervals/);
  await expect.poll(inGrid).toBe(true);
  // What an act adds has the focus, with its keys.
  await page.goto(`${empty}intervals`);
  await page.getByRole('button', { name: 'Put these' }).press('Enter');
  await expect.poll(inGrid).toBe(true);
});

test('bars of actions are one stop of the keyboard, gone through by arrows', async ({ page, demo }) => {
  await openProgressions(page, demo);
  const bar = page.getByRole('toolbar', { name: 'Actions' });
  await bar.getByRole('button').first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(bar.getByRole('button').nth(1)).toBeFocused();
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.activeElement?.closest('.actions') === null)).toBe(true);
});

test('the skip link leads to the work', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  const skip = page.getByRole('link', { name: 'Skip to the work' });
  await skip.focus();
  await expect(skip).toBeVisible();
  await page.keyboard.press('Enter');
  expect(await page.evaluate(() => document.activeElement?.closest('nav') === null)).toBe(true);
});

test('chords that all lie in another key are offered in it', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'Eb Ab Cm Bb7 Eb');
  const offer = page.getByRole('group', { name: 'The chords fit E♭ major' });
  await offer.getByRole('button', { name: 'Re-read in E♭ major' }).click();
  await expectRow(page, 'Numeral', ['I', 'IV', 'vi', 'V seven', 'I']);
  await expect(offer).toHaveCount(0);
});
