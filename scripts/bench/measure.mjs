/** Small helpers for the bench: percentiles, and the core bundled for Node. */
import { build } from 'esbuild';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from '../setup.mjs';

/** The value below which the share `p` (0–1) of the values lies. */
export function percentile(values, p) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))];
}

export function report(name, value, target) {
  console.log(`${name.padEnd(62)} ${String(value).padStart(14)}   ${target}`);
}

/** The core as one module, built as it ships. */
export async function loadCore() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'diatonix-bench-')), 'core.mjs');
  await build({
    entryPoints: [join(ROOT, 'core/src/index.ts')],
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'error',
  });
  return import(pathToFileURL(outfile).href);
}
