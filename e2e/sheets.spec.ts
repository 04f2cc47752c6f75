/** The Sheets bench: a teacher's evening, from ready sections to pages for pupils and answers. */
import type { Page } from '@playwright/test';
import { expect, saved, test } from './fixtures';
import { violations } from './axe';

const question = (page: Page, name: RegExp | string) => page.getByRole('button', { name });
const questions = (page: Page) => page.locator('.question');
const names = (page: Page) =>
  questions(page).evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''));

test('a sheet is begun, changed by hand, exchanged question by question, and kept', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty}sheets`);
  await page.getByRole('button', { name: 'Intervals and inversions' }).click();
  await expect(questions(page)).toHaveCount(16);
  await expect(page.locator('.question svg text').first()).toBeAttached();
  await page.getByRole('spinbutton', { name: 'Questions' }).fill('3');
  await expect(questions(page)).toHaveCount(11);
  await page.getByRole('tab', { name: 'Material' }).click();
  await page.getByRole('checkbox', { name: 'treble' }).uncheck();
  await page.getByRole('textbox', { name: 'Intervals' }).fill('m3, X9');
  await page.getByRole('textbox', { name: 'Intervals' }).press('Enter');
  await expect(page.getByRole('alert')).toContainText('“X9”');
  await page.getByRole('textbox', { name: 'Intervals' }).fill('m3, M3');
  await page.getByRole('textbox', { name: 'Intervals' }).press('Enter');
  await page.getByRole('button', { name: 'Answers' }).click();
  for (const text of await page.locator('.section').first().locator('dd').allTextContents())
    expect(text).toMatch(/^[mM]3$/);
  const before = await names(page);
  await question(page, /^Question 2: /)
    .first()
    .click();
  await page.getByRole('tab', { name: 'Answer' }).click();
  await page.getByRole('button', { name: 'Another one' }).click();
  await expect.poll(() => names(page)).not.toEqual(before);
  const after = await names(page);
  expect(after.filter((name, at) => name !== before[at])).toHaveLength(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => names(page)).toEqual(before);
  await page.getByRole('button', { name: 'Add a section' }).click();
  await page.getByRole('menuitem', { name: 'Cadences', exact: true }).click();
  await expect(questions(page)).toHaveCount(15);
  await saved(page);
  await page.reload();
  await expect(questions(page)).toHaveCount(15);
  expect((await names(page)).slice(0, 11)).toEqual(before);
});

test('by keyboard alone: from question to question, another one, answers, versions', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}sheets`);
  await expect(questions(page)).toHaveCount(20);
  await expect(page.getByText('iii has not been taught to this class, and is not asked.')).toBeVisible();
  await questions(page).first().click();
  await page.keyboard.press('ArrowRight');
  await expect(questions(page).nth(1)).toBeFocused();
  await expect(page.getByRole('heading', { name: 'Question 1.2' })).toBeVisible();
  for (let count = 0; count < 3; count++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Question 2.1' })).toBeVisible();
  const before = await names(page);
  await page.keyboard.press('x');
  await expect.poll(() => names(page)).not.toEqual(before);
  await expect(questions(page).nth(4)).toBeFocused();
  await page.keyboard.press('a');
  await expect(page.getByText('answers, version A')).toBeVisible();
  await page.keyboard.press('v');
  await expect(page.getByText('answers, version B')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Version B' })).toBeChecked();
});

test('every version is printed for pupils without an answer, then with its answers', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}sheets`);
  await page.getByRole('button', { name: 'Answers' }).click();
  await page.getByRole('button', { name: 'Pages to print' }).click();
  const pupils = page.getByRole('region', { name: /^Pupils’ page: / });
  const answers = page.getByRole('region', { name: /^Answers: / });
  await expect(pupils).toHaveCount(3);
  await expect(answers).toHaveCount(3);
  for (const text of await pupils.locator('dd').allTextContents()) expect(text).toBe('');
  expect((await answers.locator('dd').allTextContents()).every((text) => text !== '')).toBe(true);
  const codes = await pupils.locator('.foot span:first-child').allTextContents();
  expect(codes.map((code) => code.slice(-2))).toEqual(['-A', '-B', '-C']);
  expect(new Set(codes.map((code) => code.slice(0, 4))).size).toBe(1);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation').first()).toBeHidden();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(6);
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(questions(page)).toHaveCount(20);
});

test('both surfaces pass axe, at 1280 and 390 pixels', async ({ page, demo }) => {
  test.setTimeout(90_000);
  for (const [width, scheme, rules] of [
    [1280, 'light', []],
    // The surfaces differ in their colours alone.
    [390, 'dark', ['color-contrast']],
  ] as const) {
    await page.setViewportSize({ width, height: 844 });
    await page.emulateMedia({ colorScheme: scheme });
    await page.goto(`${demo}sheets`);
    await expect(questions(page)).toHaveCount(20);
    if (width === 390) await page.getByRole('button', { name: 'Working' }).click();
    await page.getByRole('tab', { name: 'Material' }).click();
    await page.getByRole('button', { name: 'Answers' }).click();
    expect(await violations(page, rules)).toEqual([]);
    if (width === 390)
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});
