import type { FontFiles } from '@diatonix/engraving/pdf';
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { basename } from 'node:path';
import { fileURLToPath } from 'node:url';

const files = createRequire(import.meta.url);

/** In a release the fonts lie beside the command; in the project they are those of the packages. */
function placeOf(path: string): string {
  const beside = fileURLToPath(new URL(`./fonts/${basename(path)}`, import.meta.url));
  return existsSync(beside) ? beside : files.resolve(path);
}

/** A file of a font package. */
export const fontFile = (path: string): Uint8Array => readFileSync(placeOf(path));
const sans = (weight: number) =>
  fontFile(`@fontsource/source-sans-3/files/source-sans-3-latin-${weight}-normal.woff`);
const serif = (weight: number) =>
  fontFile(`@fontsource/source-serif-4/files/source-serif-4-latin-${weight}-normal.woff`);

/** The fonts of the pages. */
export function fonts(): FontFiles {
  return {
    bravura: fontFile('@vexflow-fonts/bravura/bravura.otf'),
    sans400: sans(400),
    sans600: sans(600),
    serif400: serif(400),
    serif600: serif(600),
    single: fontFile('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff'),
    double: fontFile('@fontsource/noto-music/files/noto-music-music-400-normal.woff'),
  };
}
