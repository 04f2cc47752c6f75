/** Two teachers of a class under load: one in this process, and the real page in a headless browser. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from '../browser.mjs';
import { ensureChromium } from '../setup.mjs';
import { killBrowser } from '../odd/kills.mjs';

const ROOM = 'the-room-of-the-load-run';
const SHEET = JSON.stringify({ format: 'a sheet of the load run', text: 'x'.repeat(20_000) });

/** A teacher's page without a page: takes an answer once, as the application does, and says that it is kept. */
export function teacherHere({
  Connection,
  socketTo,
  token,
  given,
  names,
  sheet = SHEET,
  onAnswer = () => undefined,
}) {
  const door = names ? { joining: 'list', list: names.map((name) => ({ name, version: 0 })) } : {};
  let code;
  let line;
  let killedAt = null;
  let backMs = null;
  const known = new Map();
  const taken = new Map();
  const delays = [];
  let again = 0;
  let opened;
  const ready = new Promise((resolve) => (opened = resolve));
  const connect = () =>
    new Connection({
      open: () => socketTo('/class/teacher', ['diatonix-class', token], '127.0.0.1'),
      onUp: () => {
        const pupils = [...known.values()].map(({ id, name, version, n }) => ({
          ...{ id, name, version, n, done: false },
        }));
        const open = {
          ...{ type: 'open', room: ROOM, sheets: [sheet, sheet], pupils, closed: false, endsAt: null },
          ...door,
        };
        line.say(code === undefined ? open : { ...open, code });
      },
      onDown: () => undefined,
      onHeard: (message) => {
        if (message.type === 'opened') {
          code = message.code;
          if (killedAt !== null) backMs = Math.round(performance.now() - killedAt);
          killedAt = null;
          opened();
        }
        if (message.type === 'pupil' && !known.has(message.id)) known.set(message.id, { ...message, n: 0 });
        if (message.type !== 'work') return;
        const own = known.get(message.pupil);
        for (const { question, text, n } of message.answers) {
          onAnswer({ question, text, n, isAgain: n <= own.n });
          const key = `${own.name} ${question}`;
          // What comes once more is counted before anything is dropped.
          if (n <= own.n) {
            if (given.has(key)) again++;
            continue;
          }
          own.n = n;
          // What comes from no pupil of this run is none of its answers.
          if (!given.has(key)) continue;
          taken.set(key, (taken.get(key) ?? 0) + 1);
          delays.push({ at: given.get(key).at, ms: performance.now() - given.get(key).at });
        }
        line.say({ type: 'kept', pupil: message.pupil, n: own.n });
      },
    });
  line = connect();
  return {
    ready,
    code: () => code,
    questionAt: (at) => `1.${at + 1}`,
    kill: async () => {
      line.stop();
      killedAt = performance.now();
      line = connect();
    },
    backMs: () => backMs,
    found: async (outages = []) => ({
      missing: [...given.keys()].filter((key) => !taken.has(key)),
      twice: [...taken.values()].filter((times) => times > 1).length,
      again,
      p95Ms: percentile(delays.filter(({ at }) => !outages.some(([from, to]) => at >= from && at <= to))),
      p95WithOutagesMs: percentile(delays),
    }),
    stop: async () => line.stop(),
  };
}

const percentile = (delays) => {
  const sorted = delays.map(({ ms }) => ms).sort((a, b) => a - b);
  return Math.round(sorted[Math.floor(sorted.length * 0.95)] ?? 0);
};

/** The questions of the sheet that is opened, as the demo has it. */
const QUESTIONS = [4, 4, 4, 4, 1, 3].flatMap((count, at) =>
  Array.from({ length: count }, (_, place) => `${at + 1}.${place + 1}`),
);

/** The pile that pupils' answers are on, as it stands in the storage of the page. */
async function storedPile() {
  const asked = (request) =>
    new Promise((done, failed) => {
      request.onsuccess = () => done(request.result);
      request.onerror = () => failed(request.error);
    });
  const db = await asked(indexedDB.open('diatonix'));
  const rows = await asked(db.transaction('documents').objectStore('documents').getAll());
  db.close();
  const piles = rows.filter(({ kind, deleted }) => kind === 'pile' && !deleted);
  const { body } = piles.sort((a, b) => b.order - a.order)[0];
  const names = Object.fromEntries(body.pupils.map(({ id, name }) => [id, name]));
  return body.entries.map(({ pupil, question, answer }) => {
    const [section, place] = question.split('.').map(Number);
    return `${names[pupil]} ${section + 1}.${place + 1}\n${answer}`;
  });
}

/** The real page: a sheet is opened to the class, and what counts is what its storage holds. */
export async function teacherInBrowser(server, given) {
  const profile = mkdtempSync(join(tmpdir(), 'diatonix-load-'));
  const launch = () =>
    chromium.launchPersistentContext(profile, {
      ...{ executablePath: ensureChromium(), args: CHROMIUM_ARGS, serviceWorkers: 'block' },
    });
  let context = await launch();
  let page = context.pages()[0];
  await page.goto(server.teacher);
  await page
    .getByRole('main')
    .getByRole('button', { name: /^Sheet 4/ })
    .click();
  const code = await page.getByRole('region', { name: 'How to join' }).locator('.code').textContent();
  await page.getByText('Saved on this device').waitFor();
  let backMs = null;
  return {
    ready: Promise.resolve(),
    code: () => code,
    // The sheet has so many questions; a later answer takes the place of an earlier one.
    questionAt: (at) => QUESTIONS[at % QUESTIONS.length],
    kill: async () => {
      killBrowser(profile);
      await context.close().catch(() => undefined);
      const began = performance.now();
      context = await launch();
      page = context.pages()[0];
      await page.goto(server.teacher.replace(/#.*/, ''));
      // A browser that was killed asks whether its class is led from here.
      await page.getByRole('button', { name: 'Lead it from here' }).click();
      await page.getByRole('region', { name: 'Join code' }).getByText(code).waitFor();
      backMs = Math.round(performance.now() - began);
    },
    backMs: () => backMs,
    found: async () => {
      const entries = await page.evaluate(storedPile);
      const counts = new Map();
      for (const one of entries) counts.set(one, (counts.get(one) ?? 0) + 1);
      return {
        missing: [...given].filter(([key, { text }]) => !counts.has(`${key}\n${text}`)).map(([key]) => key),
        twice: [...counts.values()].filter((times) => times > 1).length,
        again: null,
        p95Ms: null,
      };
    },
    stop: async () => {
      await context.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}
