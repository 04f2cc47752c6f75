/**
 * npm run -s class-load -- --pupils 300 --seconds 40 --drop 10: a class of so many pupils on this machine alone, each
 * answering every five seconds over its own connection, from an address of its own within 127.0.0.0/8. So many of a
 * hundred connections break every minute, and the server is killed once and started again. With --hostile one more
 * device does all the harm that it can, from before the first pupil joins; with --lock only the names of the class can
 * join; with --browser the teacher is the real page in a headless browser,
 * whose tab is killed too, and what counts is what stands in its storage. Prints one line of JSON.
 */
import { build } from 'esbuild';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { startClass } from './browser.mjs';
import { startHarm } from './classload/harm.mjs';
import { teacherHere, teacherInBrowser } from './classload/teachers.mjs';
import { ensureBuild, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureBuild();

const WebSocket = createRequire(join(ROOT, 'server', 'package.json'))('ws');

/** What is asked for, within what this machine and the relay are made for. */
function options() {
  const { values } = parseArgs({
    options: {
      pupils: { type: 'string', default: '300' },
      seconds: { type: 'string', default: '40' },
      drop: { type: 'string', default: '10' },
      hostile: { type: 'boolean', default: false },
      lock: { type: 'boolean', default: false },
      browser: { type: 'boolean', default: false },
    },
  });
  const read = (name, least, most) => {
    const value = Number(values[name]);
    if (Number.isInteger(value) && value >= least && value <= most) return value;
    console.error(`“--${name} ${values[name]}”: give a whole number from ${least} to ${most}.`);
    process.exit(2);
  };
  return {
    ...{ pupils: read('pupils', 1, 300), seconds: read('seconds', 5, 300), drop: read('drop', 0, 100) },
    ...{ hostile: values.hostile, lock: values.lock, browser: values.browser },
  };
}

/** The application's own lines, made ready for this process. */
async function loadLines() {
  const { outputFiles } = await build({
    stdin: {
      contents:
        `export { Connection } from './web/src/network/line';` +
        `export { PupilLine, EMPTY_OUTBOX } from './web/src/classroom/pupil/pupilLine';`,
      resolveDir: ROOT,
      loader: 'ts',
    },
    bundle: true,
    format: 'esm',
    write: false,
  });
  return import(`data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString('base64')}`);
}

const EVERY_MS = 5000;
const SETTLE_MS = 20_000;
const wait = (ms) => new Promise((done) => setTimeout(done, ms));

const { pupils: count, seconds, drop, hostile, lock, browser } = options();
const { Connection, PupilLine, EMPTY_OUTBOX } = await loadLines();
let server = await startClass();
const { port } = new URL(server.address);
const token = new URL(server.teacher).hash.slice(1);

/** Highest memory of the servers, in bytes of the system's own count. */
let most = 0;
function measureMemory() {
  try {
    const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
    most = Math.max(most, Number(/VmHWM:\s+(\d+) kB/.exec(status)?.[1] ?? 0) * 1024);
  } catch {
    // It is being started again.
  }
}

/** A connection from a device of its own: every address of 127.0.0.0/8 is this machine. */
function socketTo(path, protocols, from) {
  const host = `127.0.0.1:${port}`;
  const socket = new WebSocket(`ws://${host}${path}`, protocols, {
    headers: { origin: `http://${host}` },
    localAddress: from,
  });
  socket.on('error', () => undefined);
  return socket;
}
const addressOf = (at) => `127.0.${1 + Math.floor(at / 200)}.${1 + (at % 200)}`;

/** When each answer was given, by pupil and question. */
const given = new Map();
const names = Array.from({ length: count }, (_, at) => `Pupil ${at + 1}`);
const teacher = browser
  ? await teacherInBrowser(server, given)
  : teacherHere({ Connection, socketTo, token, given, names: lock ? names : null });
await teacher.ready;

const harm = hostile ? startHarm(port, teacher.code()) : null;
if (harm) await wait(3000);

/** The pupils' pages, and the sockets they have now. */
const sockets = new Map();
let here = 0;
const pages = names.map((name, at) => {
  const ignored = () => undefined;
  const EVENTS = [
    'Joined',
    'Here',
    'Outbox',
    'Clock',
    'Quick',
    'Marks',
    'Late',
    'Answers',
    'Over',
    'Moved',
    'Taken',
  ];
  const events = {
    ...Object.fromEntries(EVENTS.map((one) => [`on${one}`, ignored])),
    onRefused: (why) => !['away', 'busy'].includes(why) && console.error(`${name} is refused: ${why}`),
    onJoined: () => here++,
  };
  const page = new PupilLine(
    { code: teacher.code(), name, key: `the-key-of-pupil-${at + 1}-0123456789` },
    EMPTY_OUTBOX,
    events,
    () => {
      const socket = socketTo('/class/pupil', ['diatonix-class'], addressOf(at));
      sockets.set(name, socket);
      return socket;
    },
  );
  return { name, page, answered: 0 };
});
while (here < count) await wait(50);

const end = performance.now() + seconds * 1000;
const killAt = end - (seconds * 1000) / 2;
const teacherAt = end - (seconds * 1000) / 4;
const timers = pages.map((one) => {
  const answer = () => {
    const question = teacher.questionAt(one.answered++);
    const text = `answer ${one.answered} of ${one.name}`;
    given.set(`${one.name} ${question}`, { at: performance.now(), text });
    one.page.answer(question, text);
  };
  const begin = setTimeout(() => {
    answer();
    one.every = setInterval(answer, EVERY_MS);
  }, Math.random() * EVERY_MS);
  return () => {
    clearTimeout(begin);
    clearInterval(one.every);
  };
});
/** Times in which the server or the teacher was away, and pages come back one after the other. */
const outages = [];
const BACK_MS = 4000;
let killed = false;
let teacherKilled = false;
let owed = 0;
while (performance.now() < end) {
  await wait(200);
  measureMemory();
  owed += (count * drop) / 100 / 60 / 5;
  for (; owed >= 1; owed--) sockets.get(pages[Math.floor(Math.random() * count)].name).terminate();
  if (!killed && performance.now() > killAt) {
    killed = true;
    outages.push([performance.now(), performance.now() + BACK_MS]);
    await server.stop('SIGKILL');
    server = await startClass({ port: Number(port), env: { DIATONIX_STATE: server.state } });
  }
  if (!teacherKilled && performance.now() > teacherAt) {
    teacherKilled = true;
    outages.push([performance.now(), performance.now() + BACK_MS]);
    await teacher.kill();
  }
}
for (const stop of timers) stop();
const settled = performance.now() + SETTLE_MS;
let found = await teacher.found(outages);
while (found.missing.length > 0 && performance.now() < settled) {
  await wait(browser ? 1000 : 100);
  found = await teacher.found(outages);
}
measureMemory();
console.log(
  JSON.stringify({
    pupils: count,
    sent: given.size,
    received: given.size - found.missing.length,
    lost: found.missing.length,
    twice: found.twice,
    again: found.again,
    p95Ms: found.p95Ms,
    p95WithOutagesMs: found.p95WithOutagesMs,
    teacherBackMs: teacher.backMs(),
    serverMb: Math.round(most / 1e6),
    ...(harm ? { hostile: await harm.stop() } : {}),
  }),
);
await teacher.stop();
for (const { page } of pages) page.stop();
await server.stop();
process.exit(found.missing.length === 0 && found.twice === 0 ? 0 : 1);
