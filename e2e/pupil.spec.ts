/** The pupils' page: a sheet as a file, answered by the keyboard alone, kept, handed in, and marked by the teacher. */
import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, test } from './fixtures';
import { violations } from './axe';

const scan = async (page: Page) => expect(await violations(page)).toEqual([]);

/** Saves the demo's sheet for pupils; the path of the file. */
async function savedSheet(page: Page, address: string, entry: string): Promise<string> {
  await page.goto(`${address}sheets`);
  await page.getByRole('button', { name: 'Other sheets' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: entry }).click(),
  ]);
  return file.path();
}

/** Opens the sheet on the pupils' page as a pupil does. */
async function begun(page: Page, address: string, path: string, name: string): Promise<void> {
  await page.goto(`${address}pupil`);
  await page.getByLabel('Open the file of the sheet').setInputFiles(path);
  await page.getByLabel('Your version').selectOption('Version B');
  await page.getByLabel('Your name').fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Question 1.1' })).toBeVisible();
}

const answerField = (page: Page) => page.getByLabel('Your answer');

test('a sheet is answered from the keyboard, kept through a reload, handed in and marked', async ({
  page,
  demo,
}) => {
  const path = await savedSheet(page, demo, 'Save for pupils, without answers');
  expect(await readFile(path, 'utf8')).not.toMatch(/answers|seed/);
  await begun(page, demo, path, 'Una Weir');
  await expect(answerField(page)).toBeFocused();
  await expect(page.locator('.staff-room svg text').first()).toBeAttached();
  await scan(page);
  await page.keyboard.type('m6');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Question 1.2' })).toBeVisible();
  await expect(answerField(page)).toBeFocused();
  await page.keyboard.type('P5');
  await expect(page.getByText('Kept on this device.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Una Weir, version B. 2 of 20 answered.')).toBeVisible();
  await page.getByRole('button', { name: 'The whole sheet' }).click();
  await expect(page.getByRole('article')).toHaveCount(20);
  // Few words can be right: they are chosen, and an arrow is enough.
  const cadence = page.getByRole('article', { name: 'Question 6.1' });
  await cadence.getByRole('radio', { name: 'authentic' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(cadence.getByRole('radio', { name: 'half' })).toBeChecked();
  await page.getByRole('button', { name: 'Hear' }).first().click();
  await expect(page.getByText('There is no sound')).toHaveCount(0);
  await expect(answerField(page).nth(1)).toHaveValue('P5');
  await expect(page.locator('.staff-room svg text').nth(30)).toBeAttached();
  await scan(page);
  await page.getByRole('button', { name: '1.3', exact: true }).click();
  await expect(answerField(page).nth(2)).toBeFocused();
  await page.keyboard.type('herring');
  await page.getByText('Scratch').first().click();
  await page.getByLabel('Scratch for question 1.1').fill('C D E F G A');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file to hand in' }).click(),
  ]);
  const handed = await file.path();
  const read = JSON.parse(await readFile(handed, 'utf8')) as { pupil: string; answers: object };
  expect(read).toMatchObject({
    pupil: 'Una Weir',
    answers: { '1.1': 'm6', '1.2': 'P5', '1.3': 'herring', '6.1': 'half' },
  });
  await expect(page.getByText('The file is among your downloads')).toBeVisible();
  // The teacher marks it.
  await page.goto(`${demo}marking`);
  await page.getByRole('button', { name: 'Other piles' }).click();
  await page
    .getByRole('menuitem', { name: /Sheet 4/ })
    .first()
    .click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Files of pupils' }).click();
  await (await chooser).setFiles(handed);
  await expect(page.getByText('1 of 1 file on the pile.')).toBeVisible();
  await page.getByRole('button', { name: /^Una Weir/ }).click();
  await expect(page.locator('.answers input').nth(1)).toHaveValue('P5');
  await expect(page.getByText('not read')).toBeVisible();
});

test('a practice sheet marks and explains at once; another does not', async ({ page, demo }) => {
  const path = await savedSheet(page, demo, 'Save for pupils to practise, marked at once');
  await begun(page, demo, path, 'Bo');
  await page.keyboard.type('M99');
  await page.getByRole('button', { name: 'Is it right?' }).click();
  await expect(page.locator('.said')).toHaveClass(/wrong|unreadable/);
  await answerField(page).fill('m2');
  const said = page.locator('.said');
  await page.keyboard.press('Enter');
  await expect(said).toContainText(/Right\.|Right is /);
  const right = /Right is ([\w]+)/.exec((await said.textContent())!)?.[1] ?? 'm2';
  await answerField(page).fill(right);
  await page.keyboard.press('Enter');
  await expect(said).toHaveText('Right.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Question 1.2' })).toBeVisible();
  const plain = await savedSheet(page, demo, 'Save for pupils, without answers');
  await page.goto(`${demo}pupil`);
  await page.getByRole('button', { name: 'Close the sheet' }).click();
  await page.getByRole('button', { name: 'Close it' }).click();
  await page.getByLabel('Open the file of the sheet').setInputFiles(plain);
  await page.getByLabel('Your version').selectOption('Version A');
  await page.getByLabel('Your name').focus();
  await page.keyboard.type('Bo');
  await expect(page.getByLabel('Your name')).toHaveValue('Bo');
  await page.keyboard.press('Enter');
  await expect(answerField(page)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Is it right?' })).toHaveCount(0);
});

test('odd files are told and nothing is lost; two tabs agree; at 390 px nothing lies outside', async ({
  page,
  context,
  demo,
}) => {
  const path = await savedSheet(page, demo, 'Save for pupils, without answers');
  await page.goto(`${demo}pupil`);
  const odd = (name: string, text: string) =>
    page
      .getByLabel('Open the file of the sheet')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await odd('notes.txt', 'no json');
  await expect(page.getByRole('alert')).toContainText('“notes.txt”: this is not the file of a sheet');
  await odd('book.json', '{"format":"diatonix-workbook"}');
  await expect(page.getByRole('alert')).toContainText('whole workbook');
  await scan(page);
  await page.setViewportSize({ width: 390, height: 800 });
  await begun(page, demo, path, 'Cy');
  await page.getByRole('button', { name: 'The whole sheet' }).click();
  await expect(page.locator('.staff-room svg text').nth(30)).toBeAttached();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const other = await context.newPage();
  await other.goto(`${demo}pupil`);
  await other.getByLabel('Your answer').first().fill('written there');
  await other.getByRole('button', { name: 'The whole sheet' }).click();
  await expect(answerField(page).first()).toHaveValue('written there');
});

test('notes are put on the staff, struck on the keyboard, or played; scratch is kept', async ({
  page,
  demo,
}) => {
  const triad = { clef: 'treble', key: 'D major', root: 'F#', quality: 'minor', inversion: 1 };
  const line = { clef: 'treble', key: 'G major', notes: ['B4', 'C5'], by: 'm2', below: true };
  const section = (kind: string, id: string, given: object) => ({
    ...{ kind, instruction: null, marks: 2 },
    questions: [{ id, given }],
  });
  const sheet = {
    ...{ title: 'Slack water', version: 'A', code: 'ABCD-A', marks: 4 },
    sections: [section('triad-build', '1.1', triad), section('transpose', '2.1', line)],
  };
  const file = { format: 'diatonix-pupils-sheet', version: 1, practice: true, sheets: [sheet] };
  await page.goto(`${demo}pupil`);
  await page.getByLabel('Open the file of the sheet').setInputFiles({
    name: 'slack.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await page.getByLabel('Your name').fill('Una Weir');
  await page.keyboard.press('Enter');
  // On the staff, from the keyboard alone.
  await page.getByRole('button', { name: 'On the staff or the keyboard' }).click();
  const staff = page.getByRole('slider', { name: 'Staff: choose a note' });
  await staff.focus();
  for (const key of ['A', 'Enter', 'C', 'Enter', 'F', 'Enter']) await page.keyboard.press(key);
  await expect(answerField(page)).toHaveValue('A C# F#');
  await page.getByRole('button', { name: 'Is it right?' }).click();
  await expect(page.locator('.said')).toHaveText('Right.');
  await page.getByRole('button', { name: 'Start anew' }).click();
  await expect(answerField(page)).toHaveValue('');
  // On the keyboard of the page; a key that is struck again is taken away.
  const struck = (name: string) => page.getByRole('button', { name, exact: true }).click();
  for (const name of ['F sharp 4', 'A 4', 'C sharp 5', 'F sharp 4', 'F sharp 5']) await struck(name);
  await expect(answerField(page)).toHaveValue('A C# F#');
  await scan(page);
  await page.getByText('Scratch', { exact: true }).click();
  const letters = page.getByRole('group', { name: 'Letters to stack' });
  await letters.getByRole('button', { name: 'F', exact: true }).first().click();
  await letters.getByRole('button', { name: 'F, ringed' }).click();
  await expect(letters.getByRole('button', { name: 'F, struck out' })).toBeVisible();
  await page.getByRole('button', { name: 'A scratch staff' }).click();
  await page.getByRole('button', { name: 'G 4', exact: true }).nth(1).click();
  await expect(answerField(page)).toHaveValue('A C# F#');
  await page.reload();
  await expect(letters.getByRole('button', { name: 'F, struck out' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'G 4', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  // A melody, played on the simulated MIDI keyboard, keeps its order and its octaves.
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'On the staff or the keyboard' }).click();
  await page.getByRole('button', { name: 'MIDI keyboard: No MIDI keyboard' }).click();
  await page.getByRole('menuitemradio', { name: 'Simulated keyboard' }).click();
  await page.locator('[data-midi="60"]').focus();
  for (const key of ['u', 'j', 'u']) await page.keyboard.press(key);
  await expect(answerField(page)).toHaveValue('A#4 B4 A#4');
});

test('four voices are put on the staff one by one, those that are given standing there', async ({
  page,
  demo,
}) => {
  const voices = [
    ['B4', null, null, 'G2'],
    ['C5', null, null, 'C3'],
  ];
  const given = { clef: 'grand', key: 'G major', numerals: ['I', 'IV'], voices };
  const questions = [{ id: '1.1', given }];
  const sheet = {
    ...{ title: 'Ebb', version: 'A', code: 'EBBT-A', marks: 4 },
    sections: [{ kind: 'parts-complete', instruction: null, marks: 4, questions }],
  };
  const file = { format: 'diatonix-pupils-sheet', version: 1, practice: true, sheets: [sheet] };
  await page.goto(`${demo}pupil`);
  await page.getByLabel('Open the file of the sheet').setInputFiles({
    name: 'ebb.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await page.getByLabel('Your name').fill('Nell');
  await page.keyboard.press('Enter');
  await expect(page.locator('.under')).toHaveText('IIV');
  const field = (name: string) => page.getByLabel(name, { exact: true });
  await expect(field('Soprano of chord 1, given')).toHaveValue('B4');
  // By mouse on the keyboard of the page: each note goes to the next open voice.
  await page.getByRole('button', { name: 'On the staff or the keyboard' }).click();
  await page.getByRole('button', { name: 'D 4', exact: true }).click();
  await expect(field('Alto of chord 1')).toHaveValue('D4');
  await expect(page.getByText('The next note is the tenor of chord 1.')).toBeVisible();
  // On the staff by the keyboard, and by typing.
  await page.getByRole('slider', { name: 'Staff: choose a note' }).focus();
  for (const key of ['G', 'Enter']) await page.keyboard.press(key);
  await expect(field('Tenor of chord 1')).toHaveValue('G3');
  await field('Alto of chord 2').fill('E4');
  await field('Tenor of chord 2').fill('G3');
  await scan(page);
  await page.getByRole('button', { name: 'Is it right?' }).click();
  await expect(page.locator('.said')).toHaveText('Right.');
  await page.reload();
  await expect(field('Tenor of chord 2')).toHaveValue('G3');
});
