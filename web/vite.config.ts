import react from '@vitejs/plugin-react';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { defineConfig } from 'vite';
import { compressed } from './build/compressed.ts';
import { fewGlyphs } from './build/fewGlyphs.ts';
import { pianoSamples } from './build/pianoSamples.ts';

/** Packages that jspdf would load for pictures of HTML, which are not used: nothing is shipped for them. */
const UNUSED = ['html2canvas', 'canvg', 'dompurify'];

/** Sentences about what the first bench does not speak of; they would bring what they speak of along. */
const LATER_WORDS =
  'answer|kind|prompt|question|mistake|marking|practice|score|chart|compare|contextReasons|length|nonTertian|' +
  'note|readings|rules|unknownChord|(?:chord|interval|figures|numeral|key)?[sS]teps|say';
/** Rooms of core that the first bench does without. */
const LATER_ROOMS = 'line|time|context|exercise|practice|score|voicing|passage|working';
/** Readers of what is typed or struck, which a bench asks for when something is. */
const LATER_READERS =
  'label/(?:numeralsFor|respelledReadings|numeralParse|figures)|interval/(?:readName|intervalLine)|' +
  'chord/(?:identify|symbolParse)';
/** Parts of margins and menus, which open after the bench is there. */
const LATER_PARTS = 'design/(?:Margin|menu|fields)|parts/Working';
/** What keeps the work comes after the first bench where nothing was kept before. */
const LATER_DOCUMENTS =
  'benches/merge|documents/(?:checks|merging|migrations|marking|store/(?:freeTitle|today)|' +
  'kinds/(?:pile/|\\w+/(?:check|merge|spec))|' +
  'files/(?:importFile|workbookText|incoming|readWorkbookParts)|' +
  'persistence/(?:admit|asideRows|checksum|database|rows|saving|startPersistence|storageTimeout|workbooks))';
const LATER_IN_CORE = `${LATER_ROOMS}|${LATER_READERS}|words/(?:${LATER_WORDS})`;
const COMMON = new RegExp(`/(?:web/src/(?!${LATER_PARTS}|${LATER_DOCUMENTS})|core/src/(?!${LATER_IN_CORE}))`);

const PRODUCTION_ROUTER = join(
  dirname(createRequire(import.meta.url).resolve('react-router/package.json')),
  'dist/production/index.mjs',
);

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), pianoSamples(), fewGlyphs(), compressed()],
  resolve: {
    alias: [
      ...UNUSED.map((find) => ({
        find,
        replacement: join(import.meta.dirname, 'src', 'pictures', 'unused.ts'),
      })),
      // The build of the package for today's browsers, which is smaller than the one it offers first.
      { find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' },
      // What the package offers first is its build for development.
      { find: /^react-router$/, replacement: PRODUCTION_ROUTER },
    ],
  },
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    outDir: 'dist',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    sourcemap: true,
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
