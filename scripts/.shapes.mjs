import { build } from 'esbuild';
await build({
  stdin: {
    contents: `export {ASKING, askQuestions} from './core/src/index';`,
    resolveDir: '/work/main',
    loader: 'ts',
  },
  bundle: true,
  platform: 'node',
  format: 'esm',
  outfile: '/tmp/core.mjs',
  logLevel: 'error',
});
const { ASKING, askQuestions } = await import('/tmp/core.mjs');
const shape = (v) =>
  v === null
    ? 'null'
    : Array.isArray(v)
      ? '[' + [...new Set(v.map(shape))].sort().join('|') + ']'
      : typeof v === 'object'
        ? '{' +
          Object.keys(v)
            .sort()
            .map((k) => k + ':' + shape(v[k]))
            .join(',') +
          '}'
        : typeof v;
const fields = {};
for (const { id } of ASKING) {
  const g = {};
  let n = 0;
  const ans = new Set();
  for (let s = 1; s < 12; s++) {
    const { questions } = askQuestions({ kind: id, seed: s, count: 12 });
    for (const q of questions) {
      n++;
      for (const [k, v] of Object.entries(q.given)) {
        (g[k] ??= { n: 0, s: new Set() }).n++;
        g[k].s.add(shape(v));
        (fields[k] ??= new Set()).add(shape(v));
      }
      for (const a of q.answers) ans.add(shape(a));
    }
  }
  console.log(
    id,
    Object.entries(g)
      .map(([k, { n: m, s }]) => k + (m < n ? '?' : '') + '=' + [...s].slice(0, 3).join(' / '))
      .join('; '),
    ' ANS ',
    [...ans].slice(0, 4).join(' / '),
  );
}
console.log();
for (const [k, s] of Object.entries(fields)) console.log(k, [...s].slice(0, 6).join('   '));
