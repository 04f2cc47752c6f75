/** The benches on the board surface, worked from the keyboard alone. */
import { entryLine, expect, expectRow, rowTexts, test } from './fixtures';
import type { Locator, Page } from '@playwright/test';

test.use({ colorScheme: 'dark' });

/** Opens a menu from the keyboard and takes the entry of a name by typing its beginning. */
async function take(page: Page, button: Locator, entry: string): Promise<void> {
  await button.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menu')).toBeVisible();
  await page.keyboard.type(entry.slice(0, 6), { delay: 20 });
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menu')).toHaveCount(0);
}

test('Key: scale, view, column and row without a mouse', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await take(page, page.getByRole('button', { name: /^Scale:/ }), 'Melodic minor');
  await expect(page.getByRole('heading', { name: 'A minor', level: 1 })).toBeVisible();
  await page.locator('.grid-column [tabindex="0"]').focus();
  for (const key of ['5', 'ArrowDown', 'ArrowDown', 't']) await page.keyboard.press(key);
  await expect.poll(async () => (await rowTexts(page, 'Taught'))[4]).toBe('not yet');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: 'Chord map' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expectRow(page, 'Right hand', ['1 3 5', '1 3 5', '1 3 5', '1 4 5', '1 3 5']);
  // What a bench shows is no edit: undo takes back the mark, and the view stays.
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: what has been taught.')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Primary chords' })).toBeChecked();
});

test('Chords: a member, a view and a clef without a mouse', async ({ page, demo }) => {
  await page.goto(`${demo}chords`);
  await page.getByRole('button', { name: 'Lower the third' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('F♯m7');
  await take(page, page.getByRole('button', { name: /^Clef/ }), 'Bass');
  await take(page, page.getByRole('button', { name: 'Add a member' }), 'ninth');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('F♯m9');
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press(']');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('F♯m9/A');
});

test('Intervals: bars, an interval by letters and its name without a mouse', async ({ page, demo }) => {
  await page.goto(`${demo}intervals`);
  await take(page, page.getByRole('button', { name: /^Intervals in a bar/ }), '3 in a bar');
  await page.locator('.grid-column [tabindex="0"]').focus();
  for (const key of ['End', 'e', 'b']) await page.keyboard.press(key);
  await expect.poll(async () => (await rowTexts(page, 'Letters')).at(-1)).toBe('E – B');
  await page.getByRole('button', { name: 'Name it yourself' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('textbox', { name: 'Name of the interval' }).focus();
  await page.keyboard.type('P4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the inversion' })).toBeVisible();
});

test('Progressions: bars, a selection, its key, rows, a voice and an answer without a mouse', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}progressions`);
  await entryLine(page).focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('| I IV | V7 I | [? ?]> | ii |');
  await take(page, page.getByRole('button', { name: /^Metre/ }), '4/4');
  await expect.poll(async () => (await rowTexts(page, 'Numeral')).slice(0, 2)).toEqual(['I', 'IV']);
  await page.locator('.grid-column [tabindex="0"]').focus();
  for (const key of ['Home', 'ArrowRight', 'Shift+ArrowRight', 'Shift+ArrowRight'])
    await page.keyboard.press(key);
  await expect(page.locator('.grid-column.within')).toHaveCount(3);
  await take(page, page.getByRole('button', { name: 'Move the selection', exact: true }), 'Up a whole step');
  await expectRow(page, 'Symbol', ['A', 'E', 'F♯7', 'B', 'nothing', 'nothing', 'Bm']);
  await page.keyboard.press('Control+z');
  await page.locator('.grid-column [tabindex="0"]').focus();
  for (const key of ['End', 'ArrowLeft']) await page.keyboard.press(key);
  const answer = page.getByRole('textbox', { name: 'Your answer' });
  await answer.focus();
  await page.keyboard.type('F#7');
  await expect(page.getByText('Right.')).toBeVisible();
  await page.getByRole('button', { name: 'Put the chord' }).focus();
  await page.keyboard.press('Enter');
  await expect(entryLine(page)).toHaveValue(/V7\/ii/);
  await page.getByRole('button', { name: 'Rows' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Symbol: up' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect
    .poll(async () => (await page.getByRole('rowheader').allTextContents()).indexOf('Symbol'))
    .toBe(4);
  await entryLine(page).focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('I IV V7 I');
  await page.getByRole('radio', { name: 'Keyboard' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  const lock = page.getByRole('button', { name: 'Lock the soprano', exact: true });
  await lock.focus();
  await page.keyboard.press('Space');
  await expect(lock).toHaveAttribute('aria-pressed', 'true');
});

test('the list of commands prints what stands on a bench, and says when nothing fits', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}sheets`);
  await expect(page.getByRole('button', { name: 'Pages to print' })).toBeEnabled();
  await page.keyboard.press('Control+k');
  const field = page.getByRole('searchbox', { name: 'Find a command' });
  await field.fill('herring');
  await expect(page.getByText('No command has these letters in its name.')).toBeVisible();
  await field.fill('print');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Print \d+ pages$/ })).toBeVisible();
});
