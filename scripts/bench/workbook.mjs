/** A workbook of 200 documents in headless Chromium: what one edit writes, and how long opening takes. */
import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launch, startServer } from '../browser.mjs';
import { percentile, report } from './measure.mjs';

const DOCUMENTS = 200;
const server = await startServer();
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.addInitScript(() => {
  window.written = [];
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = function (value, ...rest) {
    window.written.push(JSON.stringify(value).length);
    return put.call(this, value, ...rest);
  };
});

// A workbook as the application itself writes it, with its line many times over.
await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
await line.fill(
  Array.from({ length: 24 }, (_, i) => ['I', 'vi', 'V65/ii', 'ii', 'ii65', 'V7'][i % 6]).join(' '),
);
await page.waitForTimeout(1000);
const [saved] = await Promise.all([
  page.waitForEvent('download'),
  page.getByRole('button', { name: 'Export workbook' }).click(),
]);
const { readFileSync } = await import('node:fs');
const file = JSON.parse(readFileSync(await saved.path(), 'utf8'));
const one = file.workbook.documents.find(({ kind }) => kind === 'progression');
while (file.workbook.documents.length < DOCUMENTS)
  file.workbook.documents.push({ ...one, id: `copy-${file.workbook.documents.length}` });
const path = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'many.json');
writeFileSync(path, JSON.stringify(file));
const [chooser] = await Promise.all([
  page.waitForEvent('filechooser'),
  page.getByRole('button', { name: 'Open files' }).click(),
]);
await chooser.setFiles(path);
await page.waitForTimeout(3000);

await page.evaluate(() => (window.written = []));
await line.press('End');
await page.keyboard.type(' I');
await page.waitForTimeout(1500);
const bytes = await page.evaluate(() => window.written.reduce((sum, size) => sum + size, 0));
report(
  `written by autosave for one edit among ${DOCUMENTS} documents`,
  `${(bytes / 1000).toFixed(1)} kB`,
  'under 20 kB',
);

// Opening: from asking for the rows to all of them read, as the page itself does it.
const times = [];
for (let round = 0; round < 5; round++) {
  await page.reload();
  await page.locator('.grid-column .staff text').first().waitFor();
  times.push(
    await page.evaluate(() => performance.measure('open', 'workbook-asked', 'workbook-open').duration),
  );
}
report(
  `opening a workbook of ${DOCUMENTS} documents, median of 5`,
  `${percentile(times, 0.5).toFixed(0)} ms`,
  'under 300 ms',
);
await browser.close();
server.stop();
