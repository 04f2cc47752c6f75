/** Without a network after one visit: every bench, sound, PDF, and the pupils' page. */
import { startServer } from '../scripts/browser.mjs';
import { expect, test } from './fixtures';

test.use({ serviceWorkers: 'allow' });

const BENCHES = [
  ['key', 'Key'],
  ['intervals', 'Intervals'],
  ['chords', 'Chords'],
  ['progressions', 'Progressions'],
  ['scores', 'Scores'],
  ['sheets', 'Sheets'],
  ['class', 'Class'],
  ['marking', 'Marking'],
  ['logbook', 'Logbook'],
  ['practice', 'Practice'],
  ['workbooks', 'Workbooks'],
] as const;

test('one visit is enough: with the server stopped every bench works, and so does the pupils’ page', async ({
  page,
}) => {
  test.slow();
  const server = await startServer();
  const failed: string[] = [];
  page.on('pageerror', (error) => failed.push(error.message));
  await page.goto(`${server.address}key`);
  // Kept means in charge of the next page, with every file there.
  const state = () =>
    page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state);
  await expect.poll(state, { timeout: 60_000 }).toBe('activated');
  server.stop();
  await expect(async () => {
    await expect(fetch(server.address)).rejects.toThrow();
  }).toPass();
  for (const [path, name] of BENCHES) {
    await page.goto(`${server.address}${path}`);
    await expect(page).toHaveTitle(new RegExp(`^${name}`));
    await expect(page.getByRole('main')).not.toBeEmpty();
    await expect(page.getByText('could not be fetched')).toHaveCount(0);
  }
  // Sound: the samples come from what is kept.
  await page.goto(`${server.address}progressions`);
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('Escape');
  // A PDF, made in its worker with its fonts.
  await page.goto(`${server.address}marking`);
  await page.getByText('Return slips').click();
  const [slips] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF' }).click(),
  ]);
  expect(slips.suggestedFilename()).toMatch(/\.pdf$/);
  // The pupils' page, with a sheet that is saved here.
  await page.goto(`${server.address}sheets`);
  await page.getByRole('button', { name: 'Other sheets' }).click();
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Save for pupils to practise, marked at once' }).click(),
  ]);
  await page.goto(`${server.address}pupil`);
  await page.getByLabel('Open the file of the sheet').setInputFiles(await sheet.path());
  await page.getByLabel('Your version').selectOption('Version A');
  await page.getByLabel('Your name').fill('Ada');
  await page.keyboard.press('Enter');
  await expect(page.locator('.staff-room svg text').first()).toBeAttached();
  await page.getByLabel('Your answer').fill('m2');
  await page.keyboard.press('Enter');
  await expect(page.locator('.said')).toContainText(/Right/);
  expect(failed).toEqual([]);
});
