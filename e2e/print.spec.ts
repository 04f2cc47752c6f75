import type { Page } from '@playwright/test';
import { entryLine, expect, openProgressions, test, typeLine } from './fixtures';

const openPages = async (page: Page) => {
  await page.getByRole('button', { name: 'Picture' }).click();
  await page.getByRole('menuitem', { name: 'Pages to print' }).click();
};
const sheets = async (page: Page) =>
  (await page.pdf({ preferCSSPageSize: true })).toString('latin1').match(/\/Type \/Page\b/g)!.length;

test('a line is printed in systems; what is blank for the class stands only among the answers', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I vi ii V7 I IV V7/V V I vi ii V7 I IV V7/V V7 I');
  await page.getByRole('button', { name: 'Rows', exact: true }).click();
  for (const row of ['Numeral', 'Symbol', 'Figured bass', 'Degrees'])
    await page.getByRole('checkbox', { name: `${row}: Blank` }).check();
  await page.keyboard.press('Escape');
  await openPages(page);
  const pupils = page.getByRole('region', { name: /^Pupils’ page: / });
  await expect(pupils).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const answers = page.getByRole('region', { name: /^Answers: / });
  await expect(pupils.locator('.grid-system').nth(1)).toBeVisible();
  // The answers are neither seen nor hidden in the pupils' page.
  expect(await pupils.evaluate((element) => element.outerHTML)).not.toMatch(/F♯m|vi\b|E7/);
  await expect(answers).toContainText('F♯m');
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(entryLine(page)).toBeHidden();
  // Every system fits on the paper.
  const wide = await pupils.evaluate((element) => {
    const right = element.getBoundingClientRect().right;
    return [...element.querySelectorAll('.grid-column')].every(
      (column) => column.getBoundingClientRect().right <= right + 1,
    );
  });
  expect(wide).toBe(true);
  expect(await sheets(page)).toBe(2);
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'With answers' }).click();
  await expect(answers).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(pupils).toHaveCount(0);
  await expect(entryLine(page)).toBeVisible();
});

test('intervals to be named are printed without their names, and the answers after', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}intervals`);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await page.getByRole('button', { name: 'Name it yourself' }).click();
  await openPages(page);
  const pupils = page.getByRole('region', { name: /^Pupils’ page: / });
  await expect(pupils.locator('.staff text').first()).toBeVisible();
  const html = await pupils.evaluate((element) => element.outerHTML);
  expect(html).not.toMatch(/major sixth|minor third|· sixth|9 · /);
  await expect(page.getByRole('region', { name: /^Answers: / })).toContainText('sixth');
  await page.emulateMedia({ media: 'print' });
  expect(await sheets(page)).toBe(2);
});
