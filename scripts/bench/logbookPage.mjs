/** A logbook of 300 pupils and 200,000 answers in headless Chromium: opening it, and drawing each of its charts. */
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launch, startServer } from '../browser.mjs';
import { ROOT } from '../setup.mjs';
import { percentile, report } from './measure.mjs';

const PUPILS = 300;
const ANSWERS = 200_000;
/** One answer in four is wrong, for one of these reasons. */
const CAUSES = ['signature-forgotten', 'clef-misread', 'inverted', 'lowest-for-root', 'inversion-off-by-one'];

const file = JSON.parse(readFileSync(join(ROOT, 'demo', 'workbook.json'), 'utf8'));
const { documents } = file.workbook;
const classId = documents.find(({ kind }) => kind === 'class').id;
const piles = documents.filter(({ kind, body }) => kind === 'pile' && body.classId === classId);
file.workbook.documents = documents.filter(({ kind }) => kind !== 'pile');
let made = 0;
for (let at = 0; made < ANSWERS; at++) {
  const { body } = piles[at % piles.length];
  const places = [...new Set(body.entries.map(({ question }) => question))];
  const pupils = Array.from({ length: PUPILS }, (_, one) => ({
    id: `p${one}`,
    name: `Pupil ${String(one).padStart(3, '0')}`,
    version: 0,
  }));
  const entries = pupils.flatMap(({ id }, one) =>
    places.map((question, place) => {
      const dice = (at * 31 + one * 17 + place * 7) % 20;
      const result =
        dice < 15
          ? { verdict: 'right', got: 2, of: 2 }
          : { verdict: 'wrong', got: 1, of: 2, causes: [CAUSES[dice - 15]] };
      return { pupil: id, question, answer: 'A4', at: 1_790_000_000_000 + made + place, result };
    }),
  );
  made += entries.length;
  const day = new Date(Date.UTC(2025, 0, 1) + at * 86_400_000 * 7).toISOString().slice(0, 10);
  file.workbook.documents.push({
    id: `year-${at}`,
    kind: 'pile',
    body: { ...body, title: `Week ${at + 1}`, date: day, pupils, entries },
  });
}
const path = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'years.json');
writeFileSync(path, JSON.stringify(file));

const server = await startServer();
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}key`);
const [chooser] = await Promise.all([
  page.waitForEvent('filechooser'),
  page.getByRole('button', { name: 'Open files' }).click(),
]);
const began = Date.now();
await chooser.setFiles(path);
await page.getByText('Added: “').waitFor({ timeout: 120_000 });
await page.getByText('Saved on this device').waitFor({ timeout: 120_000 });
const seconds = ((Date.now() - began) / 1000).toFixed(1);
report(`a file of ${made} answers of ${PUPILS} pupils taken in and saved`, `${seconds} s`, '');

const opened = [];
for (let round = 0; round < 5; round++) {
  await page.goto(`${server.address}logbook`);
  await page.getByRole('rowheader', { name: 'Pupil 299' }).waitFor();
  opened.push(await page.evaluate(() => performance.getEntriesByName('workbook-open')[0].startTime));
}
report(
  'the workbook read, from the start of the page, median of 5',
  `${percentile(opened, 0.5).toFixed(0)} ms`,
  '',
);

/** From a press to the frame that shows what it asks for. */
async function shown(press, sign) {
  return page.evaluate(
    async ([button, selector]) => {
      const find = () =>
        [...document.querySelectorAll('nav a, button')].find((one) => one.textContent.includes(button));
      const start = performance.now();
      find().click();
      do await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
      while (!document.querySelector(selector));
      return performance.now() - start;
    },
    [press, sign],
  );
}
await page.goto(`${server.address}key`);
await page.getByRole('gridcell').first().waitFor();
await page.waitForTimeout(3000);
report(
  'the logbook opened from another bench, to its painted grid of 300 pupils',
  `${(await shown('Logbook', 'main table tbody tr:nth-child(300)')).toFixed(0)} ms`,
  'under 1 s',
);
const charts = [];
for (let round = 0; round < 3; round++) {
  charts.push(['Over time', await shown('Over time', 'main svg[role="img"], main figure svg')]);
  charts.push(['Mistakes', await shown('Mistakes', 'main svg[role="img"], main figure svg')]);
  charts.push(['By skill', await shown('By skill', 'main table tbody tr:nth-child(300)')]);
}
for (const name of ['By skill', 'Over time', 'Mistakes'])
  report(
    `the chart “${name}” painted, longest of 3`,
    `${Math.max(...charts.filter(([one]) => one === name).map(([, time]) => time)).toFixed(0)} ms`,
    'under 300 ms',
  );
await browser.close();
server.stop();
