import { readFile } from 'node:fs/promises';
import { expect, openProgressions, test, typeLine } from './fixtures';
import type { Page } from '@playwright/test';

async function savedPicture(page: Page, action: string, path: string): Promise<string> {
  await page.getByRole('button', { name: 'Picture' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: action }).click();
  const download = await waiting;
  await download.saveAs(path);
  return download.suggestedFilename();
}

test('a column and the line are saved as SVG of outlines only', async ({ page, demo }, info) => {
  await page.goto(`${demo}key`);
  await expect(page.locator('.grid-column .staff text').first()).toBeAttached();
  const [line, column] = [info.outputPath('line.svg'), info.outputPath('column.svg')];
  expect(await savedPicture(page, 'Save line as SVG', line)).toBe('A-major-scale-and-chord-map.svg');
  expect(await savedPicture(page, 'Save column as SVG', column)).toBe(
    'A-major-scale-and-chord-map-column-1.svg',
  );
  const [whole, one] = [await readFile(line, 'utf8'), await readFile(column, 'utf8')];
  for (const svg of [whole, one]) {
    // No font is needed to read it, and nothing is fetched for it.
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" viewBox=/);
    expect(svg).not.toMatch(/<text|font-family|NaN|undefined|href/);
  }
  const paths = (svg: string) => svg.match(/<path/g)?.length ?? 0;
  expect(paths(one)).toBeGreaterThan(20);
  expect(paths(whole)).toBeGreaterThan(3 * paths(one));
  // The drawing is a drawing: the browser renders it to the size that it states.
  const size = await page.evaluate(async (svg) => {
    const image = new Image();
    image.src = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
    await image.decode();
    return [image.naturalWidth, image.naturalHeight];
  }, one);
  expect(size[0]).toBeGreaterThan(150);
  expect(size[1]).toBeGreaterThan(400);
});

test('a column is saved as PNG and copied for a slide', async ({ page, demo, context }, info) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto(`${demo}intervals`);
  await expect(page.locator('.grid-column .staff text').first()).toBeAttached();
  const path = info.outputPath('column.png');
  await savedPicture(page, 'Save column as PNG', path);
  const png = await readFile(path);
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.readUInt32BE(16)).toBeGreaterThan(300);
  await page.getByRole('button', { name: 'Picture' }).click();
  await page.getByRole('menuitem', { name: 'Copy line', exact: true }).click();
  await expect(page.getByText('Copied: paste it into a slide.')).toBeVisible();
  const types = await page.evaluate(async () =>
    (await navigator.clipboard.read()).flatMap((item) => item.types),
  );
  expect(types).toContain('image/png');
});

test('the circle goes out as a picture too', async ({ page, demo }, info) => {
  await page.goto(`${demo}key`);
  await page.getByRole('radio', { name: 'Circle' }).click();
  const path = info.outputPath('circle.svg');
  await savedPicture(page, 'Save line as SVG', path);
  expect((await readFile(path, 'utf8')).match(/<path/g)!.length).toBeGreaterThanOrEqual(48);
});

test('a line is saved as a PDF of outlines, in systems over as many pages as it needs, also from the board', async ({
  page,
  demo,
}, info) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await openProgressions(page, demo);
  const pages = async (columns: number) => {
    await typeLine(
      page,
      Array.from({ length: columns }, (_, at) => ['I', 'vi', 'ii7', 'V7'][at % 4]).join(' '),
    );
    await expect(page.locator('.grid-column')).toHaveCount(columns);
    const path = info.outputPath(`line-${columns}.pdf`);
    expect(await savedPicture(page, 'Save line as PDF', path)).toBe('Ferry-Waltz-strain-two.pdf');
    const text = await readFile(path, 'latin1');
    expect(text.slice(0, 5)).toBe('%PDF-');
    // Outlines only: no font is embedded, and nothing is written in one.
    expect(text).not.toMatch(/FontFile|\/Type0/);
    return text.match(/\/Type \/Page\b(?!s)/g)!.length;
  };
  expect(await pages(7)).toBe(1);
  expect(await pages(60)).toBeGreaterThan(2);
  // The page is on the board again.
  expect(await page.evaluate(() => document.documentElement.dataset['theme'])).toBeUndefined();
});

test('brackets and arrows are in the picture', async ({ page, demo }, info) => {
  await openProgressions(page, demo);
  const path = info.outputPath('targets.svg');
  await savedPicture(page, 'Save line as SVG', path);
  const svg = await readFile(path, 'utf8');
  // Two arrows with their heads and one bracket: strokes without a fill, and rounded corners.
  expect(svg.match(/fill="none" stroke="rgb/g)!.length).toBeGreaterThanOrEqual(6);
  expect(svg).toMatch(/d="M[^"]*Q[^"]*" fill="none"/);
  expect(svg).not.toContain('color(srgb');
});
