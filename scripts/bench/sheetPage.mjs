/** The Sheets bench: forty other questions, from the press to the frame that shows them. */
import { launch, startServer } from '../browser.mjs';
import { percentile, report } from './measure.mjs';

const QUESTIONS = 40;

const server = await startServer('--empty');
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}sheets`);
await page.getByRole('button', { name: 'Intervals and inversions' }).click();
const cells = page.locator('.question');
await cells.nth(15).waitFor();
await page.getByRole('spinbutton', { name: 'Questions' }).fill(String(QUESTIONS - 8));
await cells.nth(QUESTIONS - 1).waitFor();
await page.locator('.question text').first().waitFor({ state: 'attached' });
const times = [];
for (let turn = 0; turn < 10; turn++) {
  times.push(
    await page.evaluate(() => {
      const press = [...document.querySelectorAll('button')].find((one) =>
        one.textContent.includes('Other questions'),
      );
      const from = performance.now();
      press.click();
      return new Promise((resolve) => {
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - from), 0));
      });
    }),
  );
  await page.waitForTimeout(300);
}
report(
  `${await cells.count()} questions of a sheet made anew and shown`,
  `${percentile(times, 0.5).toFixed(0)} ms, p95 ${percentile(times, 0.95).toFixed(0)}`,
  'under 300 ms',
);
await browser.close();
server.stop();
