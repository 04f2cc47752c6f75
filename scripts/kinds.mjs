/** npm run kinds: writes docs/kinds.md from the kinds of exercise. */
import { build } from 'esbuild';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
const out = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'kinds.cjs');
await build({
  entryPoints: [join(ROOT, 'command', 'src', 'kindsTable.ts')],
  bundle: true,
  platform: 'node',
  format: 'cjs',
  outfile: out,
  logLevel: 'warning',
});
const { kindsTable } = (await import(out)).default;
const path = join(ROOT, 'docs', 'kinds.md');
writeFileSync(path, await format(kindsTable(), { ...(await resolveConfig(path)), parser: 'markdown' }));
