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
  chooseFrom,
} from './fixtures';

test('a ruling stands through recomputation until it is taken back, and undo reaches it', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'A F#7 Bm E7 A');
  await page.getByRole('gridcell', { name: 'Symbol: F♯7' }).click();
  const margin = page.getByRole('complementary', { name: 'Working' });
  const rule = margin.getByRole('button', { name: /^Read it as / }).first();
  const ruled = (await rule.getAttribute('aria-label'))!.replace(/^Read it as (.*) in .*$/, '$1');
  await rule.click();
  await expect(margin.getByText('This numeral is a ruling.')).toBeVisible();
  const ruledNow = async () => (await rowTexts(page, 'Numeral'))[1];
  await expect.poll(ruledNow).toBe(`${ruled}, ruled`);
  await entryLine(page).press('End');
  await page.keyboard.type(' D E7 A');
  await expect.poll(ruledNow).toBe(`${ruled}, ruled`);
  await saved(page);
  await page.reload();
  await expect.poll(ruledNow).toBe(`${ruled}, ruled`);
  await page.getByRole('gridcell', { name: 'Symbol: F♯7' }).click();
  await margin.getByRole('button', { name: 'Take the ruling back' }).click();
  await expect.poll(ruledNow).toBe('V seven of ii');
});

test('keys change where they are marked, or are found where that is asked for', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await typeLine(page, 'A D E7 A B7 E B7 E');
  await page.getByRole('button', { name: 'Find keys' }).click();
  await expect.poll(() => rowTexts(page, 'Key')).toContain('E major');
  await page.getByRole('button', { name: 'Find keys' }).click();
  await expectRow(page, 'Numeral', ['I', 'IV', 'V seven', 'I', 'V seven of V', 'V', 'V seven of V', 'V']);
  await page.getByRole('gridcell', { name: 'Symbol: B7' }).first().click();
  await chooseKey(page, /^Key from here/, 'E major');
  await expectRow(page, 'Numeral', ['I', 'IV', 'V seven', 'I', 'V seven', 'I', 'V seven', 'I']);
  await page.getByRole('button', { name: 'No key change here' }).click();
  await expect
    .poll(async () => (await rowTexts(page, 'Key')).filter((key) => key !== 'nothing'))
    .toEqual(['A major']);
});

test('rows are hidden and left blank for the class', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'Rows' }).click();
  await page.getByRole('checkbox', { name: 'Degrees: Shown' }).click();
  await page.getByRole('checkbox', { name: 'Numeral: Blank' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('rowheader', { name: 'Degrees' })).toHaveCount(0);
  await expect
    .poll(async () => new Set(await rowTexts(page, 'Numeral')))
    .toEqual(new Set(['to be filled in']));
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('rowheader', { name: 'Degrees' })).toBeVisible();
});

test('four voices are found in the worker, locked, set otherwise, and blocked with their rule', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V7 I');
  await page.getByRole('radio', { name: 'Four parts' }).click();
  const voices = page.getByRole('group', { name: 'Voices of this column' });
  await page.getByRole('gridcell', { name: /^measure 1,/ }).click();
  await expect(voices).toContainText('soprano');
  const sung = () => voices.locator('b').allTextContents();
  const first = await sung();
  await expect(page.getByText('This is the smoothest setting.')).toBeVisible();
  await voices.getByRole('button', { name: 'Lock the soprano' }).click();
  await page.getByRole('button', { name: 'Next best' }).click();
  await expect.poll(async () => (await sung())[0]).toBe(first[0]);
  await expect(
    page.getByText(/^This setting is (?:nearly as smooth as|(?:clearly|far) rougher than) the best/),
  ).toBeVisible();
  await expect(voices.getByRole('button', { name: 'Lock the soprano' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await typeLine(page, '(G3 D4 B4 G5) (A3 E4 C5 A5)');
  await expectRow(page, 'Faults', [
    'nothing',
    'outside the range, soprano, parallel octaves, soprano and bass, parallel fifths, tenor and bass',
  ]);
  await expect(
    page.locator('.grid-column').nth(1).locator('[fill="var(--correction)"]').first(),
  ).toBeAttached();
});

test('a whole voice is locked and freed; rules have weights; given voices are checked', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V7 I');
  await page.getByRole('radio', { name: 'Four parts' }).click();
  const voices = page.getByRole('group', { name: 'Voices of this column' });
  await voices.getByRole('button', { name: 'Lock the whole bass' }).click();
  await expect(voices.getByRole('button', { name: 'Lock the bass', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('gridcell', { name: /^measure 4,/ }).click();
  await expect(voices.getByRole('button', { name: 'Lock the bass', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await voices.getByRole('button', { name: 'Lock the whole bass' }).click();
  await expect(voices.getByRole('button', { name: 'Lock the bass', exact: true })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  const parallel = ['nothing', 'parallel fifths, tenor and bass', 'nothing', 'nothing', 'nothing'];
  await typeLine(page, '(G3 D4 B4 G5) (A3 E4 C#5 E5) I6 V7 I');
  await expect(
    page.getByText(/No legal setting goes on at measure 2: parallel fifths\. This is the nearest/),
  ).toBeVisible();
  await expectRow(page, 'Faults', parallel);
  await page.getByRole('button', { name: 'Rules of writing' }).click();
  await chooseFrom(page, 'parallel fifths', 'avoided');
  await page.keyboard.press('Escape');
  await expect(page.getByText('This is the smoothest setting.')).toBeVisible();
  await expect(page.getByText(/No legal setting goes on/)).toHaveCount(0);
  // Allowed at a cost, it is still named; switched off, it is not.
  await expectRow(page, 'Faults', parallel);
  await page.getByRole('button', { name: 'Rules of writing' }).click();
  await chooseFrom(page, 'parallel fifths', 'is off');
  await page.keyboard.press('Escape');
  await expectRow(page, 'Faults', Array<string>(5).fill('nothing'));
});

test('a melody is harmonised with the chords taught, and put into the line in four voices', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty}progressions`);
  await page.getByRole('button', { name: 'Melody' }).click();
  await page.getByRole('menuitem', { name: 'Harmonise a melody or a bass' }).click();
  const melody = page.getByRole('textbox', { name: 'The melody, note by note' });
  await melody.fill('E4 F#4');
  await expect(page.getByRole('alert')).toContainText('is in none of the chords');
  await melody.fill('E4 F4 D4 C4');
  await expect(page.getByText(/E is the third of I, and the tonic opens/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Put these' }).first().click();
  await expect.poll(async () => (await rowTexts(page, 'Symbol')).length).toBe(4);
  await expectRow(page, 'Faults', ['nothing', 'nothing', 'nothing', 'nothing']);
  await expect(page.getByRole('group', { name: 'Voices of this column' })).toContainText('E4');
});

test('the line moves up a step with its signature, and to what an instrument reads', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'A F#m7 Bm E7 A');
  const move = async (name: string) => {
    await page.getByRole('button', { name: 'Move the line' }).click();
    await page.getByRole('menuitem', { name }).click();
  };
  await move('Up a whole step');
  await expectRow(page, 'Symbol', ['B', 'G♯m7', 'C♯m', 'F♯7', 'B']);
  await expect(page.getByRole('button', { name: 'Change key: B major' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await move('For E♭ instruments');
  await expectRow(page, 'Symbol', ['F♯', 'D♯m7', 'G♯m', 'C♯7', 'F♯']);
  await expectRow(page, 'Numeral', ['I', 'vi seven', 'ii', 'V seven', 'I']);
});

test('one voice is heard through the line, and the line in a loop until it is stopped', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I V');
  await page.getByRole('radio', { name: 'Four parts' }).click();
  await page.getByRole('button', { name: 'Hear the tenor' }).click();
  await expect(page.locator('.grid-column.playing')).toHaveCount(1);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.locator('.grid-column.playing')).toHaveCount(0);
  await page.getByRole('button', { name: 'Listen' }).click();
  await page.getByRole('checkbox', { name: 'Loop' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  const playing = (column: number) =>
    page.waitForFunction(
      (at) => document.querySelector('.grid-column.playing')?.getAttribute('data-column') === String(at),
      column,
    );
  await playing(1);
  await playing(0);
  await page.getByRole('button', { name: 'Stop' }).click();
});

test('a line of 500 columns is set, labelled and edited; what is out of sight waits', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await typeLine(page, Array.from({ length: 500 }, (_, at) => ['A', 'F#m', 'Bm', 'E7'][at % 4]).join(' '));
  await expect(page.locator('.grid-column')).toHaveCount(500);
  await page.getByRole('radio', { name: 'Four parts' }).click();
  await expect(page.getByRole('group', { name: 'Voices of this column' })).toContainText('soprano', {
    timeout: 15_000,
  });
  await expect.poll(async () => new Set(await rowTexts(page, 'Faults'))).toEqual(new Set(['nothing']));
});
