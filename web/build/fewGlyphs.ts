import subsetFont from 'subset-font';
import type { Plugin } from 'vite';

/** Fonts of which a few signs are used, as the style sheet says by their ranges, and those signs. */
const FEW: readonly (readonly [file: RegExp, signs: string])[] = [
  [/dejavu-sans-latin-400-normal\.woff2$/, '♭♮♯'],
  [/noto-music-music-400-normal\.woff2$/, '𝄪𝄫'],
];

/** Cuts fonts down to the signs that are used: the whole ones are a quarter of a megabyte for three. */
export function fewGlyphs(): Plugin {
  return {
    name: 'few-glyphs',
    apply: 'build',
    enforce: 'pre',
    async generateBundle(_, bundle) {
      for (const one of Object.values(bundle)) {
        if (one.type !== 'asset') continue;
        const path = one.originalFileNames.find((name) => FEW.some(([file]) => file.test(name)));
        const few = FEW.find(([file]) => path !== undefined && file.test(path));
        if (!few) continue;
        one.source = await subsetFont(Buffer.from(one.source), few[1], { targetFormat: 'woff2' });
      }
    },
  };
}
