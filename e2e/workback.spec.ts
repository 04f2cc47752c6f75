/** Chords that are worked back from brackets, arrows and targets. */
import { entryLine, expect, expectRow, openProgressions, saved, test, typeLine } from './fixtures';

const LINE = 'I [? ?]> ii [? ?]> I [? ?] vi';

test('brackets, arrows and targets alone: the class answers, and is told why not', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, LINE);
  await expectRow(page, 'Numeral', [
    'I',
    ...Array<string>(2).fill('to be worked back'),
    'ii',
    ...Array<string>(2).fill('to be worked back'),
    'I',
    ...Array<string>(2).fill('to be worked back'),
    'vi',
  ]);
  const margin = page.getByRole('complementary', { name: 'Working' });
  await page.getByRole('gridcell', { name: /^measure 3,/ }).click();
  const answer = margin.getByRole('textbox', { name: 'Your answer' });
  await answer.fill('E7');
  await expect(margin.getByRole('alert')).toHaveText(
    /fifth below the target: a dominant lies a fifth above it/,
  );
  await answer.fill('F#m7');
  await expect(margin.getByRole('alert')).toContainText('a dominant has a major third');
  await answer.fill('V7/ii');
  await expect(margin.getByText('Right.')).toBeVisible();
  await margin.getByRole('button', { name: 'Show the working' }).click();
  await expect(margin.getByRole('listitem')).toHaveText([
    'The arrow goes to ii: its root is B.',
    'A dominant falls a fifth, so its root is a fifth above B: F♯.',
    'In the key it is written V7/ii.',
  ]);
  // Only a bracket: its target is open, and that is said.
  await page.getByRole('gridcell', { name: /^measure 9,/ }).click();
  await expect(
    margin.getByText('The bracket has no arrow: the V does not resolve, its target is open'),
  ).toBeVisible();
  await saved(page);
  await page.reload();
  await expectRow(page, 'Numeral', [
    'I',
    'to be worked back',
    'answered V7/ii',
    'ii',
    ...Array<string>(2).fill('to be worked back'),
    'I',
    ...Array<string>(2).fill('to be worked back'),
    'vi',
  ]);
});

test('every chord that can be worked back is put at once, and the open pair stays open', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, LINE);
  await page.getByRole('button', { name: 'Work back' }).click();
  await page.getByRole('menuitem', { name: 'Put every chord that can be worked back' }).click();
  await expect(entryLine(page)).toHaveValue('I iiø7/ii V7/ii ii ii7 V7 I [? ?] vi');
  await page.keyboard.press('Control+z');
  await expect(entryLine(page)).toHaveValue(LINE);
});

test('a line becomes one to be worked back, from what is drawn over it', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I V7/ii ii7 V7 I');
  await page.getByRole('button', { name: 'Work back' }).click();
  await page.getByRole('menuitem', { name: 'Blank every ii and V that is drawn' }).click();
  await expect(entryLine(page)).toHaveValue('I ?> [? ?]> I');
  await page.getByRole('gridcell', { name: /^measure 2,/ }).click();
  await page.getByRole('button', { name: 'Put the chord' }).click();
  await expect(entryLine(page)).toHaveValue('I V7/ii [? ?]> I');
});
