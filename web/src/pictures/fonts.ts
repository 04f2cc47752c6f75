import { parse, type Font } from 'opentype.js';
import bravura from '@vexflow-fonts/bravura/bravura.otf?url';
import sans400 from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff?url';
import sans600 from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff?url';
import serif400 from '@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff?url';
import serif600 from '@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff?url';
import single from '@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff?url';
import double from '@fontsource/noto-music/files/noto-music-music-400-normal.woff?url';

const FILES = { bravura, sans400, sans600, serif400, serif600, single, double };
export type FontName = keyof typeof FILES;
export type Fonts = Readonly<Record<FontName, Font>>;

let loading: Promise<Fonts> | null = null;

/** The application's own fonts as outlines, loaded once; they come from this server. */
export function loadFonts(): Promise<Fonts> {
  loading ??= Promise.all(
    (Object.keys(FILES) as FontName[]).map(async (name) => [name, parse(await (await fetch(FILES[name])).arrayBuffer())] as const),
  ).then((entries) => Object.fromEntries(entries) as Fonts);
  loading.catch(() => {
    loading = null;
  });
  return loading;
}

/** Sizes of the accidental fonts beside the text, as accidentals.css has them. */
const ADJUST: Partial<Record<FontName, number>> = { single: 0.88, double: 1.35 };

/** The font and size that the page shows a character in. */
export function fontFor(char: string, family: string, weight: number): { readonly name: FontName; readonly adjust: number } {
  const name = nameFor(char, family, weight);
  return { name, adjust: ADJUST[name] ?? 1 };
}

function nameFor(char: string, family: string, weight: number): FontName {
  const heavy = weight >= 600;
  if (/Bravura/.test(family)) return 'bravura';
  if (/[♭♮♯]/.test(char)) return 'single';
  if (/[𝄪𝄫]/u.test(char)) return 'double';
  if (/Serif/.test(family)) return heavy ? 'serif600' : 'serif400';
  return heavy ? 'sans600' : 'sans400';
}
