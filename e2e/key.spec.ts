import { chooseKey, expect, expectRow, saved, test } from './fixtures';

test('the demo opens on the Key bench with scale, signature and chord map', async ({ page, demo }) => {
  await page.goto(demo);
  await expect(page).toHaveURL(/\/key$/);
  await expect(page.getByRole('heading', { name: 'A major', level: 1 })).toBeVisible();
  await expect(page.getByText('Wednesday harmony class, Sandmere')).toBeVisible();
  await expectRow(page, 'Root', ['A', 'B', 'C♯', 'D', 'E', 'F♯', 'G♯']);
  await expectRow(page, 'Fifth', ['E', 'F♯', 'G♯', 'A', 'B', 'C♯', 'D']);
  await expectRow(page, 'Gaps', ['4 · 3', '3 · 4', '3 · 4', '4 · 3', '4 · 3', '3 · 4', '3 · 3']);
  await expectRow(page, 'Numeral', ['I', 'ii', 'iii', 'IV', 'V', 'vi', 'vii diminished']);
  await expectRow(page, 'Symbol', ['A', 'Bm', 'C♯m', 'D', 'E', 'F♯m', 'G♯dim']);
  await expectRow(page, 'Degree name', [
    'tonic',
    'supertonic',
    'mediant',
    'subdominant',
    'dominant',
    'submediant',
    'leading tone',
  ]);
  await expectRow(page, 'Step up', ['whole', 'whole', 'half', 'whole', 'whole', 'whole', 'half']);
});

test('started with --empty there is no demo', async ({ page, empty }) => {
  await page.goto(empty);
  await expect(page.getByRole('heading', { name: 'C major', level: 1 })).toBeVisible();
  await expect(page.getByText('New workbook')).toBeVisible();
});

test('all 15 major and 15 minor keys can be chosen, spelled as they are', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('button', { name: /^Choose key/ }).click();
  await expect(page.getByRole('dialog').getByRole('button')).toHaveCount(30);
  await page.keyboard.press('Escape');
  await chooseKey(page, /^Choose key/, 'A sharp minor');
  await expect(page.getByRole('heading', { name: 'A♯ minor', level: 1 })).toBeVisible();
  await expectRow(page, 'Root', ['A♯', 'B♯', 'C♯', 'D♯', 'E♯', 'F♯', 'G𝄪, raised leading tone']);
  await chooseKey(page, /^Choose key/, 'C flat major');
  await expectRow(page, 'Root', ['C♭', 'D♭', 'E♭', 'F♭', 'G♭', 'A♭', 'B♭']);
  await page.getByRole('button', { name: 'relative A♭ minor' }).click();
  await expect(page.getByRole('heading', { name: 'A♭ minor', level: 1 })).toBeVisible();
  await expectRow(page, 'Numeral', [
    'i',
    'ii diminished',
    'III augmented',
    'iv',
    'V',
    'VI',
    'vii diminished',
  ]);
});

test('sevenths add their row, qualities and numerals', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('radio', { name: 'Sevenths' }).click();
  await expectRow(page, 'Seventh', ['G♯', 'A', 'B', 'C♯', 'D', 'E', 'F♯']);
  await expectRow(page, 'Symbol', ['Amaj7', 'Bm7', 'C♯m7', 'Dmaj7', 'E7', 'F♯m7', 'G♯m7♭5']);
  await expectRow(page, 'Quality', [
    'major',
    'minor',
    'minor',
    'major',
    'dominant',
    'minor',
    'half-diminished',
  ]);
});

test('the working follows the column and the way', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('gridcell', { name: 'Root: C♯' }).click();
  const margin = page.getByRole('complementary', { name: 'Working' });
  await expect(margin.getByRole('listitem').first()).toHaveText(
    'Start on degree 3 and take every other note of the scale: C♯ E G♯.',
  );
  await expect(margin.getByRole('listitem').nth(1)).toHaveText(
    'C♯ up to E is a third of 3 half steps: minor third.',
  );
  await margin.getByRole('tab', { name: 'Formula' }).click();
  await expect(margin.getByRole('listitem').nth(1)).toHaveText('The third is lowered: E♯ becomes E.');
  await margin.getByRole('tab', { name: 'Gaps' }).click();
  await expect(margin.getByRole('listitem').last()).toHaveText('3 and 4 half steps: minor triad.');
  await margin.getByRole('tab', { name: 'From the key' }).click();
  await expect(margin.getByRole('listitem').first()).toHaveText('C♯ is degree 3 of A major, the mediant.');
});

test('degrees not yet taught are greyed, and the choice is remembered', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await expectRow(page, 'Taught', ['taught', 'taught', 'not yet', 'taught', 'taught', 'taught', 'not yet']);
  await page.getByRole('gridcell', { name: 'Root: D' }).click();
  await page.getByRole('button', { name: 'Mark not yet taught' }).click();
  await expect(page.locator('.grid-column.muted')).toHaveCount(3);
  await saved(page);
  await page.reload();
  await expect(page.locator('.grid-column.muted')).toHaveCount(3);
  // In minor another mask holds, in every minor key alike.
  await page.getByRole('button', { name: /^relative/ }).click();
  await expectRow(page, 'Taught', ['taught', 'taught', 'not yet', 'taught', 'taught', 'not yet', 'taught']);
});

test('a column is heard together and note by note, and added to the progression', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.getByRole('gridcell', { name: 'Root: D' }).click();
  for (const manner of ['Hear together', 'Note by note']) {
    await page.getByRole('button', { name: manner }).click();
    await expect(page.locator('.grid-column.playing')).toHaveAttribute('data-column', '3');
    await expect(page.locator('.grid-column.playing')).toHaveCount(0, { timeout: 6000 });
  }
  await page.getByRole('button', { name: 'Add to progression' }).click();
  await page.getByRole('button', { name: 'Go to it' }).click();
  await expect(page.getByRole('gridcell', { name: 'measure 8, D major, IV' })).toBeVisible();
});

test('the whole bench works from the keyboard', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.locator('.grid-column [tabindex="0"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.grid-column.selected')).toHaveAttribute('data-column', '1');
  await page.keyboard.press('5');
  await expect(page.locator('.grid-column.selected')).toHaveAttribute('data-column', '4');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'Degree: 5');
  await page.keyboard.press('t');
  await expect(page.locator('.grid-column.muted')).toHaveCount(3);
  await page.keyboard.press('Control+z');
  await expect(page.locator('.grid-column.muted')).toHaveCount(2);
  await page.keyboard.press('Control+Shift+z');
  await expect(page.locator('.grid-column.muted')).toHaveCount(3);
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('searchbox')).toBeFocused();
  await page.keyboard.type('progressions bench');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/progressions$/);
});

test('scale forms, modes, clefs, fingering and stacks to the thirteenth', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  const scale = async (name: string) => {
    await page.getByRole('button', { name: /^Scale:/ }).click();
    await page.getByRole('menuitemradio', { name, exact: true }).click();
  };
  await scale('Natural minor');
  await expectRow(page, 'Numeral', ['i', 'ii diminished', 'III', 'iv', 'v', 'VI', 'VII']);
  await scale('Melodic minor');
  await expectRow(page, 'Root', ['A', 'B', 'C', 'D', 'E', 'F♯', 'G♯, raised leading tone']);
  await scale('Dorian');
  await expectRow(page, 'Root', ['A', 'B', 'C', 'D', 'E', 'F♯', 'G']);
  await expectRow(page, 'Degree name', [
    'tonic',
    'supertonic',
    'mediant',
    'subdominant',
    'dominant',
    'submediant',
    'subtonic',
  ]);
  await scale('Major');
  await page.getByRole('button', { name: 'Fingering' }).click();
  await expectRow(page, 'Right hand', ['1', '2', '3', '1', '2', '3', '4 · 5']);
  await expectRow(page, 'Left hand', ['5', '4', '3', '2', '1', '3', '2 · 1']);
  await page.getByRole('radio', { name: '13' }).click();
  await expectRow(page, 'Symbol', [
    'Amaj13',
    'Bm13',
    'C♯m7♭9♭13',
    'Dmaj13♯11',
    'E13',
    'F♯m11♭13',
    'G♯m7♭5♭9(11)♭13',
  ]);
  await expectRow(page, 'Thirteenth', ['F♯', 'G♯', 'A', 'B', 'C♯', 'D', 'E']);
  await page.getByRole('button', { name: /^Clef/ }).click();
  await page.getByRole('menuitemradio', { name: 'Alto' }).click();
  await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
});

test('a theoretical key says that it has no ordinary signature and is spelled with double sharps', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}key`);
  await chooseKey(page, /^Choose key/, 'G sharp minor');
  await page.getByRole('button', { name: /^Scale:/ }).click();
  await page.getByRole('menuitemradio', { name: 'Major', exact: true }).click();
  await expectRow(page, 'Root', ['G♯', 'A♯', 'B♯', 'C♯', 'D♯', 'E♯', 'F𝄪']);
  await expect(page.getByRole('button', { name: /no ordinary signature/ })).toBeVisible();
});

test('a workbook saved by the first version opens with everything it held', async ({ page, demo }) => {
  await page.goto(`${demo}icon.svg`);
  await page.evaluate(async () => {
    const opened = indexedDB.open('diatonix', 10);
    await new Promise<void>((resolve) => {
      opened.onupgradeneeded = () => {
        opened.result.createObjectStore('workbooks', { keyPath: 'id' }).createIndex('savedAt', 'savedAt');
        opened.result.createObjectStore('settings', { keyPath: 'name' });
      };
      opened.onsuccess = () => {
        const school = {
          numeralCase: 'quality',
          inversion: 'figures',
          sevenths: 'explicit',
          symbols: {
            minor: 'm',
            majorSeventh: 'maj7',
            halfDiminished: 'm7b5',
            diminished: 'dim',
            augmented: '+',
          },
          minorDegrees: 'plain',
          applied: 'slash',
          cadentialSixFour: 'dominant',
          letters: 'english',
          words: 'tone',
          solfege: 'off',
        };
        const workbook = {
          id: 'old',
          title: 'An old workbook',
          keyBench: { key: 'D minor', top: 7, clef: 'bass' },
          notYetTaught: { major: [], minor: [2] },
          progressions: [
            {
              id: 'p',
              title: 'Old line',
              key: 'D minor',
              tempo: 80,
              columns: [{ id: 'c', entry: { kind: 'numeral', text: 'V7' } }],
            },
          ],
          openProgression: 'p',
          school,
        };
        const put = opened.result
          .transaction('workbooks', 'readwrite')
          .objectStore('workbooks')
          .put({
            id: 'old',
            savedAt: 1,
            workbook,
            place: { bench: 'key', keyColumn: 1, progressionColumn: null },
          });
        put.onsuccess = () => {
          opened.result.close();
          resolve();
        };
      };
    });
  });
  await page.goto(demo);
  await expect(page.getByText('An old workbook')).toBeVisible();
  await expectRow(page, 'Root', ['D', 'E', 'F', 'G', 'A', 'B♭', 'C♯, raised leading tone']);
  await expectRow(page, 'Taught', ['taught', 'not yet', 'taught', 'taught', 'taught', 'taught', 'taught']);
  await page.getByRole('link', { name: 'Intervals' }).click();
  await expect(page.getByText('Nothing stands here yet.')).toBeVisible();
});
