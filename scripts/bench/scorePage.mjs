/** The Scores bench with a long piece: an edit of one note to painted labels, and how smoothly it scrolls. */
import { launch, startServer } from '../browser.mjs';
import { percentile, report } from './measure.mjs';

const BARS = 313;
/** Four quarters for each of four parts and a bar: some 5,000 notes. */
const PARTS = [
  ['E5', 'F5', 'D5', 'E5'],
  ['C5', 'C5', 'B4', 'C5'],
  ['G4', 'A4', 'G4', 'G4'],
  ['C3', 'F3', 'G3', 'C3'],
];

const server = await startServer('--empty');
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}scores`);
const waiting = page.waitForEvent('filechooser');
await page.getByRole('button', { name: 'Open a score' }).click();
await (
  await waiting
).setFiles({
  name: 'long.musicxml',
  mimeType: 'application/xml',
  buffer: Buffer.from(longScore()),
});
await page
  .getByRole('gridcell', { name: /, Numeral: / })
  .first()
  .waitFor({ timeout: 60_000 });

await page
  .getByRole('gridcell', { name: /, Numeral: / })
  .nth(5)
  .click();
await page.keyboard.press('n');
for (let down = 0; down < 3; down++) await page.keyboard.press('ArrowDown');
const times = [];
for (let turn = 0; turn < 40; turn++) {
  // From the key to the frame that shows the label which the new lowest note asks for.
  await page.evaluate(() => {
    const label = () => document.querySelector('[data-chord="5"][id$="symbol"]')?.textContent;
    const before = label();
    window.relabelled = new Promise((resolve) => {
      addEventListener(
        'keydown',
        ({ timeStamp }) => {
          const look = () => {
            if (label() === before) requestAnimationFrame(look);
            else setTimeout(() => resolve(performance.now() - timeStamp), 0);
          };
          look();
        },
        { once: true, capture: true },
      );
    });
  });
  await page.keyboard.press(turn % 2 === 0 ? 'Shift+ArrowDown' : 'Shift+ArrowUp');
  times.push(await page.evaluate(() => window.relabelled));
  await page.waitForTimeout(300);
}
report(
  `an edit of one of ${BARS * 16} notes to painted labels, median and p95`,
  `${percentile(times, 0.5).toFixed(0)} ms, ${percentile(times, 0.95).toFixed(0)} ms`,
  'under 100 ms',
);

await page.mouse.move(560, 500);
const scroll = async () => {
  await page.evaluate(() => {
    window.frames_ = [];
    let last = performance.now();
    window.scrolling = true;
    const next = (now) => {
      window.frames_.push(now - last);
      last = now;
      if (window.scrolling) requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  });
  for (let step = 0; step < 120; step++) {
    await page.mouse.wheel(0, 400);
    await page.waitForTimeout(16);
  }
  return page.evaluate(() => {
    window.scrolling = false;
    document.querySelector('main').scrollTo(0, 0);
    return window.frames_.slice(1);
  });
};
const first = await scroll();
await page.waitForTimeout(1000);
const second = await scroll();
report(
  `scrolling through ${BARS} bars the first time, longest frame`,
  `${Math.max(...first).toFixed(0)} ms`,
  '',
);
report('the same once engraved, longest frame', `${Math.max(...second).toFixed(0)} ms`, 'under 50 ms');
await browser.close();
server.stop();

function longScore() {
  const note = (name) =>
    `<note><pitch><step>${name[0]}</step><octave>${name[1]}</octave></pitch><duration>1</duration></note>`;
  const attributes =
    '<attributes><divisions>1</divisions><key><fifths>0</fifths></key>' +
    '<time><beats>4</beats><beat-type>4</beat-type></time></attributes>';
  const part = (notes, at) =>
    `<part id="P${at}">${Array.from(
      { length: BARS },
      (_, bar) =>
        `<measure number="${bar + 1}">${bar === 0 ? attributes : ''}${notes.map(note).join('')}</measure>`,
    ).join('')}</part>`;
  const list = PARTS.map((_, at) => `<score-part id="P${at}"><part-name>P${at}</part-name></score-part>`);
  return `<score-partwise><part-list>${list.join('')}</part-list>${PARTS.map(part).join('')}</score-partwise>`;
}
