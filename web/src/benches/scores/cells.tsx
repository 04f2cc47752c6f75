import {
  barAt,
  beatIn,
  beatWords,
  cadenceWords,
  Kept,
  localFunction,
  numeralParts,
  printFigure,
  printSymbol,
  sameKey,
  shortFigures,
  speakNumeral,
  vocabulary,
  type CadenceKind,
  type ChartChord,
  type Numeral,
  type NumeralParts,
  type ReadChord,
  type ScoreBar,
  type LabelStyle,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import type { GridCell } from '../../columns/types';
import { accidentalSigns } from '../../design/signs';
import { keyName } from '../../parts/names';
import { Figures, NumeralText } from '../../parts/NumeralText';
import type { Compared } from './theirLabels';

/** A chord of the score as it stands under its system. */
export interface ChordColumn {
  readonly from: number;
  readonly to: number;
  readonly sentence: string;
  /** `letters` says how long a label is where it is not as long as what is read aloud. */
  readonly cells: Readonly<Record<string, GridCell & { readonly letters?: number }>>;
  readonly keyBegins: boolean;
  readonly ruled: boolean;
}

/** The chords of the chart that begin in the time of a chord; one that would be missed has its mark. */
function chartCell(chart: readonly ChartChord[], { from, to }: ReadChord, school: LabelStyle): GridCell {
  const own = chart
    .filter(({ at }) => at >= from && at < to)
    .map(({ chord, hurts }) => {
      const symbol = printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols });
      return hurts.length > 0 ? `${symbol}!` : symbol;
    });
  return { text: own.join(' '), content: <b>{accidentalSigns(own.join(' '))}</b> };
}

/** Their labels under each chord: all that begin in its time, those that differ in correction ink. */
function theirCells(
  { labels, comparison }: Compared,
  chords: readonly ReadChord[],
  school: LabelStyle,
): (GridCell & { readonly letters: number })[] {
  const differs = new Set(comparison.differences.map(({ theirs, ours }) => `${theirs} ${ours}`));
  return chords.map(({ from, to }, ours) => {
    const own = labels.flatMap((label, theirs) =>
      label.from < to && label.to > from && (label.from >= from || differs.has(`${theirs} ${ours}`))
        ? [{ parts: numeralParts(label.numeral, label.key, school), wrong: differs.has(`${theirs} ${ours}`) }]
        : [],
    );
    return {
      text: own.map(({ parts, wrong }) => `${speakNumeral(parts)}${wrong ? ', differs' : ''}`).join(', '),
      letters: own.reduce((sum, { parts }) => sum + numeralLetters(parts) + 0.8, 0),
      content: own.map(({ parts, wrong }, at) => (
        <span key={at} className={wrong ? 'wrong theirs' : 'theirs'}>
          <NumeralText parts={parts} />
        </span>
      )),
    };
  });
}

/** The numeral as the school shows it: a six-four over the dominant that follows as such. */
export function shownNumeral({ numeral, reason }: ReadChord): Numeral {
  return reason === 'cadential-six-four' && numeral.special === null
    ? { ...numeral, special: 'Cad' }
    : numeral;
}

/** How many letters wide a numeral is set; figures stand on each other and small. */
function numeralLetters({ roman, prefix, quality, word, figures, rest, bass, target }: NumeralParts): number {
  const own = roman.length + prefix.length + (quality ? 0.6 : 0) + word.length + (rest + bass).length;
  return own + (figures.length > 0 ? 0.8 : 0) + (target ? 0.5 + 0.8 * numeralLetters(target) : 0);
}

/** The numeral of a pivot chord in the other key: before its own where that is the key it leaves. */
function Pivot({
  pivot: { key, numeral, leaves },
  school,
}: {
  readonly pivot: NonNullable<ReadChord['pivot']>;
  readonly school: LabelStyle;
}) {
  return (
    <span className={leaves ? 'pivot' : 'pivot after'}>
      <NumeralText parts={numeralParts(numeral, key, school)} />
    </span>
  );
}

/** A pivot chord in the other key, as it is said and how wide it is. */
function pivotWords({ numeral, key }: NonNullable<ReadChord['pivot']>, school: LabelStyle) {
  const parts = numeralParts(numeral, key, school);
  return { spoken: `${speakNumeral(parts)} in ${keyName(key, school)}`, letters: numeralLetters(parts) };
}

/** What a column is made of. */
interface ColumnInputs {
  readonly one: ReadChord;
  readonly keyBegins: boolean;
  readonly cadence: CadenceKind | null;
  readonly bar: ScoreBar;
  readonly school: LabelStyle;
}

/** The chords of a reading as columns; one of which nothing changes stays the same object. */
export class ChordColumns {
  private readonly columns = new Kept(chordColumn);

  build(
    score: ScoreToRead,
    { chords, cadences }: ScoreReading,
    school: LabelStyle,
    compared: Compared | null = null,
    chart: readonly ChartChord[] | null = null,
  ): ChordColumn[] {
    const theirs = compared ? theirCells(compared, chords, school) : null;
    const cadenceAt = new Map(cadences.map(({ at, kind }) => [at, kind]));
    const columns = chords.map((one, at): ChordColumn => {
      const before = chords[at - 1];
      const column = this.columns.of(String(one.from), {
        one,
        keyBegins: !before || !sameKey(before.key, one.key),
        cadence: cadenceAt.get(at) ?? null,
        bar: barAt(score.bars, one.from)!,
        school,
      });
      if (!theirs && !chart) return column;
      return {
        ...column,
        cells: {
          ...column.cells,
          ...(theirs ? { theirs: theirs[at]! } : {}),
          ...(chart ? { chart: chartCell(chart, one, school) } : {}),
        },
      };
    });
    this.columns.round();
    return columns;
  }
}

function chordColumn({ one, keyBegins, cadence, bar, school }: ColumnInputs): ChordColumn {
  const parts = numeralParts(shownNumeral(one), one.key, school);
  const symbol = printSymbol(one.chord, { glyphs: true, letters: school.letters, school: school.symbols });
  const figures = shortFigures(one.chord, one.key).map(printFigure);
  const role = one.reason === 'cadential-six-four' ? 'dominant' : localFunction(one.numeral);
  const pivot = one.pivot && pivotWords(one.pivot, school);
  return {
    from: one.from,
    to: one.to,
    keyBegins,
    ruled: one.ruled,
    sentence: [
      `${vocabulary(school).bar} ${bar.number} beat ${beatWords(beatIn(one.from, bar))}`,
      ...(keyBegins ? [keyName(one.key, school)] : []),
      speakNumeral(parts),
      symbol,
      ...(cadence ? [`${cadenceWords(cadence)} cadence`] : []),
      ...(one.ruled ? ['ruled'] : []),
    ].join(', '),
    cells: {
      key: { text: keyBegins ? keyName(one.key, school) : '' },
      numeral: {
        text: pivot ? `${speakNumeral(parts)}, ${pivot.spoken}` : speakNumeral(parts),
        letters: numeralLetters(parts) + (pivot ? pivot.letters + 1 : 0),
        content: (
          <>
            {one.pivot?.leaves && <Pivot pivot={one.pivot} school={school} />}
            <NumeralText parts={parts} />
            {one.pivot && !one.pivot.leaves && <Pivot pivot={one.pivot} school={school} />}
            {one.ruled && <span className="ruled">ruled</span>}
          </>
        ),
      },
      figures: { text: figures.join(' '), content: <Figures figures={figures} /> },
      symbol: { text: symbol, content: accidentalSigns(symbol) },
      function: { text: role ?? '' },
      cadence: { text: cadence ? cadenceWords(cadence) : '' },
    },
  };
}
