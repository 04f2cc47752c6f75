import { launch, startServer } from './browser.mjs';
const server = await startServer();
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const errors = [];
page.on('pageerror', (e) => errors.push(e.message));
page.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
const steps = process.argv[2];
const fn = new (Object.getPrototypeOf(async function () {}).constructor)(
  'page',
  'base',
  'shot',
  'context',
  steps,
);
try {
  await fn(
    page,
    server.address,
    (name) => page.screenshot({ path: `/tmp/shots/${name}.png` }),
    page.context(),
  );
} catch (e) {
  console.log('ERR', e.message.split('\n').slice(0, 6).join('\n'));
  await page.screenshot({ path: '/tmp/shots/err.png' });
}
console.log(errors.slice(0, 5));
await browser.close();
server.stop();
process.exit(0);
