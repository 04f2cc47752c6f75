/** Bars, lengths, repeats, words and the source of a line; several columns at once; listening. */
import type { Page } from '@playwright/test';
import {
  chooseKey,
  entryLine,
  expect,
  expectRow,
  openProgressions,
  openUnder,
  rowTexts,
  saved,
  sounding,
  test,
  writeDownSounding,
  typeLine,
  chooseFrom,
} from './fixtures';

async function chooseMetre(page: Page, metre: string): Promise<void> {
  await page.getByRole('button', { name: /^Metre/ }).click();
  await page.getByRole('menuitemradio', { name: metre, exact: true }).click();
}

const sentences = (page: Page) =>
  page
    .locator('.grid-column [role="columnheader"]')
    .evaluateAll((heads) => heads.map((head) => head.textContent.split(',')[0]));

test('bars are typed, drawn with their metre, and come back after reloading', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await chooseMetre(page, '4/4');
  await typeLine(page, 'V:1 |: I vi | ii:3 V7:1 :| I |');
  await expect
    .poll(() => sentences(page))
    .toEqual([
      'upbeat beat 4',
      'measure 1 beat 1',
      'measure 1 beat 3',
      'measure 2 beat 1',
      'measure 2 beat 4',
      'measure 3',
    ]);
  await expect(page.locator('.grid-column [data-after], .grid-column[data-after]')).toHaveCount(3);
  await expect(page.locator('.grid-column[data-after="repeat"]')).toHaveCount(1);
  await expect(page.getByRole('alert')).toHaveCount(0);
  await entryLine(page).blur();
  await expect(entryLine(page)).toHaveValue('V:1 |: I vi | ii:3 V7:1 :| I |');
  await saved(page);
  await page.reload();
  await expect(entryLine(page)).toHaveValue('V:1 |: I vi | ii:3 V7:1 :| I |');
});

test('a bar that does not come out is told in its place, and the chords stand', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await chooseMetre(page, '3/4');
  await typeLine(page, '| I:2 V:2 | vi |');
  await expect(
    page.getByText('this barline stands after 1 of the 3 quarters of a bar of 3/4.'),
  ).toBeVisible();
  await expectRow(page, 'Numeral', ['I', 'V', 'vi']);
});

test('lengths, words, repeats and the source are set in the margin and undone', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V I');
  await page.getByRole('gridcell', { name: 'Symbol: D' }).click();
  await chooseFrom(page, 'Length', 'quarter');
  await expect(entryLine(page)).toHaveValue('| I:2 | IV:1 V:2 I:2');
  await page.getByRole('textbox', { name: 'Words under this column' }).fill('sails');
  await expectRow(page, 'Words', ['nothing', 'sails', 'nothing', 'nothing']);
  await page.getByRole('button', { name: 'Repeat to here' }).click();
  await expect(page.locator('.grid-column[data-after="repeat"]')).toHaveCount(1);
  await page.getByRole('textbox', { name: 'Source of the progression' }).fill('Exercise book, page 3');
  await page.getByRole('gridcell', { name: 'Symbol: D' }).click();
  for (let step = 0; step < 4; step++) await page.keyboard.press('Control+z');
  await expect(entryLine(page)).toHaveValue('I IV V I');
  await expect(page.getByRole('textbox', { name: 'Source of the progression' })).toHaveValue('');
});

test('an accidental holds to the end of its bar', async ({ page, demo }) => {
  await openProgressions(page, demo);
  const accidentals = () =>
    page
      .locator('.grid-column')
      .evaluateAll((columns) =>
        columns.map(
          (column) =>
            [...column.querySelectorAll('.staff text')].filter((text) =>
              /[\uE260-\uE264]/u.test(text.textContent ?? ''),
            ).length,
        ),
      );
  await typeLine(page, '(A3 A#4 E5) (A3 A#4 F#5) (A3 A4 E5)');
  await expect.poll(accidentals).toEqual([1, 1, 0]);
  await chooseMetre(page, '6/4');
  await expect.poll(accidentals).toEqual([1, 0, 1]);
});

test('several columns are selected with shift, moved to another key, and removed together', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'A D E7 A D E7 A');
  await page.getByRole('gridcell', { name: 'Symbol: D' }).nth(1).click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.locator('.grid-column.within')).toHaveCount(3);
  await page.getByRole('button', { name: 'Move the selection', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Up a whole step' }).click();
  await expectRow(page, 'Symbol', ['A', 'D', 'E7', 'A', 'E', 'F♯7', 'B']);
  await expectRow(page, 'Key', ['A major', 'nothing', 'nothing', 'nothing', 'B major', 'nothing', 'nothing']);
  await expectRow(page, 'Numeral', ['I', 'IV', 'V seven', 'I', 'IV', 'V seven', 'I']);
  await chooseKey(page, /^Move the selection to/, 'C major');
  await expectRow(page, 'Symbol', ['A', 'D', 'E7', 'A', 'F', 'G7', 'C']);
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press('Delete');
  await expectRow(page, 'Symbol', ['A', 'D', 'E7', 'A']);
});

test('transposing the whole line takes its other keys along', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I V7 I V7 I');
  await page.getByRole('gridcell', { name: 'Symbol: E7' }).nth(1).click();
  await chooseKey(page, /^Key from here/, 'E major');
  await expectRow(page, 'Symbol', ['A', 'E7', 'A', 'B7', 'E']);
  await page.getByRole('button', { name: 'Move the line' }).click();
  await page.getByRole('menuitem', { name: 'Down a whole step' }).click();
  await expectRow(page, 'Symbol', ['G', 'D7', 'G', 'A7', 'D']);
  await expectRow(page, 'Key', ['G major', 'nothing', 'nothing', 'D major', 'nothing']);
});

test('the selection loops, a bar is counted in, repeats are played, and another version follows in turn', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  // A chord of half a second is marked even in a slow minute.
  await typeLine(page, '| I:1 IV:1 | V:1 I:1 |');
  await page.getByRole('textbox', { name: 'Tempo' }).fill('120');
  await page.getByRole('textbox', { name: 'Tempo' }).blur();
  await page.locator('.grid-column').nth(1).locator('.staff-cell').click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('button', { name: 'Listen' }).click();
  await page.getByRole('checkbox', { name: 'Loop' }).click();
  await page.getByRole('checkbox', { name: 'Count in one bar' }).click();
  await page.keyboard.press('Escape');
  let sounded = await writeDownSounding(page);
  const begun = Date.now();
  await page.getByRole('button', { name: 'Play the selection' }).click();
  await expect.poll(async () => (await sounded()).slice(0, 4), { timeout: 15_000 }).toEqual([1, 2, 1, 2]);
  // A bar of 2/4 at 120 is one second, before the first of the selection.
  expect(Date.now() - begun).toBeGreaterThan(1000);
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: 'Listen' }).click();
  await page.getByRole('checkbox', { name: 'Loop' }).click();
  await page.getByRole('checkbox', { name: 'Count in one bar' }).click();
  await chooseFrom(page, 'Then, in turn', 'Harbour Bell, first phrase');
  await page.keyboard.press('Escape');
  sounded = await writeDownSounding(page);
  await page.getByRole('button', { name: 'Play the selection' }).click();
  // Two columns of this line, then the six of the other, whose places are marked here as far as they go.
  await expect
    .poll(async () => (await sounded()).slice(0, 6), { timeout: 15_000 })
    .toEqual([1, 2, 0, 1, 2, 3]);
  await page.getByRole('button', { name: 'Stop' }).click();
});

test('a melody over the chords: passing notes are bracketed, clashes marked, and it is heard with the chords', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V I');
  await openUnder(page, 'A melody over these chords');
  const melody = page.getByRole('textbox', { name: /^Melody/ });
  await melody.fill('C#5 B4 / A4 / A4 / H5 A4');
  await expectRow(page, 'Melody', ['C♯, B passes', 'A', 'A clashes with the chord', 'A']);
  await expect(page.getByText(/“H5”/).first()).toBeVisible();
  await melody.blur();
  await expect(melody).toHaveValue('C#5 B4 / A4 / A4 / H5 A4');
  await melody.fill('C#5 B4 / A4 / B4 / A4');
  await expectRow(page, 'Melody', ['C♯, B passes', 'A', 'B', 'A']);
  await page.getByRole('button', { name: 'Listen' }).click();
  await page.getByRole('radio', { name: 'Melody and chords' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await sounding(page, 0);
  await page.getByRole('button', { name: 'Stop' }).click();
});

test('the keyboard plays patterns, and fingers that stay are shown', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I vi IV V7 I');
  await page.getByRole('button', { name: 'Rows' }).click();
  await page.getByRole('checkbox', { name: 'Right hand: Shown' }).click();
  await page.keyboard.press('Escape');
  const fingers = await rowTexts(page, 'Right hand');
  expect(fingers.slice(1, 3).every((text) => /stay/.test(text))).toBe(true);
  const notes = () => page.locator('.grid-column').first().locator('.staff text').count();
  const block = await notes();
  await page.getByRole('button', { name: /^Pattern/ }).click();
  await page.getByRole('menuitemradio', { name: 'Broken, up and back' }).click();
  // Four steps in the right hand for the three notes of the block.
  await expect.poll(notes).toBe(block + 1);
});

test('rows are put in another order, which stays', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'Rows' }).click();
  await page.getByRole('button', { name: 'Symbol: up' }).click();
  await page.getByRole('button', { name: 'Symbol: up' }).click();
  await page.keyboard.press('Escape');
  const heads = () => page.getByRole('rowheader').allTextContents();
  expect((await heads()).slice(1, 5)).toEqual(['Key', 'Numeral', 'Symbol', 'Figured bass']);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('rowheader').first()).toBeVisible();
  expect((await heads()).slice(1, 5)).toEqual(['Key', 'Numeral', 'Symbol', 'Figured bass']);
});
