/** The Scores bench: chord symbols written by hand, systems broken by hand, staves and signs shown or not. */
import { readFile, writeFile } from 'node:fs/promises';
import { expect, test } from './fixtures';

const lower = (step: string | null) =>
  `<backup><duration>4</duration></backup><note>${
    step ? `<pitch><step>${step}</step><octave>3</octave></pitch>` : '<rest/>'
  }<duration>4</duration><voice>2</voice><type>whole</type><staff>2</staff></note>`;
const bar = (number: number, steps: string, extra = '', low: string | null = null) =>
  `<measure number="${number}">${extra}${[...steps]
    .map(
      (step) =>
        `<note><pitch><step>${step}</step><octave>5</octave></pitch><duration>1</duration><voice>1</voice>` +
        '<type>quarter</type><staff>1</staff></note>',
    )
    .join('')}${lower(low)}</measure>`;

/** A piece of our own: six bars for two staves, the lower of them silent after the first. */
const PIECE =
  '<score-partwise><part-list><score-part id="P1"><part-name>Keys</part-name></score-part></part-list><part id="P1">' +
  bar(
    1,
    'CDEF',
    '<attributes><divisions>1</divisions><time><beats>4</beats><beat-type>4</beat-type></time>' +
      '<staves>2</staves></attributes>' +
      '<direction><direction-type><dynamics><p/></dynamics></direction-type></direction>',
    'C',
  ) +
  ['GABC', 'EDCB', 'ABCD', 'GFED', 'CCCC'].map((steps, at) => bar(at + 2, steps)).join('') +
  '</part></score-partwise>';

test('symbols are written, moved and taken away by hand, and go out again; a system begins where it is told', async ({
  page,
  empty,
}, info) => {
  const file = info.outputPath('keys.musicxml');
  await writeFile(file, PIECE);
  await page.goto(`${empty}scores`);
  const opening = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a score' }).click();
  await (await opening).setFiles(file);
  await page.getByRole('button', { name: 'Notes', exact: true }).click();

  const symbol = page.getByRole('textbox', { name: 'Chord symbol' });
  const handle = page.getByRole('group', { name: /^Note:/ });
  await symbol.fill('C');
  await symbol.press('Enter');
  await handle.focus();
  for (let step = 0; step < 4; step++) await page.keyboard.press('ArrowRight');
  await expect(handle).toHaveAccessibleName(/measure 2 beat 1/);
  await symbol.fill('G7/H');
  await symbol.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('G7/H');
  await symbol.fill('G7/B');
  await symbol.press('Enter');
  await expect(page.getByRole('gridcell', { name: /^measure 2 beat 1, Symbol: G7\/B/ })).toBeVisible();
  await page.getByRole('button', { name: 'Symbol later' }).click();
  await expect(page.getByRole('gridcell', { name: /^measure 2 beat 2, Symbol: G7\/B/ })).toBeVisible();
  await handle.focus();
  for (let step = 0; step < 11; step++) await page.keyboard.press('ArrowRight');
  await symbol.fill('N.C.');
  await symbol.press('Enter');
  await expect(page.locator('.score-system text.sign', { hasText: 'N.C.' })).toBeVisible();

  const systems = page.locator('.score-system');
  await page.getByRole('button', { name: 'Rows' }).click();
  await page.getByText(/^New line at measure 5/).click();
  await page.getByText('Hide empty staves').click();
  await page.getByText('Dynamics and fingers').click();
  await page.keyboard.press('Escape');
  await expect(systems.last().locator('text.bar-number')).toHaveText('5');
  // The second staff is silent there.
  await expect(systems.last().locator('g[data-staff="2"]')).toHaveCount(0);
  await expect(systems.first().locator('g[data-staff="2"]')).not.toHaveCount(0);
  await expect(systems.first().locator('text', { hasText: '\uE520' })).toBeVisible();

  await page.getByRole('button', { name: 'Take the chords out' }).click();
  const loading = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: /as MusicXML/ }).click();
  const out = await readFile(await (await loading).path(), 'utf8');
  expect(out.match(/<kind text="7">dominant<\/kind>/g)).toHaveLength(1);
  expect(out).toContain('>none</kind>');
  expect(out).toMatch(/<dynamics>\s*<p\s*\/>/);
});
