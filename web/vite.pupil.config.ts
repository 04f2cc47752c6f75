import react from '@vitejs/plugin-react';
import { join } from 'node:path';
import { defineConfig } from 'vite';
import { compressed } from './build/compressed.ts';
import { fewGlyphs } from './build/fewGlyphs.ts';
import { pianoSamples } from './build/pianoSamples.ts';

/** The pupils' page is built by itself, beside the application: nothing of a bench comes along with it. */
export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), pianoSamples(), fewGlyphs(), compressed()],
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    outDir: 'dist',
    // What the application was built into stays.
    emptyOutDir: false,
    copyPublicDir: false,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 2000,
    rolldownOptions: { input: join(import.meta.dirname, 'pupil.html') },
  },
});
