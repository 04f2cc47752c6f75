/** The pages alone, for a web server that only hands out files: built anew, so that they lie under any path. */
import { execFileSync } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../setup.mjs';

/** Builds the pages into a folder; addresses in them are relative, and what stands behind the # is the bench. */
export function buildPages(folder) {
  rmSync(folder, { recursive: true, force: true });
  const vite = join(ROOT, 'node_modules', 'vite', 'bin', 'vite.js');
  const own = ['--mode', 'pages', '--base', './', '--outDir', folder, '--logLevel', 'warn'];
  const options = { cwd: join(ROOT, 'web'), stdio: ['ignore', 'ignore', 'inherit'] };
  execFileSync(process.execPath, [vite, 'build', ...own], options);
  execFileSync(process.execPath, [vite, 'build', '--config', 'vite.pupil.config.ts', ...own], options);
  for (const name of ['index.html', 'pupil.html']) {
    const path = join(folder, name);
    // What the pages do without a server of their own, they ask of this.
    const mark = '<meta name="diatonix-hosting" content="pages" />';
    writeFileSync(path, readFileSync(path, 'utf8').replace('<head>', `<head>\n    ${mark}`));
  }
}
