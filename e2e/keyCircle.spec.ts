import { chooseKey, expect, expectRow, saved, test } from './fixtures';

test('a key is found by its signature in words, and both keys of it are offered', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('button', { name: /^Choose key/ }).click();
  const field = page.getByRole('textbox', { name: 'Key or signature' });
  await field.fill('two flat');
  await expect(page.getByRole('dialog').getByRole('button', { name: 'B♭ major' })).toBeVisible();
  await expect(
    page.getByRole('dialog').getByRole('button', { name: 'G minor', exact: true }).first(),
  ).toBeVisible();
  await field.fill('nine flats');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText('this is not a signature');
  await field.fill('F# minor');
  await field.press('Enter');
  await expect(page.getByRole('heading', { name: 'F♯ minor', level: 1 })).toBeVisible();
  // Enter takes the major key of a signature; in the table a letter goes to the next key of that name.
  await page.getByRole('button', { name: /^Choose key/ }).click();
  await field.fill('two sharps');
  await field.press('Enter');
  await expect(page.getByRole('heading', { name: 'D major', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: /^Choose key/ }).click();
  await expect(page.getByRole('button', { name: 'D major', exact: true })).toBeFocused();
  await page.keyboard.press('e');
  await expect(page.getByRole('button', { name: 'E major', exact: true })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'E major', level: 1 })).toBeVisible();
});

test('the circle is walked and chosen from with the keyboard, and keys that sound alike share a place', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}key`);
  await page.getByRole('radio', { name: 'Circle' }).click();
  const circle = page.getByRole('radiogroup', { name: 'Circle of fifths' });
  await circle.getByRole('radio', { name: 'A major', exact: true }).focus();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'Enter']) await page.keyboard.press(key);
  await expect(page.getByRole('heading', { name: 'F♯ major', level: 1 })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'G♭ major', level: 1 })).toBeVisible();
  await expect(circle.getByRole('radio', { checked: true })).toHaveAttribute(
    'aria-label',
    'F sharp major or G flat major',
  );
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'D♯ minor', level: 1 })).toBeVisible();
  await circle.getByRole('radio', { name: 'C major', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'C major', level: 1 })).toBeVisible();
});

test('in minor the harmonic chords stand beside the natural ones, with the leading note raised by a natural', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}key`);
  await chooseKey(page, /^Choose key/, 'C minor');
  await page.getByRole('button', { name: /^Scale:/ }).click();
  await page.getByRole('menuitemradio', { name: 'Natural beside harmonic' }).click();
  await expectRow(page, 'Numeral', [
    'i',
    'ii diminished',
    'III',
    'iv',
    'v',
    'V',
    'VI',
    'VII',
    'vii diminished',
  ]);
  await expectRow(page, 'Root', ['C', 'D', 'E♭', 'F', 'G', 'G', 'A♭', 'B♭', 'B, raised leading tone']);
  await expectRow(page, 'Third', ['E♭', 'F', 'G', 'A♭', 'B♭', 'B, raised leading tone', 'C', 'D', 'D']);
  const margin = page.getByRole('complementary', { name: 'Working' });
  await margin.getByRole('tab', { name: 'Signature' }).click();
  await expect(margin.getByRole('listitem').first()).toHaveText(
    'Go three half steps up from C, letter by letter a third: the relative major is E♭ major.',
  );
  await expect(margin.getByText('Order of flats: B♭ E♭ A♭ D♭ G♭ C♭ F♭')).toBeVisible();
  await margin.getByRole('tab', { name: 'Pattern' }).click();
  await expect(margin.getByText('the same in all 15 minor keys, natural form')).toBeVisible();
});

test('primary chords lie in the nearest inversions, with fingers for both hands', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('radio', { name: 'Primary chords' }).click();
  await expectRow(page, 'Notes', ['A C♯ E', 'A D F♯', 'A C♯ E', 'G♯ D E', 'A C♯ E']);
  await expectRow(page, 'Right hand', ['1 3 5', '1 3 5', '1 3 5', '1 4 5', '1 3 5']);
  await expectRow(page, 'Left hand', ['5 3 1', '5 2 1', '5 3 1', '5 2 1', '5 3 1']);
  await expect(page.getByText('Stop if the hand hurts, and ask a teacher or a doctor.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expectRow(page, 'Inversion', [
    'root position',
    'second inversion',
    'root position',
    'first inversion',
    'root position',
  ]);
});

test('each class has a mask of its own', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  const mask = ['taught', 'taught', 'not yet', 'taught', 'taught', 'taught', 'not yet'];
  await expectRow(page, 'Taught', mask);
  await page.getByRole('button', { name: /^Class:/ }).click();
  await page.getByRole('menuitemradio', { name: 'Harbour beginners' }).click();
  await expectRow(page, 'Taught', ['taught', 'not yet', 'not yet', 'taught', 'taught', 'not yet', 'not yet']);
  await page.getByRole('button', { name: /^Class:/ }).click();
  await page.getByRole('menuitemradio', { name: 'New class' }).click();
  await page.getByRole('textbox', { name: 'Name of the class' }).fill('Saturday duo');
  await page.getByRole('gridcell', { name: 'Taught: taught' }).first().click();
  await page.keyboard.press('t');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Class: Saturday duo' })).toBeVisible();
  await expectRow(page, 'Taught', [
    'not yet',
    'not yet',
    'not yet',
    'taught',
    'taught',
    'not yet',
    'not yet',
  ]);
  await page.getByRole('button', { name: /^Class:/ }).click();
  await page.getByRole('menuitemradio', { name: 'Tuesday evening class' }).click();
  await expectRow(page, 'Taught', mask);
});

test('maps are printed a page a key, blank with the answers after', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('radio', { name: 'To print' }).click();
  const pages = page.locator('section.page');
  await expect(pages).toHaveCount(3);
  await expect(page.getByRole('grid', { name: /^Chord map of/ })).toHaveCount(3);
  await page.getByRole('button', { name: 'Leave out D major' }).click();
  await page.getByRole('button', { name: 'Blank' }).click();
  await expect(page.getByRole('region', { name: /^Pupils’ page: / })).toHaveCount(2);
  // Nothing that the class is to fill in stands on its page.
  await expect(page.getByRole('region', { name: 'Pupils’ page: B minor' })).not.toContainText('vii');
  await expect(page.getByRole('region', { name: 'Answers: B minor' })).toContainText('ii');
  await expect(page.getByRole('button', { name: 'Print 4 pages' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  // A page to a key: chromium lays out one sheet for each.
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(4);
});
