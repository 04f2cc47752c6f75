import { parse, type Font } from 'opentype.js';
import type { FontName } from '@diatonix/engraving';
import bravura from '@vexflow-fonts/bravura/bravura.otf?url';
import sans400 from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff?url';
import sans600 from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff?url';
import serif400 from '@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff?url';
import serif600 from '@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff?url';
import single from '@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff?url';
import double from '@fontsource/noto-music/files/noto-music-music-400-normal.woff?url';

/** Where the fonts of the application lie on its server. */
export const FONT_FILES: Readonly<Record<FontName, string>> = {
  bravura,
  sans400,
  sans600,
  serif400,
  serif600,
  single,
  double,
};
export type Fonts = Readonly<Record<FontName, Font>>;

let loading: Promise<Fonts> | null = null;

/** The application's own fonts as outlines, loaded once; they come from this server. */
export function loadFonts(): Promise<Fonts> {
  loading ??= Promise.all(
    (Object.keys(FONT_FILES) as FontName[]).map(
      async (name) => [name, parse(await (await fetch(FONT_FILES[name])).arrayBuffer())] as const,
    ),
  ).then((entries) => Object.fromEntries(entries) as Fonts);
  loading.catch(() => {
    loading = null;
  });
  return loading;
}
