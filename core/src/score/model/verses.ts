/** Verses of a note's words stand after line breaks. */
const BREAK = '\n';

/** The words of a note, verse by verse; empty where a verse has nothing here. */
export const versesOf = (lyric: string | undefined): readonly string[] => lyric?.split(BREAK) ?? [];

/** The words of a note in its first verse; undefined where it has none. */
export const firstVerse = (lyric: string | undefined): string | undefined => versesOf(lyric)[0] || undefined;

/** Verses as the words of a note; undefined where none has any. */
export function lyricOf(verses: readonly string[]): string | undefined {
  const plain = verses.map((verse) => verse.replace(/\s+/g, ' ').trim());
  while (plain.length > 0 && plain[plain.length - 1] === '') plain.pop();
  return plain.length === 0 ? undefined : plain.join(BREAK);
}
