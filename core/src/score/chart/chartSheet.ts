import type { Chord } from '../../chord/chord';
import type { ChartChord } from './chart';
import type { Score } from '../model/score';
import type { ScoreToRead } from '../model/scoreNote';
import { firstVerse } from '../model/verses';

const BARS_A_LINE = 4;

/** Bars of a chart as text, four to a line: `| G | D7 | Em | G D |`. */
export function chartText(
  { bars }: Pick<ScoreToRead, 'bars'>,
  chart: readonly ChartChord[],
  print: (chord: Chord) => string,
): string {
  const cells = bars.map(({ from, to }) => {
    const own = chart.filter(({ at }) => at >= from && at < to).map(({ chord }) => print(chord));
    return own.length > 0 ? own.join(' ') : '%';
  });
  const lines: string[] = [];
  for (let at = 0; at < cells.length; at += BARS_A_LINE)
    lines.push(`| ${cells.slice(at, at + BARS_A_LINE).join(' | ')} |`);
  return lines.join('\n');
}

/**
 * A chord sheet with words: each line of words with its chords over the syllables on which they begin, for a fixed
 * width of letters. Lines end at phrase ends, given as times, and after four bars without one. The words are those
 * of the first part that has any; null where none has.
 */
export function chartWithWords(
  { bars, notes }: Pick<Score, 'bars' | 'notes'>,
  chart: readonly ChartChord[],
  phraseEnds: readonly number[],
  print: (chord: Chord) => string,
): string | null {
  const singer = notes.find(({ lyric }) => lyric !== undefined)?.part;
  if (singer === undefined) return null;
  const words = notes
    .flatMap(({ part, onset, lyric }) =>
      part === singer && firstVerse(lyric) !== undefined ? [{ at: onset, text: firstVerse(lyric)! }] : [],
    )
    .sort((a, b) => a.at - b.at);
  const cuts = lineEnds(bars, phraseEnds);
  let from = 0;
  const lines = cuts.flatMap((to) => {
    const within = ({ at }: { readonly at: number }) => at >= from && at < to;
    const line = overlaid(
      chart.filter(within).map(({ at, chord }) => ({ at, text: print(chord) })),
      words.filter(within),
    );
    from = to;
    return line.every((row) => row === '') ? [] : [line.filter((row) => row !== '').join('\n')];
  });
  return lines.join('\n\n');
}

/** Times at which lines of the sheet end. */
function lineEnds(bars: Pick<Score, 'bars'>['bars'], phraseEnds: readonly number[]): number[] {
  const ends: number[] = [];
  let since = 0;
  for (const { from, to } of bars) {
    since++;
    const inside = phraseEnds.filter((at) => at > from && at <= to);
    if (inside.length > 0) since = 0;
    ends.push(...inside);
    if (since >= BARS_A_LINE) {
      ends.push(to);
      since = 0;
    }
  }
  const end = bars[bars.length - 1]?.to ?? 0;
  if (ends[ends.length - 1] !== end) ends.push(end);
  return ends;
}

type At = { readonly at: number; readonly text: string };

/** Chords over words; what is too long for its syllable pushes the next one on. */
function overlaid(chords: readonly At[], words: readonly At[]): [string, string] {
  let [over, under] = ['', ''];
  let next = 0;
  const put = (chord: At) => {
    const column = over === '' ? under.length : Math.max(under.length, over.length + 1);
    over = over.padEnd(column) + chord.text;
    return column;
  };
  for (const { at, text } of words) {
    // Chords that begin before the syllable stand before it.
    while (chords[next] && chords[next]!.at < at) {
      put(chords[next++]!);
      under = under.padEnd(over.length + 1);
    }
    const joined = under === '' || under.endsWith('-') || under.endsWith(' ');
    if (!joined) under += ' ';
    if (chords[next]?.at === at) {
      const column = put(chords[next++]!);
      if (column > under.length) under = under.padEnd(column, under.endsWith('-') ? '-' : ' ');
    }
    under += text;
  }
  while (chords[next]) put(chords[next++]!);
  return [over.trimEnd(), under.trimEnd()];
}
