/** A piece on paper and as pictures: whole, in systems, with its labels or to be labelled. */
import { readFile } from 'node:fs/promises';
import { expect, test } from './fixtures';

test('a piece is printed with its labels, and to be labelled; its pictures hold every system', async ({
  page,
  demo,
}, info) => {
  await page.goto(`${demo}scores`);
  await expect(page.getByRole('gridcell', { name: /, Numeral: / }).first()).toBeVisible();
  const save = async (name: string) => {
    await page.getByRole('button', { name: 'Picture' }).click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('menuitem', { name }).click();
    const path = info.outputPath(name);
    await (await waiting).saveAs(path);
    return readFile(path);
  };
  const sizeOf = (svg: string) => /width="(\d+)" height="(\d+)"/.exec(svg)!.slice(1).map(Number);
  const whole = (await save('Save piece as SVG')).toString();
  const one = (await save('Save system as SVG')).toString();
  expect(sizeOf(whole)[0]).toBe(sizeOf(one)[0]);
  expect(sizeOf(whole)[1]).toBeGreaterThan(2 * sizeOf(one)[1]!);
  expect(whole).not.toMatch(/<text|var\(|currentColor/);
  expect((await save('Save piece as PDF')).toString('latin1')).toMatch(/^%PDF-1/);
  await page.getByRole('button', { name: 'Picture' }).click();
  await page.getByRole('menuitem', { name: 'Pages to print' }).click();
  const plain = page.getByRole('region', { name: 'Lanterns along the Mole' });
  await expect(plain.getByText('Fm/A♭').first()).toBeVisible();
  await page.getByRole('button', { name: 'To be labelled' }).click();
  const pupils = page.getByRole('region', { name: /^Pupils’ page: / });
  const answers = page.getByRole('region', { name: /^Answers: / });
  await expect(pupils.locator('.staff text, .staff path').first()).toBeAttached();
  // Neither labels nor brackets round the notes outside their chords.
  expect(await pupils.evaluate((element) => element.outerHTML)).not.toMatch(/Fm\/A♭|V six|half|--soft\)"/);
  await expect(answers).toContainText('Fm/A♭');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2);
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('gridcell', { name: /, Numeral: / }).first()).toBeVisible();
});
