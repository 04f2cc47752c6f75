import {
  chooseKey,
  entryLine,
  expect,
  openProgressions,
  expectRow,
  rowTexts,
  saved,
  test,
  typeLine,
} from './fixtures';

const NUMERALS = ['I', 'vi', 'V six-five of ii', 'ii', 'ii six-five', 'V seven', 'I'];

test('the demo piece is labelled on a grand staff', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await expect(entryLine(page)).toHaveValue('I vi V65/ii ii ii65 V7 I');
  await expectRow(page, 'Numeral', NUMERALS);
  await expectRow(page, 'Figured bass', ['nothing', 'nothing', '6 5', 'nothing', '6 5', '7', 'nothing']);
  await expectRow(page, 'Symbol', ['A', 'F♯m', 'F♯7/A♯', 'Bm', 'Bm7/D', 'E7', 'A']);
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
  await expect(
    page.getByRole('gridcell', {
      name: 'measure 3, F sharp dominant seventh over A sharp, V six-five of ii',
    }),
  ).toBeVisible();
});

for (const [kind, line, numerals] of [
  ['numerals', 'I vi V65/ii ii ii65 V7 I', NUMERALS],
  ['symbols', 'A F#m F#7/A# Bm E7 A', ['I', 'vi', 'V six-five of ii', 'ii', 'V seven', 'I']],
  ['degrees', '1 4 5 1', ['I', 'IV', 'V', 'I']],
  ['note groups', '(A2 E4 A4 C#5) (E2 D4 G#4 B4)', ['I', 'V seven']],
  ['a mixture', '1 D V6/5 of ii (B2 D4 F#4)', ['I', 'IV', 'V six-five of ii', 'ii']],
] as const) {
  test(`a line of ${kind} is read`, async ({ page, demo }) => {
    await openProgressions(page, demo);
    await typeLine(page, line);
    await expect(page.locator('.grid-column')).toHaveCount(numerals.length);
    await expectRow(page, 'Numeral', numerals);
  });
}

test('what is not understood is reported in place and the rest is kept', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I vi Vxyz ii (A2 A3) V7 I');
  await expect(page.locator('.grid-column')).toHaveCount(7);
  await expect(page.locator('.grid-column.problem')).toHaveCount(2);
  await expectRow(page, 'Numeral', ['I', 'vi', 'ii', 'V seven', 'I']);
  await expect(
    page.getByText('“Vxyz”: “xyz” after “V” is not understood. Write for example').first(),
  ).toBeVisible();
  await expect(page.getByText('a chord needs at least two different notes.').first()).toBeVisible();
  await expect(entryLine(page)).toHaveAttribute('aria-invalid', 'true');
  await saved(page);
  await page.reload();
  await expect(entryLine(page)).toHaveValue('I vi Vxyz ii (A2 A3) V7 I');
});

test('a column is inverted by key and by button, and the margin says why', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('gridcell', { name: /^measure 6,/ }).click();
  await page.keyboard.press(']');
  await expect(
    page.getByRole('gridcell', { name: 'measure 6, E dominant seventh over G sharp, V six-five' }),
  ).toBeVisible();
  expect((await rowTexts(page, 'Figured bass'))[5]).toBe('6 5');
  expect((await rowTexts(page, 'Symbol'))[5]).toBe('E7/G♯');
  const margin = page.getByRole('complementary', { name: 'Working' });
  await margin.getByRole('tab', { name: 'Inversion' }).click();
  await expect(margin.getByRole('tabpanel').getByRole('listitem')).toHaveText(
    'The third, G♯, is lowest: first inversion, figures 6 5, counted in letters up from the bass.',
  );
  await margin.getByRole('button', { name: 'Invert up' }).click();
  expect((await rowTexts(page, 'Numeral'))[5]).toBe('V four-three');
  await margin.getByRole('button', { name: 'Invert down' }).click();
  await margin.getByRole('button', { name: 'Invert down' }).click();
  expect((await rowTexts(page, 'Numeral'))[5]).toBe('V seven');
  await page.getByRole('gridcell', { name: /^measure 6,/ }).click();
  await page.keyboard.press('[');
  expect((await rowTexts(page, 'Figured bass'))[5]).toBe('4 2');
});

test('the progression plays with a moving mark, stops, and changes tempo', async ({ page, demo }) => {
  await openProgressions(page, demo);
  const tempo = page.getByRole('textbox', { name: 'Tempo' });
  await tempo.fill('208');
  await tempo.blur();
  await page.getByRole('button', { name: 'Play' }).click();
  const mark = page.locator('.grid-column.playing');
  // Looked for in every frame: at this tempo a column is marked for little more than half a second.
  for (const column of ['0', '1', '2'])
    await page.waitForFunction(
      (at) => document.querySelector('.grid-column.playing')?.getAttribute('data-column') === at,
      column,
    );
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(mark).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  await expect(
    page.getByText('Sound starts at a moderate level: check your headphones first.'),
  ).toBeVisible();
});

test('a new key is re-read or transposed: two different things', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await chooseKey(page, /^Change key/, 'D major');
  await page.getByRole('button', { name: /^Re-read/ }).click();
  await expectRow(page, 'Symbol', ['A', 'F♯m', 'F♯7/A♯', 'Bm', 'Bm7/D', 'E7', 'A']);
  await expectRow(page, 'Numeral', [
    'V',
    'iii',
    'V six-five of vi',
    'vi',
    'vi six-five',
    'V seven of V',
    'V',
  ]);
  await page.keyboard.press('Control+z');
  await expectRow(page, 'Numeral', NUMERALS);
  await chooseKey(page, /^Change key/, 'E flat major');
  await page.getByRole('button', { name: /^Transpose/ }).click();
  await expectRow(page, 'Numeral', NUMERALS);
  await expectRow(page, 'Symbol', ['E♭', 'Cm', 'C7/E', 'Fm', 'Fm7/A♭', 'B♭7', 'E♭']);
});

test('undo and redo cover every edit; closing and reopening loses nothing', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('gridcell', { name: /^measure 7,/ }).click();
  await page.keyboard.press('4');
  await page.keyboard.press('1');
  expect((await rowTexts(page, 'Numeral')).slice(-3)).toEqual(['I', 'IV', 'I']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.grid-column')).toHaveCount(8);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.locator('.grid-column')).toHaveCount(9);
  await page.getByRole('gridcell', { name: /^measure 2,/ }).click();
  await page.keyboard.press('Delete');
  await page.getByRole('textbox', { name: 'Title of the progression' }).fill('Ferry Waltz, new strain');
  await saved(page);
  const context = page.context();
  await page.close();
  const again = await context.newPage();
  await again.goto(demo);
  await expect(again).toHaveURL(/progressions$/);
  await expect(entryLine(again)).toHaveValue('I V65/ii ii ii65 V7 I IV I');
  await expect(again.getByRole('textbox', { name: 'Title of the progression' })).toHaveValue(
    'Ferry Waltz, new strain',
  );
});

test('several progressions live in one workbook', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'Other progressions' }).click();
  await page.getByRole('menuitem', { name: /Lamplighters/ }).click();
  await expectRow(page, 'Numeral', [
    'i',
    'iv six',
    'V six-five',
    'i',
    'ii half-diminished six-five',
    'V seven',
    'i',
  ]);
  await page.getByRole('button', { name: 'Other progressions' }).click();
  await page.getByRole('menuitem', { name: 'Begin a new progression' }).click();
  await expect(page.getByText('Nothing stands here yet.')).toBeVisible();
  await typeLine(page, 'i iv V i');
  await expect(page.locator('.grid-column')).toHaveCount(4);
});

test('two hundred columns stay in one line, each with its notes over it', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, Array.from({ length: 50 }, () => 'I V65/ii ii viio7/V').join(' '));
  await expect(page.locator('.grid-column')).toHaveCount(200);
  await expect(page.locator('.grid-column .staff text').last()).toBeAttached();
  const misplaced = await page.locator('.grid-column').evaluateAll(
    (columns) =>
      columns.filter((column) => {
        const box = column.getBoundingClientRect();
        const heads = [...column.querySelectorAll('.staff text')].map((text) => text.getBoundingClientRect());
        return (
          heads.length === 0 || heads.some((head) => head.left < box.left - 1 || head.right > box.right + 1)
        );
      }).length,
  );
  expect(misplaced).toBe(0);
  const crowded = await page
    .locator('.grid-column')
    .evaluateAll(
      (columns) =>
        columns.filter((column) =>
          [...column.querySelectorAll('.cell')].some((cell) => cell.scrollWidth > cell.clientWidth + 1),
        ).length,
    );
  expect(crowded).toBe(0);
});

test('symbols get the numeral of their context, with brackets, arrows, cadences and readings', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'A F#7 Bm7 E7 A Bm7 E7 F#m');
  await expectRow(page, 'Symbol', ['A', 'F♯7', 'Bm7', 'E7', 'A', 'Bm7', 'E7', 'F♯m']);
  await expectRow(page, 'Numeral', [
    'I',
    'V seven of ii',
    'ii seven',
    'V seven',
    'I',
    'ii seven',
    'V seven',
    'vi',
  ]);
  await expectRow(page, 'Targets', [
    'nothing',
    'goes to the next',
    'ii of the next, target',
    'V of the bracket, goes to the next',
    'target',
    'ii of the next',
    'V of the bracket, its target is open',
    'nothing',
  ]);
  await page.getByRole('gridcell', { name: 'Symbol: A' }).nth(1).click();
  await page.getByRole('button', { name: 'A phrase ends here' }).click();
  await expectRow(page, 'Cadence', [
    'nothing',
    'nothing',
    'nothing',
    'nothing',
    'authentic',
    'nothing',
    'nothing',
    'deceptive',
  ]);
});
