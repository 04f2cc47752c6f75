/** At length what the tests try briefly: odd lines, odd workbooks, kills. `npm run bench -- odd` runs it. */
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { build } from 'esbuild';
import { launch, startServer } from '../browser.mjs';
import { killWhileTyping } from '../odd/kills.mjs';
import { killPupils } from '../odd/pupilKills.mjs';
import { editInTwoTabs } from '../odd/tabs.mjs';
import { tryOddWorkbooks } from '../odd/workbooks.mjs';
import { ROOT } from '../setup.mjs';
import { report } from './measure.mjs';

const LINES = Number(process.env.ODD_LINES ?? 300_000);
const WORKBOOKS = Number(process.env.ODD_WORKBOOKS ?? 500);
const KILLS = Number(process.env.KILLS ?? 200);
const TAB_EDITS = Number(process.env.TAB_EDITS ?? 2000);
const PUPIL_KILLS = Number(process.env.PUPIL_KILLS ?? 40);
/** So often a request whose answer is known stands between the odd ones. */
const MARK_EVERY = 50;

await lines();
await workbooks();
await kills();
await tabs();
await pupils();

async function lines() {
  const made = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'odd.mjs');
  await build({
    entryPoints: [join(ROOT, 'command', 'test', 'oddRequests.ts')],
    bundle: true,
    platform: 'node',
    format: 'esm',
    outfile: made,
    logLevel: 'error',
  });
  const { oddLine, seeded } = await import(made);
  const random = seeded(Number(process.env.SEED ?? 1));
  const command = spawn(process.execPath, [join(ROOT, 'command', 'bin', 'diatonix.mjs'), 'lines'], {
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  let asked = 0;
  let answered = 0;
  let internal = 0;
  let outOfOrder = 0;
  const marks = new Map();
  const ended = new Promise((resolve) => command.on('exit', resolve));
  const reading = (async () => {
    for await (const line of createInterface({ input: command.stdout })) {
      const answer = JSON.parse(line);
      if (answer.error?.code === 'internal') internal++;
      if (marks.has(answered) && answer.note !== marks.get(answered)) outOfOrder++;
      answered++;
    }
  })();
  const begin = performance.now();
  for (let at = 0; at < LINES; at++) {
    let line = oddLine(random);
    if (at % MARK_EVERY === 0) {
      const octave = Math.floor(random() * 8);
      line = JSON.stringify({ do: 'transpose', from: `C${octave}`, by: 'P5' });
      marks.set(asked, `G${octave}`);
    }
    asked++;
    if (!command.stdin.write(`${line}\n`))
      await new Promise((resolve) => command.stdin.once('drain', resolve));
  }
  command.stdin.end();
  await Promise.all([ended, reading]);
  report(`odd lines: answers to ${asked} requests`, String(answered), String(asked));
  report('odd lines: answered as what should not happen', String(internal), '0');
  report(`odd lines: known answers out of order among ${marks.size}`, String(outOfOrder), '0');
  report('odd lines: all of them', `${((performance.now() - begin) / 1000).toFixed(1)} s`, '');
}

async function workbooks() {
  const server = await startServer();
  const browser = await launch();
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const found = await tryOddWorkbooks(context, server.address, { count: WORKBOOKS, seed: 1 });
  report(`odd workbooks and rows: blank pages among ${found.tried}`, String(found.blank.length), '0');
  report('odd workbooks and rows: benches that could not be drawn', String(found.fallen.length), '0');
  report('odd workbooks and rows: errors that nothing caught', String(found.thrown.length), '0');
  await browser.close();
  server.stop();
}

async function kills() {
  const server = await startServer('--empty');
  const found = await killWhileTyping(server.address, { count: KILLS, seed: 1 });
  report(
    `edits older than 150 ms lost in ${found.kills} kills (${found.due} edits were due)`,
    String(found.lost.length),
    '0',
  );
  server.stop();
}

async function tabs() {
  const { written, told, lost, agree } = await editInTwoTabs({ edits: TAB_EDITS, seed: 1 });
  report(
    `two tabs, ${TAB_EDITS} random edits each: lost of ${written} things written`,
    String(lost.length),
    '0',
  );
  report('two tabs: clashes told in both', told.join(' and '), 'the same');
  report('two tabs: both show the same in the end', String(agree), 'true');
}

async function pupils() {
  const { kills: count, due, lost, missing } = await killPupils({ count: PUPIL_KILLS, seed: 1 });
  report(
    `pupils’ browsers killed ${count} times: lost of ${due} letters that were due`,
    String(lost.length),
    '0',
  );
  report('pupils’ browsers killed: answers that the teacher lacks', String(missing.length), '0');
}
