/** npm run screenshots: every picture of docs/screenshots/ afresh, from the demo workbook; with a name, that one. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureChromium();
ensureBuild();
const { launch, startClass } = await import('./browser.mjs');
const { PICTURES } = await import('./pictures.mjs');
const folder = join(ROOT, 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });
const SIZE = { width: 1280, height: 800 };
const STAFF = '.grid-column .staff text';
// The class has a picture too; every other page is the same with it and without.
const server = await startClass();
const browser = await launch();
const only = process.argv[2];
for (const { name, path, scheme = 'light', size = SIZE, ready = STAFF, now, prepare } of PICTURES.filter(
  (one) => !only || one.name === only,
)) {
  const context = await browser.newContext({ viewport: size, colorScheme: scheme, reducedMotion: 'reduce' });
  const page = await context.newPage();
  // A view that hangs on the day is taken on the day of the demo.
  if (now) await page.clock.setFixedTime(now);
  await page.goto(new URL(path, server.address).href);
  await page.locator(ready).first().waitFor();
  await prepare?.(page, { server, browser });
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  console.log(`docs/screenshots/${name}.png`);
  await context.close();
}
await browser.close();
await server.stop();
process.exit(0);
