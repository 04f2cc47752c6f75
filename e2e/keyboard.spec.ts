/** The benches on the board surface, worked from the keyboard alone. */
import { expect, expectRow, rowTexts, test } from './fixtures';
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
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'Chord map' })).toBeChecked();
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
