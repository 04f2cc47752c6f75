/**
 * npm run -s class-load -- --pupils 300 --seconds 40 --drop 10: a class of so many pupils on this machine alone, each
 * answering every five seconds over its own connection. So many of a hundred connections break every minute, and the
 * server is killed once and started again. Prints one line of JSON.
 */
import { build } from 'esbuild';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { startClass } from './browser.mjs';
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
    },
  });
  const read = (name, least, most) => {
    const value = Number(values[name]);
    if (Number.isInteger(value) && value >= least && value <= most) return value;
    console.error(`“--${name} ${values[name]}”: give a whole number from ${least} to ${most}.`);
    process.exit(2);
  };
  return { pupils: read('pupils', 1, 300), seconds: read('seconds', 5, 300), drop: read('drop', 0, 100) };
}

/** The application's own lines, made ready for this process. */
async function loadLines() {
  const { outputFiles } = await build({
    stdin: {
      contents:
        `export { Line } from './web/src/network/line';` +
        `export { PupilLine, EMPTY_OUTBOX } from './web/src/network/pupilLine';`,
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
const SHEET = JSON.stringify({ format: 'a sheet of the load run', text: 'x'.repeat(20_000) });
const wait = (ms) => new Promise((done) => setTimeout(done, ms));

const { pupils: count, seconds, drop } = options();
const { Line, PupilLine, EMPTY_OUTBOX } = await loadLines();
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

function socketTo(path, protocols) {
  const host = `127.0.0.1:${port}`;
  const socket = new WebSocket(`ws://${host}${path}`, protocols, { headers: { origin: `http://${host}` } });
  socket.on('error', () => undefined);
  return socket;
}

/** When each answer was given, by pupil and question; and how often it was taken by the teacher's page. */
const given = new Map();
const taken = new Map();
const delays = [];
const known = new Map();
const room = 'the-room-of-the-load-run';
let code;

/** The teacher's page: takes an answer once, as the application does, and says that it is kept. */
const teacher = new Line({
  open: () => socketTo('/class/teacher', ['diatonix-class', token]),
  onUp: () => {
    const pupils = [...known.values()].map(({ id, name, version }) => ({ id, name, version, done: false }));
    const open = { type: 'open', room, sheets: [SHEET, SHEET], pupils, closed: false, endsAt: null };
    teacher.say(code === undefined ? open : { ...open, code });
  },
  onDown: () => undefined,
  onHeard: (message) => {
    if (message.type === 'opened') code = message.code;
    if (message.type === 'pupil' && !known.has(message.id)) known.set(message.id, { ...message, n: 0 });
    if (message.type !== 'work') return;
    const own = known.get(message.pupil);
    for (const { question, n } of message.answers) {
      if (n <= own.n) continue;
      own.n = n;
      const key = `${own.name} ${question}`;
      taken.set(key, (taken.get(key) ?? 0) + 1);
      delays.push(performance.now() - given.get(key));
    }
    teacher.say({ type: 'kept', pupil: message.pupil, n: own.n });
  },
});
while (code === undefined) await wait(20);

/** The pupils' pages, and the sockets they have now. */
const sockets = new Map();
let here = 0;
const pages = Array.from({ length: count }, (_, at) => {
  const name = `Pupil ${at + 1}`;
  const ignored = () => undefined;
  const events = {
    ...Object.fromEntries(
      ['onJoined', 'onHere', 'onOutbox', 'onClock', 'onQuick', 'onMarks', 'onOver', 'onTaken'].map((one) => [
        one,
        ignored,
      ]),
    ),
    onRefused: (why) => why !== 'away' && console.error(`${name} is refused: ${why}`),
    onJoined: () => here++,
  };
  const page = new PupilLine(
    { code, name, key: `the-key-of-pupil-${at + 1}-0123456789` },
    EMPTY_OUTBOX,
    events,
    () => {
      const socket = socketTo('/class/pupil', ['diatonix-class']);
      sockets.set(name, socket);
      return socket;
    },
  );
  return { name, page, answered: 0 };
});
while (here < count) await wait(50);

const end = performance.now() + seconds * 1000;
const killAt = end - (seconds * 1000) / 2;
const timers = pages.map((one) => {
  const answer = () => {
    one.answered++;
    const question = `1.${one.answered}`;
    given.set(`${one.name} ${question}`, performance.now());
    one.page.answer(question, `answer ${one.answered}`);
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
let killed = false;
let owed = 0;
while (performance.now() < end) {
  await wait(200);
  measureMemory();
  owed += (count * drop) / 100 / 60 / 5;
  for (; owed >= 1; owed--) sockets.get(pages[Math.floor(Math.random() * count)].name).terminate();
  if (!killed && performance.now() > killAt) {
    killed = true;
    await server.stop('SIGKILL');
    server = await startClass({ port: Number(port), env: { DIATONIX_STATE: server.state } });
  }
}
for (const stop of timers) stop();
const settled = performance.now() + SETTLE_MS;
while (taken.size < given.size && performance.now() < settled) await wait(100);
measureMemory();

delays.sort((a, b) => a - b);
const sent = given.size;
const received = [...given.keys()].filter((key) => taken.has(key)).length;
console.log(
  JSON.stringify({
    pupils: count,
    sent,
    received,
    lost: sent - received,
    twice: [...taken.values()].filter((times) => times > 1).length,
    p95Ms: Math.round(delays[Math.floor(delays.length * 0.95)] ?? 0),
    serverMb: Math.round(most / 1e6),
  }),
);
teacher.stop();
for (const { page } of pages) page.stop();
await server.stop();
process.exit(sent === received ? 0 : 1);
