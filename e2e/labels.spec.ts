import { entryLine, expect, expectRow, openProgressions, saved, test, typeLine } from './fixtures';

test('a school changes every label, the line and the working at once, and nothing stored', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'Labels' }).click();
  const sheet = page.getByRole('dialog', { name: 'Labels' });
  for (const choice of ['V of ii', 'B H', 'semitone, leading note'])
    await sheet.getByText(choice, { exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(entryLine(page)).toHaveValue('I vi V65 of ii ii ii65 V7 I');
  await expectRow(page, 'Symbol', ['A', 'Fism', 'Fis7/Ais', 'Hm', 'Hm7/D', 'E7', 'A']);
  await page.getByRole('gridcell', { name: /^bar 3,/ }).click();
  await page.getByRole('tab', { name: 'In the key' }).click();
  await expect(page.getByRole('complementary', { name: 'Working' }).getByRole('listitem').nth(1)).toHaveText(
    'Ais is the leading note of H, the root of ii.',
  );
  await typeLine(page, 'I V7 of V Hm7 B');
  await expectRow(page, 'Symbol', ['A', 'H7', 'Hm7', 'B']);
  await saved(page);
  await page.getByRole('button', { name: 'Labels' }).click();
  await page.getByRole('button', { name: 'Back to the defaults' }).click();
  await page.keyboard.press('Escape');
  await expect(entryLine(page)).toHaveValue('I V7/V Bm7 Bb');
});

test('numerals in capitals and letters of inversion are read as they are shown', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'Labels' }).click();
  const sheet = page.getByRole('dialog', { name: 'Labels' });
  for (const choice of ['IIm V VIIdim', 'V7b']) await sheet.getByText(choice, { exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(entryLine(page)).toHaveValue('I VIm V7b/IIm IIm IIm7b V7 I');
  await typeLine(page, 'I IVmaj7 V7c VIm');
  await expectRow(page, 'Symbol', ['A', 'Dmaj7', 'E7/B', 'F♯m']);
});
