import { chooseKey, expect, expectRow, saved, test } from './fixtures';
import type { Page } from '@playwright/test';

const line = (page: Page) => page.getByRole('textbox', { name: /^Intervals: two notes/ });

test.beforeEach(async ({ page, demo }) => {
  await page.goto(`${demo}intervals`);
  await expect(line(page)).toBeVisible();
});

test('a line of intervals is named, inverted and checked', async ({ page }) => {
  await expect(line(page)).toHaveValue('B3 G#4, G#4 F##5, B4 D#4, F#4 C5, D#4 A#5, A4 G#4');
  await expectRow(page, 'Number', [
    '6 · sixth',
    '7 · seventh',
    '6 · sixth down',
    '5 · fifth',
    '12 · twelfth',
    '2 · second down',
  ]);
  await expectRow(page, 'Quality', ['major', 'major', 'minor', 'diminished', 'perfect', 'minor']);
  await expectRow(page, 'Half steps', ['9', '11', '8', '6', '19', '1']);
  await expectRow(page, 'Its name', [
    'minor third',
    'minor second',
    'major third',
    'augmented fourth',
    'perfect fourth',
    'major seventh',
  ]);
  await expectRow(page, 'Check', [
    '6 + 3 = 9 · M ↔ m',
    '7 + 2 = 9 · M ↔ m',
    '6 + 3 = 9 · m ↔ M',
    '5 + 4 = 9 · d ↔ A',
    '5 + 4 = 9 · P ↔ P',
    '2 + 7 = 9 · m ↔ M',
  ]);
});

test('intervals are typed as notes or built on a note, and what is not understood is kept', async ({
  page,
}) => {
  await line(page).fill('Ab3 M6, Ab3 -M6, C4 d1, Gbb4 B##4, C4 C#5');
  await expectRow(page, 'Letters', ['A♭ – F', 'A♭ – C♭', 'G𝄫 – B𝄪', 'C – C♯']);
  await expectRow(page, 'Its name', [
    'minor third',
    'minor third',
    'quadruply diminished sixth',
    'none within the octave',
  ]);
  await expect(page.locator('.grid-column.problem')).toHaveCount(1);
  await expect(page.getByText(/a diminished unison does not exist/).first()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(line(page)).toHaveValue('Ab3 F4, Ab3 Cb3, C4 d1, Gbb4 B##4, C4 C#5');
});

test('the signature is pencilled in and rubbed out again', async ({ page }) => {
  const letters = ['B – G♯', 'G♯ – F𝄪', 'B – D♯', 'F♯ – C', 'D♯ – A♯', 'A – G♯'];
  await expectRow(page, 'Letters', letters);
  await page.getByRole('button', { name: 'Pencilled in' }).click();
  await expectRow(page, 'Letters', ['B – G', 'G – F𝄪', 'B – D', 'F – C', 'D – A♯', 'A – G']);
});

test('the working is shown in the way that is picked', async ({ page }) => {
  await page.getByRole('gridcell', { name: 'Letters: G♯ – F𝄪' }).click();
  const margin = page.getByRole('complementary', { name: 'Working' });
  await expect(margin.getByRole('listitem').nth(1)).toHaveText(
    'In the major scale on G♯, the seventh is F𝄪.',
  );
  await margin.getByRole('tab', { name: 'Strip' }).click();
  await expect(margin.getByRole('listitem').nth(1)).toHaveText(
    'Take the same sharp from both notes: G♯–F𝄪 is as wide as G–F♯.',
  );
  await margin.getByRole('tab', { name: 'Count' }).click();
  await expect(margin.getByRole('listitem').nth(1)).toHaveText('From G♯ up to F𝄪 there are 11 half steps.');
  await margin.getByRole('tab', { name: 'Invert' }).click();
  await expect(margin.getByRole('listitem').nth(2)).toHaveText(
    '2 and 7 make 9, and the qualities swap: major seventh.',
  );
  await saved(page);
  await page.reload();
  await expect(margin.getByRole('tab', { name: 'Invert' })).toHaveAttribute('aria-selected', 'true');
});

test('the bench works from the keyboard, in another clef and signature', async ({ page }) => {
  await chooseKey(page, /^Signature:/, 'B flat major');
  await page.getByRole('button', { name: /^Clef/ }).click();
  await page.getByRole('menuitemradio', { name: 'Tenor' }).click();
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.grid-column.selected')).toHaveAttribute('data-column', '1');
  await page.keyboard.press('[');
  await expect(line(page)).toHaveValue('B3 G#4, G#3 F##4, B4 D#4, F#4 C5, D#4 A#5, A4 G#4');
  await page.keyboard.press('Delete');
  await expect(page.locator('.grid-column')).toHaveCount(5);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(line(page)).toHaveValue('B3 G#4, G#4 F##5, B4 D#4, F#4 C5, D#4 A#5, A4 G#4');
  await page.keyboard.press(' ');
  await expect(page.locator('.grid-column.playing')).toHaveCount(1);
});

test('names are left blank, and a wrong answer is met with its cause', async ({ page }) => {
  await page.getByRole('button', { name: 'Name it yourself' }).click();
  await expectRow(page, 'Quality', ['nothing', 'nothing', 'nothing', 'nothing', 'nothing', 'nothing']);
  await page.getByRole('gridcell', { name: 'Letters: B – G♯' }).click();
  const answer = page.getByRole('textbox', { name: 'Name of the interval' });
  for (const [said, cause] of [
    ['m6', /signature was left out/],
    ['m3', /inversion/],
    ['P6', /the others are major or minor/],
    ['sixth', /the quality is missing/],
  ] as const) {
    await answer.fill(said);
    await page.getByRole('button', { name: 'Check' }).click();
    await expect(page.getByRole('alert')).toHaveText(cause);
  }
  await expect(page.locator('.wrong')).toHaveText('sixth ✗');
  await answer.fill('M6');
  await answer.press('Enter');
  const turned = page.getByRole('textbox', { name: 'Name of the inversion' });
  for (const [said, cause] of [
    ['M3', /major and minor change places/],
    ['M6', /what stands there already/],
    ['m2', /nine/],
  ] as const) {
    await turned.fill(said);
    await turned.press('Enter');
    await expect(page.getByRole('alert')).toHaveText(cause);
  }
  await turned.fill('m3');
  await turned.press('Enter');
  await expect(page.getByRole('heading', { name: 'Major sixth' })).toBeVisible();
  await expectRow(page, 'Quality', ['major', 'nothing', 'nothing', 'nothing', 'nothing', 'nothing']);
  await saved(page);
  await page.reload();
  await expectRow(page, 'Quality', ['major', 'nothing', 'nothing', 'nothing', 'nothing', 'nothing']);
});

test('an accidental holds to the end of the bar, and forgetting it is a cause of its own', async ({
  page,
}) => {
  await chooseKey(page, /^Signature:/, 'C major');
  await line(page).fill('F#4 A#4, C5 A#4');
  await expectRow(page, 'Letters', ['F♯ – A♯', 'C – A♯']);
  const drawn = () => page.locator('.grid-column').nth(1).locator('.staff-cell .staff text').count();
  const alone = await drawn();
  await page.getByRole('button', { name: /^Intervals in a bar/ }).click();
  await page.getByRole('menuitemradio', { name: '2 in a bar' }).click();
  // The second sharp is understood now and is not drawn again.
  await expect.poll(drawn).toBe(alone - 1);
  await page.getByRole('button', { name: 'Name it yourself' }).click();
  await page.getByRole('gridcell', { name: /^Letters: C – A♯/ }).click();
  const answer = page.getByRole('textbox', { name: 'Name of the interval' });
  await answer.fill('m3');
  await answer.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(/An accidental holds to the end of its bar/);
});
