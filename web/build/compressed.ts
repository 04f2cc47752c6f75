import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** Writes a brotli and a gzip copy beside every built text file, which the server sends as they are. */
export function compressed(): Plugin {
  const folder = join(import.meta.dirname, '..', 'dist', 'assets');
  return {
    name: 'compressed-copies',
    apply: 'build',
    closeBundle() {
      if (!existsSync(folder)) return;
      for (const file of readdirSync(folder).filter((name) => /\.(?:js|css|json|svg)$/.test(name))) {
        if (existsSync(join(folder, `${file}.br`))) continue;
        const source = readFileSync(join(folder, file));
        writeFileSync(join(folder, `${file}.br`), brotliCompressSync(source));
        writeFileSync(join(folder, `${file}.gz`), gzipSync(source));
      }
    },
  };
}
