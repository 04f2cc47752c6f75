/** Two tabs of one browser that edit the same documents at random and at the same time: nothing may be lost. */
import { createServer } from 'node:http';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { launch } from '../browser.mjs';
import { ROOT } from '../setup.mjs';

/**
 * `edits` random edits in each of two tabs. Gives how much was written, how many clashes were told, what was lost, and
 * whether both tabs show what stands in storage.
 */
export async function editInTwoTabs({ edits, seed }) {
  const script = await bundle();
  const server = createServer((request, response) => {
    const isScript = request.url === '/tab.js';
    response.setHeader('Content-Type', isScript ? 'text/javascript' : 'text/html');
    response.end(isScript ? script : '<!doctype html><script type="module" src="/tab.js"></script>');
  });
  await new Promise((done) => server.listen(0, '127.0.0.1', done));
  const browser = await launch();
  try {
    const context = await browser.newContext();
    const address = `http://127.0.0.1:${server.address().port}/`;
    const tabs = [await context.newPage(), await context.newPage()];
    for (const tab of tabs) {
      await tab.goto(address);
      await tab.waitForFunction(() => window.tab);
    }
    const { documents } = JSON.parse(readFileSync(join(ROOT, 'demo', 'workbook.json'), 'utf8')).workbook;
    const first = documents.map((one, at) => ({ ...one, order: at + 1 }));
    await tabs[0].evaluate((all) => window.tab.begin(all), first);
    await tabs[1].evaluate(() => window.tab.begin(null));
    const done = await Promise.all(
      tabs.map((tab, at) =>
        tab.evaluate(([letter, n, s]) => window.tab.run(letter, n, s), ['ab'[at], edits, seed + at]),
      ),
    );
    const shown = await agreed(tabs);
    const kept = await tabs[0].evaluate(() => window.tab.stored());
    const told = await Promise.all(tabs.map((tab) => tab.evaluate(() => window.tab.clashes())));
    const gone = new Set(done.flatMap((one) => one.gone));
    const written = done.flatMap((one) => one.written);
    const lost = written.filter((one) => !gone.has(one) && !kept.includes(`${one}`));
    return { written: written.length, told, lost, agree: shown[0] === shown[1] };
  } finally {
    await browser.close();
    server.close();
  }
}

/** What both tabs show once nothing comes from the other any more. */
async function agreed(tabs) {
  let shown = [];
  for (let tries = 0; tries < 50; tries++) {
    shown = await Promise.all(tabs.map((tab) => tab.evaluate(() => window.tab.settle())));
    shown = shown.map(sorted);
    if (shown[0] === shown[1]) break;
    await new Promise((later) => setTimeout(later, 200));
  }
  return shown;
}

/** The same documents whatever order their fields were written in. */
function sorted(text) {
  const plain = (value) =>
    Array.isArray(value)
      ? value.map(plain)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(
            Object.keys(value)
              .sort()
              .map((name) => [name, plain(value[name])]),
          )
        : value;
  return JSON.stringify(plain(JSON.parse(text)));
}

async function bundle() {
  const { outputFiles } = await build({
    entryPoints: [join(ROOT, 'scripts', 'odd', 'tabsPage.ts')],
    bundle: true,
    format: 'esm',
    write: false,
    logLevel: 'error',
  });
  return outputFiles[0].text;
}
