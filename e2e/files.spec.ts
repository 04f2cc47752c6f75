import { readFile, writeFile } from 'node:fs/promises';
import { entryLine, expect, openProgressions, rowTexts, saved, test, typeLine } from './fixtures';
import type { Page } from '@playwright/test';

async function downloaded(page: Page, button: string, into: string): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  const download = await waiting;
  await download.saveAs(into);
  return download.suggestedFilename();
}

/** Saves the open progression in a format. */
async function exported(page: Page, format: string, into: string): Promise<string> {
  await page.getByRole('button', { name: 'Export progression' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: format, exact: true }).click();
  const download = await waiting;
  await download.saveAs(into);
  return download.suggestedFilename();
}

async function choose(page: Page, button: string, path: string): Promise<void> {
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: button }).click();
  await (await waiting).setFiles(path);
}

test('the workbook goes out to a file and comes back', async ({ page, demo }, info) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I IV V I');
  const path = info.outputPath('class.json');
  expect(await downloaded(page, 'Export workbook', path)).toBe(
    'Wednesday-harmony-class-Sandmere.diatonix.json',
  );
  const file = JSON.parse(await readFile(path, 'utf8')) as { format: string; version: number };
  expect([file.format, file.version]).toEqual(['diatonix-workbook', 7]);
  await typeLine(page, 'I V I');
  await choose(page, 'Open files', path);
  await expect(entryLine(page)).toHaveValue('I IV V I');
  await saved(page);
  await page.reload();
  await expect(entryLine(page)).toHaveValue('I IV V I');
});

test('a progression goes out as MusicXML and comes back with its notes, key and labels', async ({
  page,
  demo,
}, info) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I vi V65/ii ii (D3 F#4 A4 B4) V7 I Ger+6');
  const before = {
    numerals: await rowTexts(page, 'Numeral'),
    symbols: await rowTexts(page, 'Symbol'),
    figures: await rowTexts(page, 'Figured bass'),
  };
  const path = info.outputPath('waltz.musicxml');
  await exported(page, 'MusicXML', path);
  const xml = await readFile(path, 'utf8');
  expect(xml).toContain('<figured-bass>');
  expect(xml).toContain('<harmony>');
  await choose(page, 'Import score', path);
  await page.getByRole('button', { name: 'Other progressions' }).click();
  await expect(page.getByRole('menuitem', { name: /Ferry Waltz, strain two/ })).toHaveCount(2);
  await page.keyboard.press('Escape');
  expect({
    numerals: await rowTexts(page, 'Numeral'),
    symbols: await rowTexts(page, 'Symbol'),
    figures: await rowTexts(page, 'Figured bass'),
  }).toEqual(before);
  await expect(entryLine(page)).toHaveValue('I vi V65/ii ii (D3 F#4 A4 B4) V7 I Ger+6');
});

const BROKEN: readonly (readonly [string, string, RegExp])[] = [
  ['text.json', 'no json here', /does not hold JSON.*Choose a file that was saved.*was not changed/],
  ['other.json', '{"hello": 1}', /not a Diatonix workbook.*“format” should be “diatonix-workbook”/],
  [
    'newer.json',
    '{"format":"diatonix-workbook","version":99,"workbook":{}}',
    /newer Diatonix \(version 99 .* reads up to 7\).*Open it in that newer Diatonix/,
  ],
];

for (const [name, text, message] of BROKEN) {
  test(`${name} is refused in place and the workbook stays`, async ({ page, demo }, info) => {
    await openProgressions(page, demo);
    const path = info.outputPath(name);
    await writeFile(path, text);
    await choose(page, 'Open files', path);
    await expect(page.getByRole('alert')).toHaveText(message);
    await expect(entryLine(page)).toHaveValue('I vi V65/ii ii ii65 V7 I');
  });
}

test('a broken score is refused in place and the workbook stays', async ({ page, demo }, info) => {
  await openProgressions(page, demo);
  const path = info.outputPath('broken.musicxml');
  await writeFile(
    path,
    '<score-partwise><part id="P1"><measure number="2">' +
      '<note><pitch><step>X</step><octave>4</octave></pitch></note></measure></part></score-partwise>',
  );
  await choose(page, 'Import score', path);
  await expect(page.getByRole('alert')).toHaveText(
    /broken\.musicxml.*holds no chord.*1 note without a readable pitch.*bar 2.*not changed/,
  );
  await expect(entryLine(page)).toHaveValue('I vi V65/ii ii ii65 V7 I');
});

test('blocked storage is said plainly, and export still works', async ({ page, demo }, info) => {
  await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
  await openProgressions(page, demo);
  await expect(page.getByRole('alert')).toHaveText(
    /Not saved\. This browser does not let the page store anything\./,
  );
  await typeLine(page, 'I V I');
  const waiting = page.waitForEvent('download');
  await page.locator('main').getByRole('button', { name: 'Export workbook' }).click();
  const path = info.outputPath('kept.json');
  await (await waiting).saveAs(path);
  const kept = JSON.parse(await readFile(path, 'utf8')) as {
    workbook: { documents: { kind: string; body: { columns?: unknown[] } }[] };
  };
  const line = kept.workbook.documents.find(({ kind }) => kind === 'progression')!;
  expect(line.body.columns).toHaveLength(3);
});

test('a full storage is said plainly, and the next edit tries again', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await saved(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { restore: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await typeLine(page, 'I V I');
  await expect(page.getByRole('alert')).toHaveText(
    /Not saved\. The browser’s storage is full\. Your work lasts until this page is closed; export it to keep it\./,
  );
  await page.evaluate(() => (window as unknown as { restore: () => void }).restore());
  await typeLine(page, 'I V7 I');
  await saved(page);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a progression goes out as RomanText, MIDI and CSV, and RomanText comes back with its keys and phrases', async ({
  page,
  demo,
}, info) => {
  await openProgressions(page, demo);
  await typeLine(page, 'I V65/ii ii V7 I');
  await page.getByRole('gridcell', { name: 'Symbol: Bm' }).click();
  await page.getByRole('button', { name: 'A phrase ends here' }).click();
  const [roman, midi, csv] = [
    info.outputPath('line.rntxt'),
    info.outputPath('line.mid'),
    info.outputPath('line.csv'),
  ];
  expect(await exported(page, 'RomanText', roman)).toBe('Ferry-Waltz-strain-two.rntxt');
  expect(await readFile(roman, 'utf8')).toContain('m1 A: I\nm2 V65/ii\nm3 ii ||\nm4 V7\nm5 I\n');
  await exported(page, 'MIDI', midi);
  expect((await readFile(midi)).subarray(0, 4).toString()).toBe('MThd');
  await exported(page, 'CSV', csv);
  expect((await readFile(csv, 'utf8')).split('\r\n')[2]).toBe(
    '2,1,2,A major,V65/ii,6 5,F♯7/A♯,F♯ A♯ C♯ E,6 ♯1 3 5,to ii,,,,',
  );
  await writeFile(roman, 'Title: Two keys\nm1 G: I b2 zz b3 V65/V\nm2 D: I V7 ||\nm3 I\n');
  await choose(page, 'Import score', roman);
  await expect(page.getByRole('alert')).toContainText('“zz” does not start with a numeral');
  await expect(entryLine(page)).toHaveValue('| I V65/V | I V7 | I |');
  expect(await rowTexts(page, 'Symbol')).toEqual(['G', 'A7/C♯', 'D', 'A7', 'D']);
  expect(await rowTexts(page, 'Key')).toEqual(['G major', 'nothing', 'D major', 'nothing', 'nothing']);
});

test('four voices, bars and keys go out as MusicXML, compressed too, and come back as they were', async ({
  page,
  demo,
}, info) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: /^Metre/ }).click();
  await page.getByRole('menuitemradio', { name: '3/4' }).click();
  await typeLine(page, '| I:2 V65/ii:1 | ii:2 V7:1 | I |');
  await page.getByRole('radio', { name: 'Four parts' }).click();
  const voices = page.getByRole('group', { name: 'Voices of this column' });
  await expect(voices).toContainText('soprano');
  const sung = await voices.locator('b').allTextContents();
  for (const [format, ending] of [
    ['MusicXML', 'musicxml'],
    ['Compressed MusicXML', 'mxl'],
  ] as const) {
    const path = info.outputPath(`voices.${ending}`);
    expect(await exported(page, format, path)).toMatch(
      new RegExp(`^Ferry-Waltz-strain-two(?:-2)?\\.${ending}$`),
    );
    await choose(page, 'Import score', path);
    await expect(entryLine(page)).toHaveValue('| I:2 V65/ii:1 | ii:2 V7:1 | I |');
    await expect(page.getByRole('radio', { name: 'Four parts' })).toBeChecked();
    await expect(voices.locator('b')).toHaveText(sung);
    await expect(voices.getByRole('button', { name: 'Lock the alto', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  }
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('of a file in which one field is wrong the rest opens beside what is here, and what was wrong is kept', async ({
  page,
  demo,
}, info) => {
  await openProgressions(page, demo);
  const path = info.outputPath('half.json');
  const line = '{"id":"p","title":"Ebb","key":"H major","tempo":80,"columns":[{"id":"a","text":"I"}]}';
  await writeFile(
    path,
    `{"format":"diatonix-workbook","version":1,"workbook":{"id":"x","title":"T","progressions":[${line}]}}`,
  );
  await choose(page, 'Open files', path);
  await expect(page.getByRole('alert')).toHaveText(/“H major” is not a key.*kept under Workbooks/);
  await page.goto(`${demo}workbooks`);
  const aside = page.getByRole('list', { name: 'Set aside' });
  await expect(aside).toContainText('“H major” is not a key');
  await expect(
    page.getByRole('list', { name: 'Workbooks of this browser' }).getByRole('listitem'),
  ).toHaveCount(2);
  // It stays until it is deleted.
  await page.reload();
  await expect(aside.getByRole('listitem')).toHaveCount(1);
  await aside.getByRole('button', { name: /for good/ }).click();
  await expect(aside).toHaveCount(0);
});
