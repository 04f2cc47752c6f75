/** Single notes of a piece on the Scores bench: selected, changed and put, by keyboard, mouse and piano. */
import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

const handle = (page: Page) => page.getByRole('group', { name: /^Note: / });
const said = (page: Page, words: string) =>
  expect(handle(page)).toHaveAttribute('aria-label', `Note: ${words}`);
const numerals = (page: Page) =>
  page
    .getByRole('gridcell', { name: /, Numeral: / })
    .evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!.split('Numeral: ')[1]));

async function typePiece(page: Page, address: string, voices: string): Promise<void> {
  await page.goto(`${address}scores`);
  await page.getByRole('button', { name: /^Type a piece/ }).click();
  await page.getByRole('textbox', { name: /^Voices, a line each/ }).fill(voices);
  await page.getByRole('button', { name: 'Put this piece' }).click();
  await expect(page.getByRole('gridcell', { name: /, Numeral: / }).first()).toBeVisible();
}

test('notes are changed by the keyboard alone, and the labels follow', async ({ page, empty }) => {
  await typePiece(
    page,
    empty,
    'S: | E5 F5 D5 E5 |\nA: | C5 C5 B4 C5 |\nT: | G4 A4 G4 G4 |\nB: | C3 F3 G3 C3 |',
  );
  await expect.poll(() => numerals(page)).toEqual(['I', 'IV', 'V', 'I']);
  await page
    .getByRole('gridcell', { name: /, Numeral: / })
    .nth(1)
    .click();
  await page.keyboard.press('n');
  await said(page, 'Soprano, F5, quarter, measure 1 beat 2');
  for (let down = 0; down < 3; down++) await page.keyboard.press('ArrowDown');
  await said(page, 'Bass, F3, quarter, measure 1 beat 2');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await said(page, 'Bass, D3, quarter, measure 1 beat 2');
  await expect.poll(() => numerals(page)).toEqual(['I', 'ii seven', 'V', 'I']);
  await page.keyboard.press('+');
  await said(page, 'Bass, D♯3, quarter, measure 1 beat 2');
  await page.keyboard.press('f');
  await page.keyboard.press(',');
  await said(page, 'Bass, F3, dotted eighth, measure 1 beat 2');
  await page.keyboard.press('ArrowRight');
  await said(page, 'Bass, rest, sixteenth, measure 1 beat 2¾');
  await page.keyboard.press('Delete');
  await expect(page.getByRole('alert')).toHaveText(/a rest”: it holds the time of its voice/);
  await page.keyboard.press('e');
  await said(page, 'Bass, E3, sixteenth, measure 1 beat 2¾');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('gridcell', { name: /, Numeral: / }).nth(1)).toBeFocused();
  // Every step is undone in words, the last first.
  for (let count = 0; count < 3; count++) await page.keyboard.press('Control+z');
  await expect.poll(() => numerals(page)).toEqual(['I', 'IV', 'V', 'I']);
});

test('notes are pointed at, put on a rest, and taken from the piano', async ({ page, empty }) => {
  await typePiece(page, empty, 'S: | C5 r:3 |\nB: | C3:4 |');
  await page.getByRole('button', { name: 'Notes', exact: true }).click();
  await said(page, 'Soprano, C5, quarter, measure 1 beat 1');
  await page.keyboard.press('ArrowRight');
  await said(page, 'Soprano, rest, dotted half, measure 1 beat 2');
  const mark = (await page.locator('.note-mark').boundingBox())!;
  const [x, y] = [mark.x + mark.width / 2, mark.y + mark.height / 2];
  // The rest stands on the middle line; two lines higher is F5.
  await page.mouse.click(x, y - 20);
  await said(page, 'Soprano, F5, dotted half, measure 1 beat 2');
  await page.getByRole('button', { name: 'Length: dotted half' }).click();
  await page.getByRole('menuitemradio', { name: 'quarter', exact: true }).click();
  await said(page, 'Soprano, F5, quarter, measure 1 beat 2');
  await page.getByRole('textbox', { name: 'Pitch' }).fill('D5');
  await page.getByRole('textbox', { name: 'Pitch' }).press('Enter');
  await said(page, 'Soprano, D5, quarter, measure 1 beat 2');
  await page.getByRole('textbox', { name: 'Pitch' }).fill('H5');
  await page.getByRole('textbox', { name: 'Pitch' }).press('Enter');
  await expect(page.getByRole('alert')).toHaveText(/“H5”/);
  await handle(page).press('ArrowRight');
  await said(page, 'Soprano, rest, half, measure 1 beat 3');
  await page.getByRole('button', { name: 'By hand' }).click();
  await page.getByRole('button', { name: 'E 5', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Pitch' })).toHaveValue('E5');
  await page.getByRole('button', { name: 'Add a measure' }).click();
  await said(page, 'Soprano, rest, whole, measure 2 beat 1');
  await page.reload();
  await page
    .getByRole('gridcell', { name: /, Numeral: / })
    .first()
    .waitFor();
  await page.getByRole('button', { name: 'Notes', exact: true }).click();
});

const MODULATING =
  'S: | E5 F5 E5 D5 | E5:4 | E5 D5 C5 B4 | A4 B4 A4:2 | G4:4 |\n' +
  'A: | C5 C5 C5 B4 | C5:4 | C5 B4 A4 G4 | E4 G4 F#4:2 | D4:4 |\n' +
  'T: | G4 A4 G4 G4 | G4:4 | E4 G4 E4 D4 | C4 D4 D4 C4 | B3:4 |\n' +
  'B: | C3 F3 G3 G3 | C3:4 | A3 G3 A3 B3 | C4 D4 D3:2 | G3:4 |';

test('a pivot has both numerals, keys change as readily as is asked, and faults are let stand', async ({
  page,
  empty,
}) => {
  await typePiece(page, empty, MODULATING);
  await expect(page.getByRole('gridcell', { name: /Numeral: vi six, ii six in G major$/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Key' }).click();
  await page.getByRole('button', { name: /^How readily the key changes/ }).click();
  await page.getByRole('menuitemradio', { name: 'Stay in one key' }).click();
  await expect.poll(() => numerals(page)).toContain('V seven of V');
  await expect(page.getByRole('gridcell', { name: /in G major$/ })).toHaveCount(0);
  await page.getByRole('tab', { name: 'Voices' }).click();
  await page.getByRole('button', { name: /^Let it stand: measure 3 beat 2: parallel fifths/ }).click();
  await expect(page.getByRole('button', { name: /^Let it stand: measure 3 beat 2: parallel/ })).toHaveCount(
    0,
  );
  await page.getByRole('button', { name: /^Count it: measure 3 beat 2: parallel fifths/ }).click();
  await expect(page.getByRole('button', { name: /^Let it stand: measure 3 beat 2: parallel/ })).toBeVisible();
  await page.getByRole('button', { name: 'Lowest: measure 5 beat 1' }).first().click();
  await expect(page.getByRole('heading', { name: 'Measure 5 beat 1' })).toBeVisible();
});
