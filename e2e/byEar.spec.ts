/** A sheet by ear: made, heard and answered on the pupils' page, handed in, taken in and marked with causes. */
import { readFile, writeFile } from 'node:fs/promises';
import { violations } from './axe';
import { expect, test } from './fixtures';

/** What is right on it stays as long as its seed: a minor third, harmonic minor, a major triad turned twice, half. */
const KINDS = ['heard-interval', 'heard-scale', 'heard-chord', 'heard-cadence'];
const SHEET = {
  title: 'By ear',
  seed: 4711,
  versions: 1,
  sections: KINDS.map((kind, at) => ({
    ...{ id: `s${at}`, kind, count: 1, marks: 1, instruction: '', seed: at, material: {}, exchanged: [] },
  })),
};
const WORKBOOK = {
  format: 'diatonix-workbook',
  version: 7,
  workbook: { title: 'Ear training', documents: [{ id: 'ear', kind: 'sheet', body: SHEET }] },
};

test('a sheet by ear is heard, answered, handed in and marked with its causes', async ({
  page,
  empty,
}, info) => {
  const file = info.outputPath('ear.json');
  await writeFile(file, JSON.stringify(WORKBOOK));
  await page.goto(`${empty}sheets`);
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open files' }).click();
  await (await choosing).setFiles(file);
  await page.getByRole('button', { name: 'Answers' }).click();
  await expect(page.getByText('harmonic minor (played E4')).toBeVisible();
  await page.getByRole('button', { name: 'Other sheets' }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Save for pupils, without answers' }).click(),
  ]);
  const forPupils = await saved.path();

  const pupil = await page.context().newPage();
  await pupil.setViewportSize({ width: 390, height: 844 });
  await pupil.goto(`${empty}pupil`);
  await pupil.getByLabel('Open the file of the sheet').setInputFiles(forPupils);
  await pupil.getByLabel('Your name').fill('Maro Quill');
  await pupil.keyboard.press('Enter');
  await pupil.getByRole('button', { name: 'The whole sheet' }).click();
  const question = (number: string) => pupil.getByRole('article', { name: `Question ${number}` });
  await question('4.1').getByRole('button', { name: 'Hear' }).click();
  await question('4.1').getByRole('button', { name: 'Without the key' }).click();
  await question('3.1').getByRole('button', { name: 'Note by note' }).click();
  await expect(pupil.getByText('There is no sound')).toHaveCount(0);
  await question('1.1').getByLabel('Your answer').fill('minor third');
  await question('2.1').getByRole('radio', { name: 'natural minor' }).check();
  await question('3.1').getByLabel('Your answer').fill('major, first inversion');
  await question('4.1').getByRole('radio', { name: 'half' }).check();
  expect(await violations(pupil)).toEqual([]);
  expect(await pupil.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const [handedIn] = await Promise.all([
    pupil.waitForEvent('download'),
    pupil.getByRole('button', { name: 'Save the file to hand in' }).click(),
  ]);
  const answers = info.outputPath('maro.json');
  await handedIn.saveAs(answers);
  expect(await readFile(answers, 'utf8')).toContain('minor third');

  await page.getByRole('link', { name: 'Marking' }).click();
  await page.getByRole('main').getByRole('button', { name: 'By ear', exact: true }).click();
  const taking = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open files' }).click();
  await (await taking).setFiles(answers);
  await expect(page.getByRole('alert')).toContainText('1 of 1 file put on the pile.');
  await expect(page.getByText('Maro Quill').first()).toBeVisible();
  await expect(page.getByText(/One degree of the scale heard otherwise/).first()).toBeVisible();
  await expect(page.getByText(/Another inversion heard/).first()).toBeVisible();
});
