import { chooseKey, expect, expectRow, rowTexts, saved, test } from './fixtures';
import type { Page } from '@playwright/test';

const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });
const values = async (page: Page) =>
  Object.fromEntries(
    await Promise.all(
      ['Symbol', 'Notes', 'Formula', 'Gaps', 'Numeral', 'Degree'].map(async (name) => [
        name,
        await field(page, name).inputValue(),
      ]),
    ),
  );

test.beforeEach(async ({ page, demo }) => {
  await page.goto(`${demo}chords`);
  await expect(field(page, 'Symbol')).toHaveValue('F♯7');
});

test('the six ways into a chord stay in step', async ({ page }) => {
  expect(await values(page)).toEqual({
    Symbol: 'F♯7',
    Notes: 'F♯ A♯ C♯ E',
    Formula: '1 3 5 ♭7',
    Gaps: '4 3 3',
    Numeral: 'V7/ii',
    Degree: '',
  });
  await field(page, 'Degree').fill('2 7');
  await expect
    .poll(() => values(page))
    .toEqual({
      Symbol: 'Bm7',
      Notes: 'B D F♯ A',
      Formula: '1 ♭3 5 ♭7',
      Gaps: '3 4 3',
      Numeral: 'ii7',
      Degree: '2 7',
    });
  await field(page, 'Formula').fill('1 b3 b5 bb7');
  await expect.poll(async () => (await values(page))['Symbol']).toBe('Bdim7');
  await field(page, 'Gaps').fill('4 4');
  await expect.poll(async () => (await values(page))['Symbol']).toBe('B+');
  await field(page, 'Numeral').fill('Ger+6');
  await expect.poll(async () => (await values(page))['Notes']).toBe('F A C D♯');
  await field(page, 'Notes').fill('C E A');
  await expect.poll(async () => (await values(page))['Symbol']).toBe('Am/C');
  await field(page, 'Symbol').fill('Ebmaj9');
  await expect.poll(async () => (await values(page))['Formula']).toBe('1 3 5 7 9');
});

test('what cannot be read says why and changes nothing', async ({ page }) => {
  await field(page, 'Symbol').fill('F#7zz');
  await expect(page.getByText('“zz” after “F#7” is not understood.')).toBeVisible();
  // What was written stays with its reason, until the chord is said in another way.
  await field(page, 'Notes').focus();
  await expect(field(page, 'Symbol')).toHaveValue('F#7zz');
  await expect(field(page, 'Formula')).toHaveValue('1 3 5 ♭7');
  await field(page, 'Notes').fill('C E G');
  await expect(field(page, 'Symbol')).toHaveValue('C');
});

test('the inversions stand in a row with gaps, figures, letters, slash and fingering', async ({ page }) => {
  await expectRow(page, 'Inversion', [
    'root position',
    'first inversion',
    'second inversion',
    'third inversion',
  ]);
  await expectRow(page, 'Gaps', ['4 · 3 · 3', '3 · 3 · 2', '3 · 2 · 4', '2 · 4 · 3']);
  await expectRow(page, 'Figured bass', ['7 ♯', '6 5', '♯6 4 3', '♯4 2']);
  await expectRow(page, 'Letter', ['a', 'b', 'c', 'd']);
  await page.getByRole('gridcell', { name: 'Inversion: first inversion' }).click();
  await expect(field(page, 'Symbol')).toHaveValue('F♯7/A♯');
  await page.getByRole('tab', { name: 'Inversion' }).click();
  await expect(page.getByRole('complementary', { name: 'Working' }).getByRole('listitem').nth(1)).toHaveText(
    'In close position the gap lies above E, and the note above the gap is the root: F♯.',
  );
  await page.getByRole('button', { name: 'Hear the row' }).click();
  await expect(page.locator('.grid-column.playing')).toHaveCount(1);
});

test('the family stands on the same root, and other readings can be picked', async ({ page }) => {
  await page.getByRole('radio', { name: 'Triads' }).click();
  await expectRow(page, 'Symbol', ['F♯', 'F♯m', 'F♯dim', 'F♯+', 'F♯sus2', 'F♯sus4']);
  await page.getByRole('radio', { name: 'Sevenths' }).click();
  await page.getByRole('gridcell', { name: 'Symbol: F♯m7♭5' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'F♯m7♭5' })).toBeVisible();
  await page.getByRole('button', { name: 'Am6/F♯' }).click();
  await expect(field(page, 'Symbol')).toHaveValue('Am6/F♯');
  await saved(page);
  await page.reload();
  await expect(field(page, 'Symbol')).toHaveValue('Am6/F♯');
});

test('members are changed, and the name follows what is there and says so', async ({ page }) => {
  const margin = page.getByRole('complementary', { name: 'Working' });
  await field(page, 'Symbol').fill('C13');
  await page.getByRole('button', { name: 'Leave the thirteenth out' }).click();
  await page.getByRole('button', { name: 'Leave the eleventh out' }).click();
  await expect(field(page, 'Symbol')).toHaveValue('C9');
  await page.getByRole('button', { name: 'Leave the fifth out' }).click();
  await expect(margin.getByRole('listitem').getByText('Root, third, minor seventh and ninth:')).toContainText(
    'whatever was asked for: C9 would need more.',
  );
  await page.getByRole('button', { name: 'Raise the ninth' }).click();
  await expect(field(page, 'Notes')).toHaveValue('C E B♭ D♯');
  await page.getByRole('button', { name: 'Add a member' }).click();
  await page.getByRole('menuitem', { name: 'fifth', exact: true }).click();
  await expect(field(page, 'Symbol')).toHaveValue('C7♯9');
  await page.getByRole('button', { name: 'Move the third: Cm7♯9' }).click();
  await expect(field(page, 'Formula')).toHaveValue('1 ♭3 5 ♭7 ♯9');
  for (let i = 0; i < 4; i++) await page.keyboard.press('Control+z');
  await expect(field(page, 'Symbol')).not.toHaveValue('Cm7♯9');
});

test('a chord is laid out in six manners, with what to leave out, fingers and cautions', async ({ page }) => {
  await field(page, 'Symbol').fill('C13');
  await page.getByRole('radio', { name: 'Voicings' }).click();
  await expectRow(page, 'Laid out', ['close', 'open', 'drop 2', 'drop 3', 'four parts', 'two hands']);
  expect((await rowTexts(page, 'Letters')).at(-1)).toBe('C B♭ E D A');
  expect((await rowTexts(page, 'Left out')).slice(-2)).toEqual(['fifth, eleventh, ninth', 'fifth, eleventh']);
  await field(page, 'Symbol').fill('C');
  await expectRow(page, 'Laid out', ['close', 'open', 'four parts', 'two hands']);
  expect((await rowTexts(page, 'Letters'))[2]!.split(' ').filter((note) => note === 'C')).toHaveLength(2);
  await page.getByRole('button', { name: 'Double the fifth' }).click();
  await expect
    .poll(async () => (await rowTexts(page, 'Letters'))[2]!.split(' ').filter((note) => note === 'G').length)
    .toBe(2);
});

test('transposed parts are written for their instruments', async ({ page }) => {
  await page.getByRole('radio', { name: 'Parts' }).click();
  await expectRow(page, 'Part', ['concert pitch', 'B♭ part', 'E♭ part', 'F part']);
  await expectRow(page, 'Symbol', ['F♯7', 'G♯7', 'D♯7', 'C♯7']);
  await expectRow(page, 'Key', ['A major', 'B major', 'F♯ major', 'E major']);
});

test('a chain is heard in chosen inversions, and a piece that is not read leaves the others alone', async ({
  page,
}) => {
  await page.getByRole('radio', { name: 'Chain' }).click();
  const chain = page.getByRole('textbox', { name: 'Chain: numerals or symbols' });
  await chain.fill('I I6 zz V65 I');
  await expectRow(page, 'Symbol', ['A', 'A/C♯', 'E7/G♯', 'A']);
  await expect(page.getByText(/“zz”: this is neither/)).toBeVisible();
  await page.getByRole('button', { name: 'Hear the row' }).click();
  await expect(page.locator('.grid-column.playing')).toHaveCount(1);
});

test('two chords are compared by ear, restacked before one’s eyes, and respelled in the key', async ({
  page,
}) => {
  const margin = page.getByRole('complementary', { name: 'Working' });
  await page.getByRole('button', { name: 'Keep to compare' }).click();
  await page.getByRole('gridcell', { name: 'Inversion: second inversion' }).click();
  await page.getByRole('button', { name: 'Hear F♯7, then F♯7/C♯' }).click();
  await page.getByRole('tab', { name: 'Inversion' }).click();
  await expect(margin.getByRole('img', { name: 'C♯ E F♯ A♯' })).toBeVisible();
  await page.getByRole('button', { name: 'Restack in thirds' }).click();
  await expect(margin.getByRole('img', { name: 'F♯ A♯ C♯ E' })).toBeVisible();
  await chooseKey(page, /^In the key of/, 'G flat major');
  await page.getByRole('button', { name: /^G♭7/ }).click();
  await expect(field(page, 'Symbol')).toHaveValue('G♭7/D♭');
});
