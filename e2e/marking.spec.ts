/** Marking and the logbook: a pile marked as it is typed, slips, the class, and what to teach next. */
import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, saved, test } from './fixtures';
import { violations } from './axe';

const fields = (page: Page) => page.locator('.answers input');
const scan = async (page: Page) => expect(await violations(page)).toEqual([]);

test('a pile is begun, marked by the keyboard alone, and kept', async ({ page, empty }) => {
  await page.goto(`${empty}sheets`);
  await page.getByRole('button', { name: 'Intervals and inversions' }).click();
  await page.getByRole('button', { name: 'Answers' }).click();
  const right = await page.locator('.section').first().locator('dd').allTextContents();
  await saved(page);
  await page.goto(`${empty}marking`);
  await page.getByRole('button', { name: 'Intervals and inversions' }).click();
  await page.getByLabel('More pupils, a name on each line').fill('Ada\nBram');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(fields(page)).toHaveCount(16);
  await fields(page).first().focus();
  // Two right answers, one that is none, one right without more.
  for (const text of [right[0]!, right[1]!, 'herring', '+']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('status').filter({ hasText: 'of 32' })).toContainText('6 of 32, 12 open');
  await expect(page.getByText('not read')).toBeVisible();
  await expect(fields(page).nth(4)).toBeFocused();
  await page.keyboard.press('PageDown');
  await expect(page.getByRole('heading', { name: 'Bram' })).toBeVisible();
  await expect(fields(page).first()).toBeFocused();
  await page.keyboard.type('-');
  await page.keyboard.press('Enter');
  await page.keyboard.press('PageUp');
  await expect(page.getByRole('heading', { name: 'Ada' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(fields(page).first()).toHaveValue(right[0]!);
  await scan(page);
});

test('the teacher’s own marks and remark stand in the place of the computed ones, and on the slip', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}marking`);
  await expect(fields(page)).toHaveCount(10);
  await fields(page).nth(1).focus();
  await page.getByRole('spinbutton', { name: 'Marks' }).fill('0.5');
  await page.getByRole('textbox', { name: 'Remark' }).fill('Count the letters aloud.');
  await page.getByRole('textbox', { name: 'Remark' }).blur();
  await page.getByText('Return slips').click();
  const slip = page.locator('.page').first();
  await expect(slip).toContainText('Ansa Brock');
  await expect(slip).toContainText('Count the letters aloud.');
  await expect(slip).toContainText(/To practise: |All right/);
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(6);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF' }).click(),
  ]);
  const made = (await readFile(await saved.path())).toString('latin1');
  expect(made.startsWith('%PDF-')).toBe(true);
  expect(made.match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(6);
  await expect(page.getByText('The PDF is among your downloads.')).toBeVisible();
});

test('question by question, the class, and a shared mistake becomes an exercise on a sheet', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}marking`);
  await page.getByText('By question').click();
  await expect(page.getByRole('main').getByRole('heading', { name: 'Question 1.1' })).toBeVisible();
  await page.getByRole('button', { name: 'The next question' }).click();
  await expect(page.getByRole('main').getByRole('heading', { name: 'Question 1.2' })).toBeVisible();
  await page.getByText('The class', { exact: true }).click();
  const next = page.getByRole('region', { name: 'What to teach next' });
  await expect(next).toContainText(/\d of 6: .*\. Set .*\./);
  await next.getByRole('button', { name: 'Put it on a sheet' }).first().click();
  await scan(page);
  await page.goto(`${demo}sheets`);
  await expect(page.locator('nav[aria-label=Sections] li')).toHaveCount(7);
});

test('the logbook: skills, one pupil over time, mistakes, lessons and a pupil deleted for good', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}logbook`);
  await expect(page.getByRole('rowheader', { name: 'Fenna Quayle' })).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: 'Ivo Lantern' }).click();
  await expect(page.getByRole('table', { name: 'Share of right answers by date' })).toBeAttached();
  await page.getByText('Mistakes', { exact: true }).click();
  await expect(page.getByRole('table', { name: 'How often each mistake was made' })).toBeAttached();
  const saved = async (entry: string) => {
    await page.getByRole('button', { name: 'Files of the logbook' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: entry }).click(),
    ]);
    return file;
  };
  const csv = await saved('Save all answers as CSV');
  expect(csv.suggestedFilename()).toBe('Tuesday-evening-class.csv');
  const shown = await saved('Save what is shown as CSV');
  expect(await readFile(await shown.path(), 'utf8')).toMatch(/^mistake,answers\r\n/);
  const whole = await saved('Save this class as a file');
  expect(whole.suggestedFilename()).toBe('Logbook-Tuesday-evening-class.diatonix.json');
  const file = await whole.path();
  await page.getByRole('button', { name: 'Files of the logbook' }).click();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('menuitem', { name: 'Take in a saved class' }).click(),
  ]);
  await chooser.setFiles(file);
  await expect(page.getByText(/is here already/)).toBeVisible();
  await page.getByText('Lessons', { exact: true }).click();
  await page.getByRole('button', { name: 'Today’s lesson' }).click();
  await expect(page.getByLabel('Date of the lesson')).toHaveCount(4);
  await scan(page);
  await page.getByText('Pupils', { exact: true }).click();
  await page.getByRole('button', { name: 'Delete Fenna Quayle' }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await page.getByText('By skill').click();
  await expect(page.getByRole('rowheader', { name: 'Fenna Quayle' })).toHaveCount(0);
  await scan(page);
});

test('at 390 px nothing of marking lies outside', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  for (const path of ['marking', 'logbook']) {
    await page.goto(`${demo}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
      .toBeLessThanOrEqual(390);
  }
});

test('files that pupils hand in come on the pile in one go, what is wrong with one is told', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}marking`);
  await expect(fields(page).first()).toBeVisible();
  const file = (name: string, content: object) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(content)),
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Files of pupils' }).click();
  await (
    await chooser
  ).setFiles([
    file('una.json', { pupil: 'Una Weir', version: 'A', answers: { '1.1': 'herring' } }),
    file('stray.json', { pupil: 'Una Weir', code: 'ZZZZ-A', answers: {} }),
  ]);
  await expect(page.getByText('1 of 2 files on the pile.')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('stray.json');
  await page.getByRole('button', { name: /^Una Weir/ }).click();
  await expect(fields(page).first()).toHaveValue('herring');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Una Weir/ })).toBeHidden();
});
