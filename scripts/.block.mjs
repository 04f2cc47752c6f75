import { launch, startServer } from './browser.mjs';
const server = await startServer();
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}key`);
await page.getByRole('gridcell').first().waitFor();
await page.waitForTimeout(1500);
await page.evaluate(() => {
  window.long = [];
  new PerformanceObserver((l) => {
    for (const e of l.getEntries()) window.long.push([Math.round(e.startTime), Math.round(e.duration)]);
  }).observe({ type: 'longtask', buffered: false });
});
const [chooser] = await Promise.all([
  page.waitForEvent('filechooser'),
  page.getByRole('button', { name: 'Import workbook' }).click(),
]);
const t = Date.now();
await chooser.setFiles(process.argv[2]);
let prog = await page
  .getByText(/Taking in/)
  .textContent()
  .catch(() => '');
await page.getByText('Added: “').waitFor({ timeout: 120000 });
const a = Date.now() - t;
await page.getByText('Saved on this device').waitFor({ timeout: 120000 });
console.log(
  'added',
  a,
  'saved',
  Date.now() - t,
  prog,
  JSON.stringify(await page.evaluate(() => window.long)),
);
await browser.close();
server.stop();
process.exit();
