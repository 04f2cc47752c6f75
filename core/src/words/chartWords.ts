import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { printSymbol } from '../chord/symbolPrint';
import { displayNoteName } from '../pitch/print';
import { barAt, beatIn } from '../score/model/beats';
import type { ChartChord } from '../score/chart/chart';
import type { ChartClash } from '../score/chart/chartClashes';
import type { ChartPart, ChartRate } from '../score/chart/chartRates';
import type { ScoreBar } from '../score/model/scoreNote';
import { beatWords } from './beats';
import { barsOfTimes } from './scoreWords';
import { vocabulary } from './vocabulary';

/** How often a chart names a chord. */
export function chartRateWords(rate: ChartRate, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const { bar } = vocabulary(school);
  const words: Record<ChartRate, string> = {
    chord: 'Every chord',
    beat: 'One a beat',
    half: `One a half ${bar}`,
    bar: `One a ${bar}`,
  };
  return words[rate];
}

/** What a chart leaves out, and where that hurts. */
export function chartLossWords(
  chart: readonly ChartChord[],
  bars: readonly ScoreBar[],
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const lost = chart.filter(({ dropped }) => dropped.length > 0);
  if (lost.length === 0) return 'Nothing is left out of the chords.';
  const said = [`The seventh is left out of ${lost.length} ${lost.length === 1 ? 'chord' : 'chords'}.`];
  const where = (hurt: ChartChord['hurts'][number]) =>
    lost.filter(({ hurts }) => hurts.includes(hurt)).map(({ at }) => at);
  const [tune, cadence] = [where('in-tune'), where('cadence')];
  if (tune.length > 0) said.push(`It is in the tune in ${barsOfTimes(tune, bars, school)}.`);
  if (cadence.length > 0) said.push(`It leads to a cadence in ${barsOfTimes(cadence, bars, school)}.`);
  if (tune.length + cadence.length > 0) said.push('There it would be missed.');
  return said.join(' ');
}

/** For whom a chart is named. */
export function chartPartWords(part: ChartPart): string {
  return part === 'C' ? 'At pitch' : `For ${part.replace('b', '♭')} instruments`;
}

/** Where a chart and its piece disagree: `measure 2 beat 1: the chart has C, the piece has F♯ and D`. */
export function chartClashWords(
  { at, chart, notes }: ChartClash,
  bars: readonly ScoreBar[],
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const bar = barAt(bars, at)!;
  const symbol = printSymbol(chart.chord, { glyphs: true, letters: school.letters, school: school.symbols });
  const names = notes.map((name) => displayNoteName(name, school.letters));
  const listed = names.length === 1 ? names[0]! : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
  const where = `${vocabulary(school).bar} ${bar.number} beat ${beatWords(beatIn(at, bar))}`;
  return `${where}: the chart has ${symbol}, the piece has ${listed}.`;
}
