/**
 * npm run release: release/diatonix-<version>.zip, which needs nothing but Node: server and command as a
 * few files, the pages as they are built, their licences inside, source maps beside; and the pages alone, for a web
 * server that only hands out files (docs/hosting.md).
 * `node scripts/release.mjs FOLDER` writes it there instead.
 */
import { build } from 'esbuild';
import { zipSync } from 'fflate';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { buildPages } from './release/pages.mjs';
import { ensureBuild, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureBuild();
const { version } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'));
const out = process.argv[2] ?? join(ROOT, 'release');
const name = `diatonix-${version}`;
const folder = join(out, name);
const lib = join(folder, 'lib');
rmSync(folder, { recursive: true, force: true });
mkdirSync(join(lib, 'fonts'), { recursive: true });

const REQUIRE = "import{createRequire}from'module';const require=createRequire(import.meta.url);";
const bundle = (entry, outfile) =>
  build({
    entryPoints: [join(ROOT, entry)],
    outfile: join(lib, outfile),
    bundle: true,
    minify: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: 'external',
    mainFields: ['module', 'main'],
    logLevel: 'warning',
    alias: { '@diatonix/doors/sound': join(ROOT, 'doors', 'src', 'sound.ts') },
    // Some packages look for files beside them; those that are used lie in `fonts`.
    define: { __dirname: 'import.meta.dirname' },
    banner: { js: REQUIRE },
  });
await bundle('server/src/index.ts', 'server.mjs');
await bundle('command/src/main.ts', 'command.mjs');
await bundle('command/src/pdf.ts', 'pdf.mjs');

for (const path of [
  ...['@vexflow-fonts/bravura/bravura.otf', '@vexflow-fonts/bravura/bravura.woff2'],
  ...[400, 600].map((weight) => `@fontsource/source-sans-3/files/source-sans-3-latin-${weight}-normal.woff`),
  ...[400, 600].map(
    (weight) => `@fontsource/source-serif-4/files/source-serif-4-latin-${weight}-normal.woff`,
  ),
  ...['@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff'],
  ...['@fontsource/noto-music/files/noto-music-music-400-normal.woff'],
])
  cpSync(join(ROOT, 'node_modules', path), join(lib, 'fonts', path.split('/').pop()));
cpSync(join(ROOT, 'web', 'dist'), join(lib, 'pages'), { recursive: true });
cpSync(join(ROOT, 'scripts', 'release', 'diatonix.mjs'), join(folder, 'diatonix.mjs'));
for (const file of ['LICENSE', 'CHANGELOG.md']) cpSync(join(ROOT, file), join(folder, file));
writeFileSync(join(folder, 'README.txt'), readme());

/** Source maps go beside the zip: they are for those who look for a fault. */
const maps = {};
const files = {};
for (const path of everyFile(folder)) {
  const own = relative(folder, path).split('\\').join('/');
  (own.endsWith('.map') ? maps : files)[`${name}/${own}`] = readFileSync(path);
}
const zip = join(out, `${name}.zip`);
writeFileSync(zip, zipSync(files, { level: 6 }));
writeFileSync(join(out, `${name}-maps.zip`), zipSync(maps, { level: 6 }));
rmSync(folder, { recursive: true, force: true });

const pages = join(out, `${name}-pages`);
buildPages(pages);
const pageFiles = everyFile(pages).filter((path) => !path.endsWith('.map'));
const packed = pageFiles.map((path) => [relative(pages, path).split('\\').join('/'), readFileSync(path)]);
writeFileSync(`${pages}.zip`, zipSync(Object.fromEntries(packed), { level: 6 }));
rmSync(pages, { recursive: true, force: true });
console.log(`${zip}: ${(statSync(zip).size / 1e6).toFixed(1)} MB, ${Object.keys(files).length} files`);

function everyFile(at) {
  return readdirSync(at, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? everyFile(join(at, entry.name)) : [join(at, entry.name)],
  );
}

function readme() {
  return `Diatonix ${version}

Needs Node 20.19 or newer (nodejs.org), and nothing else. In this folder:

  node diatonix.mjs                 starts it, and prints the address for your browser
  node diatonix.mjs --empty         without the demo
  node diatonix.mjs --class         pupils in the same network may join
  node diatonix.mjs --port 8000     on another port
  node diatonix.mjs read FILE …     the command; "node diatonix.mjs help" lists what it does

Work is kept in the browser, nothing is sent anywhere. Licences of what it is made of:
the page "About Diatonix" in the application, and lib/pages/third-party.txt.
`;
}
