/** Sheets out of the bench and into it: the PDF, files with and without answers, and what other benches bring. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, saved, test, chooseFrom } from './fixtures';

const questions = (page: Page) => page.locator('.question');

test('the PDF of all versions with answers and their working, and a list of who has which', async ({
  page,
  demo,
}, info) => {
  await page.goto(`${demo}sheets`);
  await expect(questions(page)).toHaveCount(20);
  await page.getByRole('button', { name: 'Pages to print' }).click();
  await page.getByRole('button', { name: 'Who has which version' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('Ansa\nCorin\nDilys');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Working: No working' }).click();
  await page.getByRole('menuitemradio', { name: 'The whole working' }).click();
  // The printed answers of every version have it as well, the pupils' pages none of it.
  await expect(page.getByRole('region', { name: /^Answers/ }).locator('.working')).toHaveCount(60);
  await expect(page.getByRole('region', { name: /^Pupils/ }).locator('.working')).toHaveCount(0);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF', exact: true }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('Sheet-4-triads-and-figured-bass.pdf');
  const path = info.outputPath('sheet.pdf');
  await file.saveAs(path);
  const raw = readFileSync(path, 'latin1');
  expect(raw.startsWith('%PDF-')).toBe(true);
  expect(raw.match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(7);
  expect(raw).toMatch(/\/FontFile[23]/);
  await expect(page.getByRole('status').filter({ hasText: 'among your downloads' })).toBeVisible();
});

test('a sheet goes out as a file and comes back; the pupils’ file holds no answers', async ({
  page,
  demo,
}, info) => {
  await page.goto(`${demo}sheets`);
  await expect(questions(page)).toHaveCount(20);
  const take = async (name: string) => {
    await page.getByRole('button', { name: 'Other sheets' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name }).click(),
    ]);
    const path = info.outputPath(file.suggestedFilename());
    await file.saveAs(path);
    return path;
  };
  const pupils = readFileSync(await take('Save for pupils, without answers'), 'utf8');
  expect(pupils).not.toMatch(/answers|difficulty/);
  const path = await take('Save as a file');
  const open = async (file: string) => {
    await page.getByRole('button', { name: 'Other sheets' }).click();
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('menuitem', { name: 'Open the file of a sheet' }).click(),
    ]);
    await chooser.setFiles(file);
  };
  await open(path);
  await expect(questions(page)).toHaveCount(20);
  await page.getByRole('button', { name: 'Other sheets' }).click();
  await expect(page.getByRole('menuitem', { name: /^Sheet 4/ })).toHaveCount(2);
});

test('a question is kept, moved and written by hand; the class and room for working stand on the page', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty}sheets`);
  await page.getByRole('button', { name: 'First triads' }).click();
  const names = () => questions(page).evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')));
  const before = await names();
  await page.getByRole('button', { name: 'Move the question back' }).click();
  await expect
    .poll(async () => (await names())[1]!.replace(/^Question \d+/, ''))
    .toBe(before[0]!.replace(/^Question \d+/, ''));
  await page.getByRole('tab', { name: 'Question' }).click();
  await page.getByRole('textbox', { name: 'Notes' }).fill('D4 F#4 H4');
  await page.getByRole('textbox', { name: 'Notes' }).blur();
  await expect(page.getByRole('alert')).toContainText('H4');
  await page.getByRole('textbox', { name: 'Notes' }).fill('D4 F#4 A4');
  await page.getByRole('textbox', { name: 'Notes' }).blur();
  await expect(page.getByText('Right: D, major, root position')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Let it be made up again' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a section' }).click();
  await page.getByRole('menuitem', { name: 'In your own words' }).click();
  await page.getByRole('textbox', { name: 'Question', exact: true }).fill('What is a tonic?');
  await expect(page.getByRole('button', { name: 'Question 1: What is a tonic?' })).toBeVisible();
  await chooseFrom(page, 'Room to work', 'Letters to stack');
  await expect(page.getByRole('table', { name: 'Letters to stack' }).first()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Question 1: What is a tonic?' })).toBeVisible();
});

test('what stands on the other benches goes to a sheet with something blank', async ({ page, demo }) => {
  const bring = async (path: string, name: string) => {
    await page.goto(`${demo}${path}`);
    await page.getByRole('button', { name: 'To a sheet' }).click();
    await page.getByRole('menuitem', { name }).click();
    await expect(page.getByText(/ on the sheet “/)).toBeVisible();
    await saved(page);
  };
  await bring('intervals', 'The names blank');
  await bring('chords', 'Its name blank');
  await bring('key', 'The numerals and notes blank');
  await bring('progressions', 'The numerals blank');
  await bring('scores', 'These chords, to the end of the phrase');
  await page.goto(`${demo}sheets`);
  await expect(page.locator('nav[aria-label=Sections] li')).toHaveCount(11);
  await expect(page.locator('.question table.map')).toHaveCount(1);
  await expect(page.getByText('Label the phrase')).toBeVisible();
});
