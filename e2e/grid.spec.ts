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

test('the first step of the keyboard leads to the work', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the work' });
  await expect(skip).toBeFocused();
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
