/** npm start: installs, builds, and starts the server. Options after -- go to the server. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureBuild();
const server = spawn(process.execPath, [join(ROOT, 'server', 'dist', 'index.js'), ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
