import { join } from 'node:path';
import { defineConfig } from 'vite';
import { keptFiles } from './build/keptFiles.ts';

const dist = join(import.meta.dirname, 'dist');

/** The service worker, built last: it lists what the other builds made. */
export default defineConfig({
  root: import.meta.dirname,
  define: { __FILES__: JSON.stringify(keptFiles(dist)), 'process.env.NODE_ENV': '"production"' },
  build: {
    target: 'es2022',
    outDir: 'dist',
    emptyOutDir: false,
    copyPublicDir: false,
    rolldownOptions: {
      input: { 'service-worker': join(import.meta.dirname, 'src', 'offline', 'worker.ts') },
      output: { entryFileNames: '[name].js', format: 'iife' },
    },
  },
});
