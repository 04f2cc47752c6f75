/** On a telephone nothing scrolls sideways, on any bench and in any of its views. */
import { expect, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const BENCHES = [
  ...[
    'key',
    'intervals',
    'chords',
    'progressions',
    'scores',
    'sheets',
    'class',
    'marking',
    'logbook',
    'practice',
  ],
  ...['workbooks', 'about'],
];
/** What is opened beside the views that a bench has in a row. */
const BESIDE: Readonly<Record<string, readonly string[]>> = {
  practice: ['Week to print'],
  sheets: ['Print'],
};

for (const bench of BENCHES)
  test(`${bench}: no view is wider than the telephone`, async ({ page, demo }) => {
    await page.goto(`${demo}${bench}`);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    const width = () => page.evaluate(() => document.documentElement.scrollWidth);
    await expect.poll(width).toBe(390);
    const choices = page.locator('#root').getByRole('radio');
    const names = await choices.evaluateAll((all) => all.map((one) => one.textContent ?? ''));
    for (const name of new Set(names)) {
      const choice = page.locator('#root').getByRole('radio', { name, exact: true }).first();
      // A view that was chosen may have taken others along.
      if ((await choice.count()) === 0 || !(await choice.isVisible())) continue;
      await choice.click();
      await expect.poll(width, { message: name }).toBe(390);
    }
    for (const name of BESIDE[bench] ?? []) {
      await page.locator('#root').getByRole('button', { name }).first().click();
      await expect.poll(width, { message: name }).toBe(390);
    }
  });

test('on a telephone a sheet is seen, and the margin is one press away', async ({ page, demo }) => {
  await page.goto(`${demo}sheets`);
  const body = page.locator('.margin-body');
  await expect(page.locator('.sheet').first()).toBeVisible();
  await expect(body).toBeHidden();
  await page.getByRole('complementary', { name: 'Working' }).getByRole('button').first().tap();
  await expect(body).toBeVisible();
  await expect(body).toBeInViewport();
});
