import type { VexFlow } from './surface';

const DONE = new WeakSet<object>();

/**
 * Fonts and styles are flat; the package copies each by `structuredClone` whenever one is asked for, which is a fifth
 * of engraving. From here on it copies them plainly.
 */
export function copyLightly({ Metrics }: Pick<Partial<VexFlow>, 'Metrics'>): void {
  // The package's other build, which tests run, keeps it to itself.
  if (!Metrics || DONE.has(Metrics)) return;
  DONE.add(Metrics);
  const plain = Metrics as unknown as Record<'getFontInfo' | 'getStyle', (key: string) => object> & {
    readonly cacheFont: ReadonlyMap<string, object>;
    readonly cacheStyle: ReadonlyMap<string, object>;
  };
  const { getFontInfo, getStyle } = plain;
  plain.getFontInfo = function (key) {
    const known = plain.cacheFont.get(key);
    return known ? { ...known } : getFontInfo.call(plain, key);
  };
  plain.getStyle = function (key) {
    const known = plain.cacheStyle.get(key);
    return known ? { ...known } : getStyle.call(plain, key);
  };
}
