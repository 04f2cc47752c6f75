#!/usr/bin/env node
/** Starts the built command; builds it first when a source is newer. */
import { existsSync, readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');
const built = join(root, 'command', 'dist', 'diatonix.mjs');

function newest(folder) {
  let time = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    time = Math.max(time, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return time;
}

const sources = Math.max(
  ...['core', 'doors', 'engraving', 'command'].map((folder) => newest(join(root, folder, 'src'))),
);
if (!existsSync(built) || statSync(built).mtimeMs < sources) {
  const { ensurePackages, run } = await import('../../scripts/setup.mjs');
  ensurePackages();
  // The build's own words go to the error stream: standard output is the command's.
  run('npm', ['run', '--silent', 'build', '--workspace', 'command'], { stdio: ['ignore', 2, 2] });
}
await import(built);
