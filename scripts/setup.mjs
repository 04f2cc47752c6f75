/** Set-up that start, test, bench and screenshots share; every step is skipped when it is already done. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
const CACHE = join(ROOT, 'node_modules', '.cache', 'diatonix');

/**
 * Runs a command in the project's folder, its words to the error stream: answers alone go to standard output.
 * Ends the process when it fails.
 */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: ['inherit', 2, 2], ...options });
  if (result.status !== 0) {
    console.error(`“${command} ${args.join(' ')}” failed${result.error ? `: ${result.error.message}` : ''}.`);
    process.exit(result.status ?? 1);
  }
}

function remember(name, value) {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(join(CACHE, name), value);
}

function remembered(name) {
  const path = join(CACHE, name);
  return existsSync(path) ? readFileSync(path, 'utf8') : null;
}

/** Installs the packages of the lockfile, once for each lockfile. */
export function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (remembered('lock') === lock) return;
  console.error('Installing packages…');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  remember('lock', lock);
}

function newestChange(folder) {
  let newest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.name === 'node_modules' || entry.name === 'dist') continue;
    const path = join(folder, entry.name);
    newest = Math.max(newest, entry.isDirectory() ? newestChange(path) : statSync(path).mtimeMs);
  }
  return newest;
}

/** Builds the application, the server and the command when a source is newer than the last build. */
export function ensureBuild() {
  const newest = String(
    Math.max(
      ...['core', 'doors', 'engraving', 'web', 'server', 'command', 'demo'].map((folder) =>
        newestChange(join(ROOT, folder)),
      ),
    ),
  );
  const built = ['web/dist/index.html', 'server/dist/index.js'].every((path) => existsSync(join(ROOT, path)));
  if (built && remembered('build') === newest) return;
  console.error('Building…');
  run('npm', ['run', '--silent', 'build']);
  remember('build', newest);
}

/** Debian's Chromium without a window: a fifth less work for the same pages than the whole browser. */
const HEADLESS = '/usr/bin/chromium-headless-shell';
const WHOLE = '/usr/bin/chromium';

/** Debian's headless Chromium, installed when it is missing; the whole browser where there is no other. Its path. */
export function ensureChromium() {
  if (existsSync(HEADLESS)) return HEADLESS;
  console.error('Installing Chromium…');
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const [command, ...before] = process.getuid?.() === 0 ? ['apt-get'] : ['sudo', 'apt-get'];
  spawnSync(command, [...before, 'update', '-qq'], { stdio: ['inherit', 2, 2], env });
  const install = [...before, 'install', '-y', '-qq', 'chromium-headless-shell'];
  if (existsSync(WHOLE)) spawnSync(command, install, { stdio: ['inherit', 2, 2], env });
  else run(command, install, { env });
  return existsSync(HEADLESS) ? HEADLESS : WHOLE;
}
