import { existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { startClass } from './class/start';
import { answerUnread } from './unread';
import { secureServer } from './secure';
import { EVERYWHERE, readOptions } from './options';

const options = readOptions(process.argv.slice(2));
if (!options.ok) {
  console.error(options.message);
  process.exit(2);
}

const here = dirname(fileURLToPath(import.meta.url));
// In a release the pages lie beside the server; in the project where they were built.
const root = [join(here, 'pages'), join(here, '..', '..', 'web', 'dist')].find(existsSync) ?? here;
const { empty, isClass, secure } = options.value;
const app = createApp({ root, empty, isClass });
const server = secure ? secureServer(secure, app.callback()) : createServer(app.callback());
const scheme = secure ? 'https' : 'http';
answerUnread(server);
server.on('error', (error: NodeJS.ErrnoException) => {
  const { host, port } = options.value;
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} on ${host} is taken. Choose another: npm start -- --port ${port + 1}`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
server.listen(options.value.port, options.value.host, () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : options.value.port;
  const host = options.value.host === EVERYWHERE ? 'localhost' : options.value.host;
  console.log(`Diatonix is at ${scheme}://${host}:${port}/  (Ctrl+C stops it)`);
  if (isClass) void startClass(server, { host: options.value.host, port, scheme });
});
