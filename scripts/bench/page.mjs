/** The page in headless Chromium: size before the first bench is usable, and keystroke to painted labels. */
import { gzipSync } from 'node:zlib';
import { launch, startServer } from '../browser.mjs';
import { percentile, report } from './measure.mjs';

const server = await startServer();
const browser = await launch();
// The browser itself starts cold; the figures are for a warm one.
const warm = await browser.newPage();
await warm.goto(`${server.address}key`);
await warm.getByRole('gridcell', { name: 'Root: A' }).waitFor();
await warm.close();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

const scripts = [];
let usable = false;
page.on('response', async (response) => {
  if (!response.url().endsWith('.js') || usable) return;
  const body = await response.body().catch(() => Buffer.alloc(0));
  scripts.push({ url: response.url(), bytes: gzipSync(body).length });
});
const started = performance.now();
await page.goto(`${server.address}key`);
await page.getByRole('gridcell', { name: 'Root: A' }).waitFor();
const firstLoad = performance.now() - started;
await page.locator('.grid-column .staff text').first().waitFor();
usable = true;
const later = /vexflow/;
const before = scripts.filter(({ url }) => !later.test(url));
report(
  'JavaScript before the first bench is usable, gzipped',
  `${Math.round(before.reduce((sum, s) => sum + s.bytes, 0) / 1000)} kB`,
  'under 250 kB',
);
report('first load of the Key bench, warm server', `${Math.round(firstLoad)} ms`, 'under 1 s');

/** Time from an event to the frame after the one that paints it. */
async function paintTimes(count, act) {
  const times = [];
  for (let i = 0; i < count; i++) {
    await page.evaluate(() => {
      window.painted = new Promise((resolve) => {
        const done = (start) => requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start), 0));
        addEventListener('keydown', (event) => done(event.timeStamp), { once: true, capture: true });
      });
    });
    await act(i);
    times.push(await page.evaluate(() => window.painted));
  }
  return times;
}

await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
for (const columns of [64, 200]) {
  await line.fill(Array.from({ length: columns }, (_, i) => ['I', 'vi', 'V65/ii', 'ii', 'ii65', 'V7', 'I', 'viio7/V'][i % 8]).join(' '));
  await page.waitForTimeout(1500);
  await line.press('End');
  const typed = ' V65/ii ii V7 I vi IV'.repeat(3);
  const times = await paintTimes(typed.length, (i) => page.keyboard.press(typed[i] === ' ' ? 'Space' : typed[i]));
  report(
    `keystroke in the entry line to painted labels, ${columns} columns, p95`,
    `${percentile(times, 0.95).toFixed(1)} ms`,
    columns === 64 ? 'under 50 ms' : '',
  );
  report(`the same, median`, `${percentile(times, 0.5).toFixed(1)} ms`, '');
}
await browser.close();
server.stop();
