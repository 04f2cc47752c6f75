import { DEFAULT_SCHOOL, type School } from '../school/school';
import type { ChartChord } from '../score/chart';
import type { ChartRate } from '../score/chartRates';
import type { ScoreBar } from '../score/scoreNote';
import { barsOfTimes } from './scoreWords';
import { vocabulary } from './vocabulary';

/** How often a chart names a chord. */
export function chartRateWords(rate: ChartRate, school: School = DEFAULT_SCHOOL): string {
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
  school: School = DEFAULT_SCHOOL,
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
