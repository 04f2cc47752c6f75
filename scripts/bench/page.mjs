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

const bytes = new Map();
page.on('response', async (response) => {
  if (!response.url().endsWith('.js')) return;
  const body = await response.body().catch(() => Buffer.alloc(0));
  bytes.set(response.url(), gzipSync(body).length);
});
await page.addInitScript(() => {
  new MutationObserver((_, observer) => {
    if (!document.querySelector('[role="gridcell"]')) return;
    observer.disconnect();
    performance.mark('usable');
  }).observe(document, { childList: true, subtree: true });
});
await page.goto(`${server.address}key`);
await page.getByRole('gridcell', { name: 'Root: A' }).waitFor();
await page.locator('.grid-column .staff text').first().waitFor();
/** Scripts that were asked for before the grid stood there with its working handlers. */
const asked = await page.evaluate(() => {
  const [{ startTime: usable }] = performance.getEntriesByName('usable');
  const before = performance.getEntriesByType('resource').filter(({ startTime }) => startTime < usable);
  return before.map(({ name }) => name).filter((name) => name.endsWith('.js'));
});
// What draws the staves is asked for beside the first bench, which does without it.
const later = /vexflow|engraving/;
const sizeOf = (urls) => `${Math.round(urls.reduce((sum, url) => sum + (bytes.get(url) ?? 0), 0) / 1000)} kB`;
report(
  'JavaScript before the first bench is usable, gzipped',
  sizeOf([...new Set(asked)].filter((url) => !later.test(url))),
  'under 180 kB',
);
const pupil = await browser.newPage();
const pupils = new Map();
pupil.on('response', async (response) => {
  if (response.url().endsWith('.js'))
    pupils.set(response.url(), gzipSync(await response.body().catch(() => Buffer.alloc(0))).length);
});
await pupil.goto(`${server.address}pupil`);
await pupil.getByRole('heading').first().waitFor();
await pupil.waitForTimeout(500);
report(
  'JavaScript of the pupils’ page before a sheet is there, gzipped',
  `${Math.round([...pupils.values()].reduce((sum, one) => sum + one, 0) / 1000)} kB`,
  'under 120 kB',
);
await pupil.close();
report(
  'first load of the Key bench to its grid, warm server, new profile, median of 7',
  `${Math.round(await firstLoad(7))} ms`,
  'under 700 ms',
);

/**
 * From the start of the navigation to the frame that shows the grid with its working handlers, in new
 * profiles.
 */
async function firstLoad(count) {
  const times = [];
  for (let i = 0; i < count; i++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const fresh = await context.newPage();
    await fresh.addInitScript(() => {
      window.shown = new Promise((resolve) => {
        const observer = new MutationObserver(() => {
          if (!document.querySelector('[role="gridcell"]')) return;
          observer.disconnect();
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now()), 0));
        });
        observer.observe(document, { childList: true, subtree: true });
      });
    });
    await fresh.goto(`${server.address}key`);
    times.push(await fresh.evaluate(() => window.shown));
    await context.close();
  }
  return percentile(times, 0.5);
}

/**
 * For keystrokes in a typed line: times to the frame that paints the letter, and to the last frame that paints
 * what the letter changed in the grid. A letter that changes nothing there has no time for it.
 */
async function typingTimes(typed) {
  await page.evaluate(() => {
    window.strokes = [];
    const painted = (act) => requestAnimationFrame(() => setTimeout(act));
    addEventListener(
      'keydown',
      ({ timeStamp }) => {
        const stroke = { start: timeStamp, letter: 0, labels: 0 };
        window.strokes.push(stroke);
        painted(() => (stroke.letter = performance.now() - timeStamp));
      },
      { capture: true },
    );
    new MutationObserver(() => {
      const stroke = window.strokes.at(-1);
      if (stroke) painted(() => (stroke.labels = performance.now() - stroke.start));
    }).observe(document.querySelector('.grid'), {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
  });
  for (const letter of typed) {
    await page.keyboard.press(letter === ' ' ? 'Space' : letter);
    await page.waitForTimeout(120);
  }
  const strokes = await page.evaluate(() => window.strokes);
  return {
    letters: strokes.map(({ letter }) => letter),
    labels: strokes.map(({ labels }) => labels).filter((time) => time > 0),
  };
}

/** Time from an event to the frame after the one that paints it. */
async function paintTimes(count, act) {
  const times = [];
  for (let i = 0; i < count; i++) {
    await page.evaluate(() => {
      window.painted = new Promise((resolve) => {
        const done = (start) =>
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start), 0));
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
  await line.fill(
    Array.from(
      { length: columns },
      (_, i) => ['I', 'vi', 'V65/ii', 'ii', 'ii65', 'V7', 'I', 'viio7/V'][i % 8],
    ).join(' '),
  );
  await page.waitForTimeout(1500);
  await line.press('End');
  const { letters, labels } = await typingTimes(' V65/ii ii V7 I vi IV'.repeat(3));
  report(
    `keystroke in the entry line to the painted letter, ${columns} columns, median and p95`,
    `${percentile(letters, 0.5).toFixed(1)} and ${percentile(letters, 0.95).toFixed(1)} ms`,
    columns === 64 ? 'p95 under 24 ms' : '',
  );
  report(
    'the same to the painted labels of the line, which follow the letter',
    `${percentile(labels, 0.5).toFixed(1)} and ${percentile(labels, 0.95).toFixed(1)} ms`,
    '',
  );
  await page.reload();
}
// Edits on the other benches with 40 columns, and on the Key bench with the nine of a minor map.
const forty = Array.from({ length: 40 }, (_, i) => ['E4 C#5', 'G#4 F##5', 'B4 D#4', 'F#4 C5'][i % 4]).join(
  ', ',
);
await page.goto(`${server.address}intervals`);
await page.getByRole('textbox', { name: /^Intervals: two notes/ }).fill(forty);
await page.waitForTimeout(1500);
await page.locator('.grid-column [tabindex="0"]').focus();
const octaves = await paintTimes(40, (i) => page.keyboard.press(i % 2 === 0 ? ']' : '['));
report(
  'Intervals: an edit of one of 40 columns to painted result, p95',
  `${percentile(octaves, 0.95).toFixed(1)} ms`,
  'under 50 ms',
);

await page.goto(`${server.address}chords`);
await page.getByRole('radio', { name: 'Chain' }).click();
const chain = page.getByRole('textbox', { name: 'Chain: numerals or symbols' });
await chain.fill(Array.from({ length: 40 }, (_, i) => ['I', 'I6', 'IV64', 'V65'][i % 4]).join(' '));
await page.waitForTimeout(1500);
await chain.press('End');
const chained = ' ii6 V7 I'.repeat(5);
const links = await paintTimes(chained.length, (i) =>
  page.keyboard.press(chained[i] === ' ' ? 'Space' : chained[i]),
);
report(
  'Chords: a keystroke in a chain of 40 columns to painted result, p95',
  `${percentile(links, 0.95).toFixed(1)} ms`,
  'under 50 ms',
);

await page.goto(`${server.address}key`);
await page.locator('.grid-column [tabindex="0"]').focus();
const taught = await paintTimes(40, () => page.keyboard.press('t'));
report(
  'Key: an edit of the map to painted result, p95',
  `${percentile(taught, 0.95).toFixed(1)} ms`,
  'under 50 ms',
);

// Switching benches once all are loaded, each with 40 columns.
await page.goto(`${server.address}progressions`);
await line.fill(Array.from({ length: 40 }, (_, i) => ['I', 'vi', 'V65/ii', 'ii'][i % 4]).join(' '));
await page.waitForTimeout(1000);
await page.waitForTimeout(2500);
const names = ['Intervals', 'Chords', 'Progressions', 'Key'];
const switches = [];
for (let round = 0; round < 6; round++) {
  for (const name of names) {
    const time = await page.evaluate(async (bench) => {
      const link = [...document.querySelectorAll('nav a')].find((a) => a.textContent.includes(bench));
      const start = performance.now();
      link.click();
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
      while (!document.title.startsWith(bench) || !document.querySelector('[role="gridcell"]'))
        await new Promise((resolve) => requestAnimationFrame(resolve));
      return performance.now() - start;
    }, name);
    if (round > 0) switches.push(time);
  }
}
report('switching bench to painted grid, p95', `${percentile(switches, 0.95).toFixed(0)} ms`, 'under 150 ms');
await browser.close();
server.stop();
