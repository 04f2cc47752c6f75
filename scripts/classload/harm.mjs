/**
 * One device that does all the harm to a class that it can: names, connections, floods, answers to nothing. It runs as
 * a process of its own, so that what it costs itself is not measured: harm.mjs PORT CODE.
 */
import { fork } from 'node:child_process';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ROOT } from '../setup.mjs';

const OWN = fileURLToPath(import.meta.url);
const FROM = '127.0.0.66';
const PROTOCOL = ['diatonix-class'];
/** It goes on in steps, so that the machine that it runs on is not what is measured. */
const STEP_MS = 25;
const MOST_OPEN = 400;

/** Begins in a process of its own; gives its stop, which says what it got. */
export function startHarm(port, code) {
  const child = fork(OWN, [String(port), code]);
  return {
    stop: () =>
      new Promise((told) => {
        child.once('message', told);
        child.send('stop');
      }),
  };
}

if (process.argv[1] === OWN) {
  const [port, code] = process.argv.slice(2);
  const { stop } = harm(port, code);
  // It never outlives the run that began it.
  process.on('disconnect', () => process.exit());
  process.on('message', () => process.send(stop(), () => process.exit()));
}

function harm(port, code) {
  const WebSocket = createRequire(join(ROOT, 'server', 'package.json'))('ws');
  const socketTo = (path, protocols, from) =>
    new WebSocket(`ws://127.0.0.1:${port}${path}`, protocols, {
      headers: { origin: `http://127.0.0.1:${port}` },
      localAddress: from,
    });
  const open = new Set();
  const got = { names: 0, refusedNames: 0, connections: 0, refusedConnections: 0, sent: 0 };
  let made = 0;
  const timer = setInterval(() => {
    if (open.size < MOST_OPEN) connect();
    for (const socket of open) if (socket.readyState === 1 && Math.random() < 0.05) flood(socket);
  }, STEP_MS);

  function connect() {
    const socket = socketTo('/class/pupil', PROTOCOL, FROM);
    open.add(socket);
    const at = ++made;
    socket.on('open', () => {
      got.connections++;
      socket.send(
        JSON.stringify({ type: 'join', code, name: `Nobody ${at}`, key: `key-of-nobody-${at}-0123456789` }),
      );
    });
    socket.on('unexpected-response', () => {
      got.refusedConnections++;
      open.delete(socket);
    });
    socket.on('message', (data) => {
      const { type } = JSON.parse(String(data));
      if (type === 'joined') got.names++;
      if (type === 'refused') got.refusedNames++;
    });
    socket.on('close', () => open.delete(socket));
    socket.on('error', () => open.delete(socket));
  }

  /** As many answers as fit into one message, to questions that there may be. */
  function flood(socket) {
    const answers = Array.from({ length: 200 }, (_, at) => ({
      question: `${1 + (at % 9)}.${1 + Math.floor(at / 9)}`,
      text: 'x'.repeat(300),
      n: ++made * 1000 + at,
    }));
    got.sent++;
    socket.send(JSON.stringify({ type: 'work', answers }));
  }

  return {
    stop: () => {
      clearInterval(timer);
      for (const socket of open) socket.terminate();
      return got;
    },
  };
}
