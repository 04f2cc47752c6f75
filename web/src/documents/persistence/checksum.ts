/**
 * A short mark of what is written: a row with the right one was checked when it was written, by this version of
 * the page, and has not been touched since. FNV-1a over its JSON, 32 bits; a guard against accidents, not
 * against forgers, whose rows still fall to the boundaries of the benches.
 */
export function checksumOf(version: number, kind: string, body: unknown): number {
  const text = `${version} ${kind} ${JSON.stringify(body)}`;
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at++) {
    hash ^= text.charCodeAt(at);
    hash = Math.imul(hash, 0x01000193);
  }
  return hash >>> 0;
}
