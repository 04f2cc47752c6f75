/** The reading of scores with its fit and its data, bundled for Node. */
import { build } from 'esbuild';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../setup.mjs';

/** Where the chorales with their labels are. */
export const CHORALES = join(ROOT, 'core', 'test', 'oracles');

export async function loadReading() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'reading.cjs');
  await build({
    entryPoints: [join(ROOT, 'scripts', 'fit', 'reading.ts')],
    bundle: true,
    platform: 'node',
    format: 'cjs',
    outfile,
    logLevel: 'warning',
  });
  return (await import(outfile)).default;
}
