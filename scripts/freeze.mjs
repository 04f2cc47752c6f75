/**
 * node scripts/freeze.mjs CHECKOUT NAME OUT: opens an older build of the application in a browser, works a little in
 * it, and writes what it left behind: NAME.rows.json with every row of its database, NAME.file.json with the workbook
 * as it was exported. The tests open both with today's page (`web/test/frozen`). The checkout has to be built.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { launch, startServer } from './browser.mjs';

const [root, name, out] = process.argv.slice(2);
if (!out) {
  console.error('Say which checkout, under which name, and where to write: CHECKOUT NAME OUT.');
  process.exit(2);
}

/** Every store of every database of the page, as it stands. */
async function rowsOfPage() {
  const found = {};
  for (const { name: database, version } of await indexedDB.databases()) {
    const db = await new Promise((done, failed) => {
      const opening = indexedDB.open(database);
      opening.onsuccess = () => done(opening.result);
      opening.onerror = () => failed(opening.error);
    });
    const stores = {};
    for (const store of db.objectStoreNames) {
      const all = db.transaction(store).objectStore(store).getAll();
      stores[store] = await new Promise((done, failed) => {
        all.onsuccess = () => done(all.result);
        all.onerror = () => failed(all.error);
      });
    }
    db.close();
    found[database] = { version, stores };
  }
  return found;
}

const server = await startServer({ root });
const browser = await launch();
const page = await (await browser.newContext({ acceptDownloads: true })).newPage();
await page.goto(server.address);
await page
  .getByText(/Saved on this device|Saved/)
  .first()
  .waitFor();
await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /numerals/i }).first();
const there = (field) =>
  field.waitFor({ timeout: 6000 }).then(
    () => true,
    () => false,
  );
const isLine = await there(line);
if (isLine) {
  await line.fill('I vi ii V7 I');
  await page.waitForTimeout(1000);
  await line.blur();
}
await page.goto(`${server.address}intervals`);
const intervals = page.getByRole('textbox', { name: /^Intervals:/ }).first();
if (await there(intervals)) {
  await intervals.fill('C4 E4, D4 A4');
  await intervals.blur();
}
await page.waitForTimeout(1500);
if (!isLine) console.error('Nothing could be typed.');
const rows = await page.evaluate(rowsOfPage);
writeFileSync(join(out, `${name}.rows.json`), `${JSON.stringify(rows)}\n`);
const saved = page.waitForEvent('download');
await page
  .getByRole('button', { name: /export|save workbook|save as/i })
  .first()
  .click();
const path = await (await saved).path();
writeFileSync(join(out, `${name}.file.json`), readFileSync(path));
await browser.close();
server.stop();
process.exit();
