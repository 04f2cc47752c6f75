import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { build } from 'esbuild';
const made = '/tmp/odd.mjs';
await build({
  entryPoints: ['/work/main/command/test/oddRequests.ts'],
  bundle: true,
  platform: 'node',
  format: 'esm',
  outfile: made,
  logLevel: 'error',
});
const { oddLine, seeded } = await import(made);
const random = seeded(Number(process.argv[3] ?? 1));
const N = Number(process.argv[2]);
const command = spawn(process.execPath, ['/work/main/command/bin/diatonix.mjs', 'lines'], {
  stdio: ['pipe', 'pipe', 'inherit'],
});
const lines = [];
let answered = 0;
const internal = new Map();
const reading = (async () => {
  for await (const line of createInterface({ input: command.stdout })) {
    const a = JSON.parse(line);
    if (a.error?.code === 'internal') {
      const k = a.error.message.slice(0, 140) + ' | ' + JSON.parse(lines[answered] || '{}')?.do;
      if (!internal.has(k)) internal.set(k, [0, lines[answered].slice(0, 300)]);
      internal.get(k)[0]++;
    }
    answered++;
  }
})();
for (let i = 0; i < N; i++) {
  const l = oddLine(random);
  lines.push(l);
  if (!command.stdin.write(l + '\n')) await new Promise((r) => command.stdin.once('drain', r));
}
command.stdin.end();
await reading;
console.log(answered, internal.size);
for (const [k, [n, l]] of internal) console.log(n, k, '\n   ', l);
