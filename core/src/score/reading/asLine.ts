import { sameKey, printKey } from '../../key/key';
import { printNumeral } from '../../label/numeralPrint';
import type { LineColumn } from '../../line/column';
import { LONGEST_TICKS, printLength } from '../../time/length';
import { barTicks, printMetre } from '../../time/metre';
import type { ScoreToRead } from '../model/scoreNote';
import type { ReadChord, ScoreReading } from './scoreReading';

/** The chords of a score as a line with its bars: what the Progressions bench and the files of lines take. */
export interface ScoreLine {
  readonly key: string;
  readonly metre: string;
  readonly upbeat: string;
  readonly columns: readonly LineColumn[];
}

/** The chords of a reading as columns, with their keys, lengths and phrase ends; null for no chords. */
export function lineOfReading({ bars }: ScoreToRead, { chords, phraseEnds }: ScoreReading): ScoreLine | null {
  const [first] = chords;
  const [bar] = bars;
  if (!first || !bar) return null;
  const ends = new Set(phraseEnds.map(({ at }) => at));
  const upbeat = bar.to - bar.from < barTicks(bar.metre) ? bar.to - bar.from : 0;
  const metres = new Map(bars.map(({ from, metre }) => [from, printMetre(metre)]));
  let metre = printMetre(bar.metre);
  const columns: LineColumn[] = first.from > 0 ? [rest(first.from)] : [];
  chords.forEach((chord, at) => {
    const before: ReadChord | undefined = chords[at - 1];
    if (before && before.to < chord.from) {
      const begins = metres.get(before.to) ?? metre;
      const change = begins !== metre ? { metre: begins } : {};
      columns.push({ ...rest(chord.from - before.to), ...change });
      metre = begins;
    }
    const now = metres.get(chord.from) ?? metre;
    columns.push({
      entry: { kind: 'numeral', text: printNumeral(chord.numeral, chord.key) },
      length: printLength(Math.min(LONGEST_TICKS, chord.to - chord.from)),
      ...(before && !sameKey(before.key, chord.key) ? { key: printKey(chord.key) } : {}),
      ...(ends.has(chord.to) && at < chords.length - 1 ? { phraseEnd: true } : {}),
      ...(now !== metre ? { metre: now } : {}),
    });
    metre = now;
  });
  return {
    key: printKey(first.key),
    metre: printMetre(bar.metre),
    upbeat: upbeat === 0 ? '0' : printLength(upbeat),
    columns,
  };
}

function rest(ticks: number): LineColumn {
  return { entry: { kind: 'rest', text: 'N.C.' }, length: printLength(Math.min(LONGEST_TICKS, ticks)) };
}
