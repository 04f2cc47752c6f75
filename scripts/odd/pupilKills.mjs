/**
 * A pupil's browser killed again and again in a class: every letter that was written 150 ms ago comes back, and every
 * answer reaches the teacher, before the kill and after it.
 */
import { createRequire } from 'node:module';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import { CHROMIUM_ARGS, startClass } from '../browser.mjs';
import { teacherHere } from '../classload/teachers.mjs';
import { ensureChromium, ROOT } from '../setup.mjs';
import { killBrowser, PROMISED_MS } from './kills.mjs';
import { seeded } from './workbooks.mjs';

const LETTERS = ['m', 'M', 'P', 'A', 'd', '3', '5', '6'];
const pause = (ms) => new Promise((later) => setTimeout(later, ms));

/** Kills so often. Gives how many letters were due, those that were lost, and answers that the teacher lacks. */
export async function killPupils({ count, seed, promised = PROMISED_MS }) {
  const { Connection, sheetText } = await bundle();
  const random = seeded(seed);
  const server = await startClass();
  const { port } = new URL(server.address);
  const WebSocket = createRequire(join(ROOT, 'server', 'package.json'))('ws');
  const socketTo = (path, protocols) => {
    const socket = new WebSocket(`ws://127.0.0.1:${port}${path}`, protocols, {
      headers: { origin: `http://127.0.0.1:${port}` },
    });
    socket.on('error', () => undefined);
    return socket;
  };
  const came = new Map();
  const token = new URL(server.teacher).hash.slice(1);
  const teacher = teacherHere({
    ...{ Connection, socketTo, token, given: new Map(), names: null, sheet: sheetText() },
    onAnswer: ({ question, text }) => came.set(question, text),
  });
  await teacher.ready;
  const profile = mkdtempSync(join(tmpdir(), 'diatonix-pupil-'));
  const open = () =>
    chromium.launchPersistentContext(profile, { executablePath: ensureChromium(), args: CHROMIUM_ARGS });
  const found = { kills: 0, due: 0, lost: [], missing: [] };
  let context = await open();
  let page = context.pages()[0];
  await page.goto(`${server.pupils}#${teacher.code()}`);
  await page.getByLabel('Your name').fill('Una');
  await page.getByRole('button', { name: 'Join' }).click();
  await page.getByText('In the class.').waitFor();
  for (let at = 0; at < count; at++) {
    const field = page.getByLabel('Your answer').first();
    await field.waitFor();
    if (at > 0) await page.getByRole('button', { name: 'Next' }).click();
    const before = await field.inputValue();
    await field.focus();
    const typed = [];
    const end = Date.now() + 100 + random() * 900;
    while (Date.now() < end) {
      await page.keyboard.press(LETTERS[Math.floor(random() * LETTERS.length)]);
      typed.push({ value: await field.inputValue(), at: Date.now() });
      await pause(random() * 80);
    }
    const killed = Date.now();
    killBrowser(profile);
    found.kills++;
    await context.close().catch(() => undefined);
    const due = typed.filter((one) => one.at <= killed - promised);
    found.due += due.length;
    context = await open();
    page = context.pages()[0];
    await page.goto(server.pupils);
    await page.getByText('In the class.').waitFor();
    const last = due.at(-1)?.value ?? before;
    const answers = await answersOf(page);
    const there = Object.values(answers);
    if (last !== '' && !there.some((text) => text.startsWith(last))) found.lost.push({ last, there });
    // To the same question again: the page begins at the first, so go on from where it was.
    for (let step = 0; step < at % QUESTIONS; step++)
      await page.getByRole('button', { name: 'Next' }).click();
    if (at % QUESTIONS === QUESTIONS - 1) break;
  }
  await pause(3000);
  for (const [question, text] of Object.entries(await answersOf(page)))
    if (text !== '' && came.get(question) !== text)
      found.missing.push({ question, text, came: came.get(question) });
  await context.close();
  await teacher.stop();
  await server.stop();
  rmSync(profile, { recursive: true, force: true });
  return found;
}

const QUESTIONS = 200;

/** The answers as the pupil's page has kept them. */
const answersOf = (page) =>
  page.evaluate(async () => {
    const asked = (request) => new Promise((done) => (request.onsuccess = () => done(request.result)));
    const db = await asked(indexedDB.open('diatonix-pupil'));
    const store = db.transaction('parts').objectStore('parts');
    const [keys, values] = [await asked(store.getAllKeys()), await asked(store.getAll())];
    db.close();
    return Object.fromEntries(
      keys.flatMap((key, at) => (Array.isArray(key) && key[0] === 'answer' ? [[key[1], values[at]]] : [])),
    );
  });

async function bundle() {
  const { outputFiles } = await build({
    stdin: {
      contents: `
        import { makeSheet, printPupilsFile, pupilSheet } from './core/src/index';
        export { Connection } from './web/src/network/line';
        const section = { kind: 'interval-name', count: ${QUESTIONS}, marks: 1 };
        export const sheetText = () => printPupilsFile({
          sheets: [pupilSheet(makeSheet({ title: 'Slack water', seed: 3, sections: [section] }, 0))],
          practice: false,
        });`,
      resolveDir: ROOT,
      loader: 'ts',
    },
    ...{ bundle: true, format: 'esm', write: false },
  });
  return import(`data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString('base64')}`);
}
