import { readFile, writeFile } from 'node:fs/promises';
import { entryLine, expect, openProgressions, rowTexts, saved, test } from './fixtures';
import type { Page } from '@playwright/test';

async function downloaded(page: Page, button: string, into: string): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
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
  await entryLine(page).fill('I IV V I');
  const path = info.outputPath('class.json');
  expect(await downloaded(page, 'Export workbook', path)).toBe('Wednesday-harmony-class-Sandmere.diatonix.json');
  const file = JSON.parse(await readFile(path, 'utf8')) as { format: string; version: number };
  expect([file.format, file.version]).toEqual(['diatonix-workbook', 3]);
  await entryLine(page).fill('I V I');
  await choose(page, 'Import workbook', path);
  await expect(entryLine(page)).toHaveValue('I IV V I');
  await saved(page);
  await page.reload();
  await expect(entryLine(page)).toHaveValue('I IV V I');
});

test('a progression goes out as MusicXML and comes back with its notes, key and labels', async ({ page, demo }, info) => {
  await openProgressions(page, demo);
  await entryLine(page).fill('I vi V65/ii ii (D3 F#4 A4 B4) V7 I Ger+6');
  const before = {
    numerals: await rowTexts(page, 'Numeral'),
    symbols: await rowTexts(page, 'Symbol'),
    figures: await rowTexts(page, 'Figured bass'),
  };
  const path = info.outputPath('waltz.musicxml');
  await downloaded(page, 'Export MusicXML', path);
  const xml = await readFile(path, 'utf8');
  expect(xml).toContain('<figured-bass>');
  expect(xml).toContain('<harmony>');
  await choose(page, 'Import MusicXML', path);
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
    /newer Diatonix \(version 99 .* reads up to 3\).*Open it in that newer Diatonix/,
  ],
  [
    'half.json',
    '{"format":"diatonix-workbook","version":1,"workbook":{"id":"x","title":"T","progressions":[{"id":"p","title":"t","key":"H major","tempo":80,"columns":[]}]}}',
    /key.*is not a key/,
  ],
];

for (const [name, text, message] of BROKEN) {
  test(`${name} is refused in place and the workbook stays`, async ({ page, demo }, info) => {
    await openProgressions(page, demo);
    const path = info.outputPath(name);
    await writeFile(path, text);
    await choose(page, 'Import workbook', path);
    await expect(page.getByRole('alert')).toHaveText(message);
    await expect(entryLine(page)).toHaveValue('I vi V65/ii ii ii65 V7 I');
  });
}

test('a broken score is refused in place and the workbook stays', async ({ page, demo }, info) => {
  await openProgressions(page, demo);
  const path = info.outputPath('broken.musicxml');
  await writeFile(
    path,
    '<score-partwise><part id="P1"><measure number="2"><note><pitch><step>X</step><octave>4</octave></pitch></note></measure></part></score-partwise>',
  );
  await choose(page, 'Import MusicXML', path);
  await expect(page.getByRole('alert')).toHaveText(/broken\.musicxml.*bar 2.*letter from A to G.*not changed/);
  await expect(entryLine(page)).toHaveValue('I vi V65/ii ii ii65 V7 I');
});

test('blocked storage is said plainly, and export still works', async ({ page, demo }, info) => {
  await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
  await openProgressions(page, demo);
  await expect(page.getByRole('alert')).toHaveText(/Not saved\. This browser does not let the page store anything\./);
  await entryLine(page).fill('I V I');
  const waiting = page.waitForEvent('download');
  await page.locator('main').getByRole('button', { name: 'Export workbook' }).click();
  const path = info.outputPath('kept.json');
  await (await waiting).saveAs(path);
  const kept = JSON.parse(await readFile(path, 'utf8')) as { workbook: { progressions: { columns: unknown[] }[] } };
  expect(kept.workbook.progressions[0]!.columns).toHaveLength(3);
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
  await entryLine(page).fill('I V I');
  await expect(page.getByRole('alert')).toHaveText(
    /Not saved\. The browser’s storage is full\. Your work lasts until this page is closed; export it to keep it\./,
  );
  await page.evaluate(() => (window as unknown as { restore: () => void }).restore());
  await entryLine(page).fill('I V7 I');
  await saved(page);
  await expect(page.getByRole('alert')).toHaveCount(0);
});
