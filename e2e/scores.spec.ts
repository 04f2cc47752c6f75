/** The Scores bench: pieces of the demo, of files and typed ones, read chord by chord, ruled and taken out. */
import type { Page } from '@playwright/test';
import { readFile, writeFile } from 'node:fs/promises';
import { writeMidi } from 'midi-file';
import { expect, saved, test } from './fixtures';
import { violations } from './axe';

const cells = (page: Page, row: string) => page.getByRole('gridcell', { name: new RegExp(`, ${row}: `) });

async function labels(page: Page, row: string): Promise<string[]> {
  const names = await cells(page, row).evaluateAll((all) =>
    all.map((one) => one.getAttribute('aria-label') ?? ''),
  );
  return names.map((name) => name.split(`${row}: `)[1]!);
}

async function openScores(page: Page, address: string): Promise<void> {
  await page.goto(`${address}scores`);
  await expect(cells(page, 'Numeral').first()).toBeVisible();
}

async function openFile(page: Page, path: string): Promise<void> {
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a score' }).click();
  await (await waiting).setFiles(path);
}

/** A piece of so many bars for one part, as MusicXML. */
function longPiece(bars: number): string {
  const bar = (at: number) =>
    `<measure number="${at + 1}">${
      at === 0
        ? '<attributes><divisions>1</divisions><key><fifths>0</fifths></key>' +
          '<time><beats>4</beats><beat-type>4</beat-type></time></attributes>'
        : ''
    }${['C', 'E', 'G', 'E']
      .map(
        (step) =>
          `<note><pitch><step>${step}</step><octave>${4 + (at % 2)}</octave></pitch><duration>1</duration></note>`,
      )
      .join('')}</measure>`;
  const measures = Array.from({ length: bars }, (_, at) => bar(at)).join('');
  return (
    '<score-partwise><work><work-title>Long Swell</work-title></work><part-list><score-part id="P">' +
    `<part-name>Flute</part-name></score-part></part-list><part id="P">${measures}</part></score-partwise>`
  );
}

test('the demo piece is read, and its chords are gone through by keyboard alone', async ({ page, demo }) => {
  await openScores(page, demo);
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue(
    'Lanterns along the Mole',
  );
  expect((await labels(page, 'Numeral')).slice(0, 3)).toEqual(['I', 'IV', 'V six']);
  await expect(page.getByRole('gridcell', { name: 'measure 2 beat 3, Cadence: half' })).toBeVisible();
  await cells(page, 'Numeral').first().click();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Measure 1 beat 3' })).toBeVisible();
  await expect(page.getByText('Stacked in thirds: B♭ D F, lowest note D: first inversion.')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'measure 1 beat 3, Symbol: B♭/D');
  // To the end, over systems that were not in sight.
  await page.keyboard.press('End');
  await expect(page.getByRole('heading', { name: 'Measure 8 beat 1' })).toBeVisible();
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', 'measure 8 beat 1, Symbol: E♭');
});

test('a song is read by its symbols, or by its notes where the teacher says so', async ({
  page,
  empty,
}, info) => {
  const harmony = (step: string, kind: string) =>
    `<harmony><root><root-step>${step}</root-step></root><kind>${kind}</kind></harmony>`;
  const tune = (...steps: string[]) =>
    steps
      .map(
        (step) => `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>1</duration></note>`,
      )
      .join('');
  const text = longPiece(1).replace(
    /(<\/attributes>).*?<\/measure>/,
    `$1${harmony('F', 'major')}${tune('C', 'D', 'F', 'A')}${harmony('C', 'dominant')}${tune('G', 'E')}` +
      `${harmony('F', 'major')}${tune('F', 'F')}</measure>`,
  );
  const path = info.outputPath('shingle.musicxml');
  await writeFile(path, text.replace('<beats>4', '<beats>8').replace('Long Swell', 'Shingle'));
  await page.goto(`${empty}scores`);
  await openFile(page, path);
  await expect.poll(() => labels(page, 'Numeral')).toEqual(['I', 'V seven', 'I']);
  await cells(page, 'Numeral').first().click();
  await expect(page.getByText('The symbol F says the chord.')).toBeVisible();
  await page.getByRole('button', { name: /^Where the chords come from/ }).click();
  await page.getByRole('menuitemradio', { name: 'Chords of the notes' }).click();
  await expect(page.getByText('The symbol F says the chord.')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect.poll(() => labels(page, 'Numeral')).toEqual(['I', 'V seven', 'I']);
});

test('a ruling changes the reading at once, is shown, undone and kept', async ({ page, demo }) => {
  await openScores(page, demo);
  await page.getByRole('gridcell', { name: 'measure 1 beat 1, Numeral: I' }).click();
  await page.getByRole('button', { name: /^Rule: V of IV in E♭ major/ }).click();
  await expect(page.getByRole('gridcell', { name: /measure 1 beat 1, Numeral: V of IV/ })).toBeVisible();
  await expect(page.getByText('This numeral is a ruling.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('gridcell', { name: /measure 1 beat 1, Numeral: V of IV/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take the ruling back' }).click();
  await expect(page.getByRole('gridcell', { name: 'measure 1 beat 1, Numeral: I' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('gridcell', { name: /measure 1 beat 1, Numeral: V of IV/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Key' }).click();
  await page.getByRole('button', { name: /^Rule: C minor for these/ }).click();
  await expect(page.getByRole('gridcell', { name: 'measure 1 beat 1, Key: C minor' })).toBeVisible();
});

test('chords are split and joined, and phrases end, by single keys', async ({ page, demo }) => {
  await openScores(page, demo);
  const fourth = page.getByRole('gridcell', { name: /^measure 4 beat 1, Numeral/ });
  await fourth.click();
  await page.keyboard.press('s');
  await expect(page.getByRole('gridcell', { name: /^measure 4 beat 3, Numeral/ })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('j');
  await expect(page.getByRole('gridcell', { name: /^measure 4 beat 3, Numeral/ })).toHaveCount(0);
  await page.getByRole('gridcell', { name: 'measure 1 beat 4, Numeral: I' }).click();
  await page.keyboard.press('p');
  await expect(page.getByRole('gridcell', { name: 'measure 1 beat 4, Cadence: authentic' })).toBeVisible();
});

test('a piece is opened from MusicXML and from MIDI; what is no score is told', async ({
  page,
  empty,
}, info) => {
  await page.goto(`${empty}scores`);
  const xml = info.outputPath('swell.musicxml');
  await writeFile(xml, longPiece(300));
  await openFile(page, xml);
  await expect(page.getByText('Flute, 300 measures')).toBeVisible();
  await expect(cells(page, 'Numeral').first()).toBeVisible();
  // Only what is near the view is engraved; what is scrolled to is.
  const drawn = await page.locator('.score-system svg').count();
  expect(drawn).toBeLessThan((await page.locator('.score-system').count()) / 2);
  await page.locator('.score-system').last().scrollIntoViewIfNeeded();
  await expect(page.locator('.score-system').last().locator('svg')).toBeVisible();

  const midi = info.outputPath('bell.mid');
  const on = (noteNumber: number, deltaTime = 0) => ({
    deltaTime,
    type: 'noteOn' as const,
    channel: 0,
    noteNumber,
    velocity: 80,
  });
  const off = (noteNumber: number, deltaTime = 0) => ({
    deltaTime,
    type: 'noteOff' as const,
    channel: 0,
    noteNumber,
    velocity: 0,
  });
  const end = { deltaTime: 0, type: 'endOfTrack' as const, meta: true as const };
  const chord = [48, 64, 67, 72];
  const events = [
    ...chord.map((key) => on(key)),
    ...chord.map((key, at) => off(key, at === 0 ? 1920 : 0)),
    end,
  ];
  await writeFile(
    midi,
    Uint8Array.from(writeMidi({ header: { format: 0, numTracks: 1, ticksPerBeat: 480 }, tracks: [events] })),
  );
  await openFile(page, midi);
  await expect(page.getByText('Track 1, 1 measure')).toBeVisible();
  await expect(page.getByText(/split into two hands at middle C/)).toBeVisible();
  await expect(page.getByRole('gridcell', { name: 'measure 1 beat 1, Numeral: I' })).toBeVisible();

  const wrong = info.outputPath('list.xml');
  await writeFile(wrong, '<list/>');
  await openFile(page, wrong);
  await expect(
    page.getByText(/this is not a MusicXML score\..*The workbook was not changed\./),
  ).toBeVisible();
  await expect(page.getByText('Track 1, 1 measure')).toBeVisible();
});

test('a piece is typed, a line a voice; a bar that does not fit is named', async ({ page, empty }) => {
  await page.goto(`${empty}scores`);
  await page.getByRole('button', { name: 'Type a piece' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Two Bells');
  const voices = page.getByRole('textbox', { name: /^Voices/ });
  await voices.fill('S: | E5 D5 C5:2 |\nB: | C3 G2 C3 | C3:4 |');
  await page.getByRole('button', { name: 'Put this piece' }).click();
  await expect(page.getByRole('alert')).toContainText('Bass, bar 1');
  await voices.fill('S: | E5 D5 C5:2 |\nA: | G4 B4 E4:2 |\nB: | C3 G2 C3:2 |');
  await page.getByRole('button', { name: 'Put this piece' }).click();
  await expect.poll(() => labels(page, 'Numeral')).toEqual(['I', 'V', 'I']);
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue('Two Bells');
});

test('the chords go to the Progressions bench and to a file', async ({ page, demo }, info) => {
  await openScores(page, demo);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take the chords out' }).click();
  await page.getByRole('menuitem', { name: 'Labels as RomanText' }).click();
  const path = info.outputPath('mole.rntxt');
  await (await waiting).saveAs(path);
  const text = await readFile(path, 'utf8');
  expect(text).toContain('Title: Lanterns along the Mole');
  expect(text).toMatch(/^m1 .*I b2 IV b3 V6/m);
  await page.getByRole('button', { name: 'Take the chords out' }).click();
  await page.getByRole('menuitem', { name: 'To a progression' }).click();
  await expect(page.getByText(/The chords stand on the Progressions bench/)).toBeVisible();
  await page.getByRole('link', { name: /Progressions/ }).click();
  await expect(page.getByRole('textbox', { name: 'Title of the progression' })).toHaveValue(
    'Lanterns along the Mole',
  );
});

test('both surfaces pass axe, at 1280 and 390 pixels', async ({ page, demo }) => {
  test.setTimeout(90_000);
  // The surfaces differ in their colours alone.
  for (const [width, scheme, rules] of [
    [1280, 'light', []],
    [390, 'dark', ['color-contrast']],
  ] as const) {
    await page.setViewportSize({ width, height: 844 });
    await page.emulateMedia({ colorScheme: scheme });
    await openScores(page, demo);
    await cells(page, 'Numeral').nth(2).click();
    expect(await violations(page, rules)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});

test('somebody else’s labels are laid over the piece, and what differs is told', async ({
  page,
  demo,
}, info) => {
  await openScores(page, demo);
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  const field = page.getByRole('textbox', { name: /^Labels to compare/ });
  await field.fill('I IV | ii6 | V | I | I | I | I | I | I');
  await page.getByRole('button', { name: 'Compare these' }).click();
  await expect(page.getByRole('alert')).toHaveText(/“9 bars”: the piece has 8\./);
  await field.fill('I ii6 V6 V65 I | ii6 V');
  await page.getByRole('button', { name: 'Compare these' }).click();
  await expect(page.getByText(/Agrees for 88 % of the time/)).toBeVisible();
  await page.getByRole('button', { name: 'Remove these labels' }).click();
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  const path = info.outputPath('pupil.rntxt');
  await writeFile(
    path,
    'Composer: Pupil\nTitle: Mole\nTime Signature: 4/4\n\nm1 Eb: I b2 ii6 b3 V6 b3.5 V6/5 b4 I\nm2 ii6 b3 V\n',
  );
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Compare with labels of a file' }).click();
  await (await waiting).setFiles(path);
  await expect(page.getByRole('tab', { name: 'Compare' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByText(/Agrees for 88 % of the time/)).toBeVisible();
  await page.getByRole('button', { name: 'measure 1 beat 2', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Measure 1 beat 2' })).toBeVisible();
  await expect(
    page.getByRole('gridcell', { name: /measure 1 beat 2, Theirs: ii six, differs/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Remove these labels' }).click();
  await expect(page.getByRole('gridcell', { name: /Theirs/ })).toHaveCount(0);
});

test('the chart simplifies sevenths and says what is missed; it is saved as a sheet', async ({
  page,
  demo,
}, info) => {
  await openScores(page, demo);
  await page.getByRole('button', { name: 'Other pieces' }).click();
  await page.getByRole('menuitem', { name: 'Waltz for the Last Ferry' }).click();
  await page.getByRole('button', { name: 'Chart', exact: true }).click();
  await expect(
    page.getByText(/The seventh is left out of \d chords\..*There it would be missed\./),
  ).toBeVisible();
  await expect(page.getByRole('gridcell', { name: /^measure 2 beat 1, Chart: D/ })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the chart' }).click();
  const path = info.outputPath('chart.txt');
  await (await waiting).saveAs(path);
  expect(await readFile(path, 'utf8')).toContain('Waltz for the Last Ferry\n\n| G | D | Em |');
});
