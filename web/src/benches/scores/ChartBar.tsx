import {
  CHART_RATES,
  chartLossWords,
  chartRateWords,
  chartText,
  HIGHEST_FRET,
  printSymbol,
  type ChartChord,
  type ChartRate,
  type School,
  type ScoreToRead,
} from '@diatonix/core';
import styled from 'styled-components';
import { Choice } from '../../design/Choice';
import { Button, Toggle } from '../../design/controls';
import { download, fileName } from '../../documents/download';
import { SCORES_DESK } from './desk';

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.5rem;
  margin: -0.25rem 0 0.75rem;
  p {
    flex-basis: 100%;
    margin: 0;
    color: var(--soft);
    font-size: 0.9rem;
  }
`;

interface ChartBarProps {
  readonly title: string;
  readonly score: ScoreToRead;
  readonly chart: readonly ChartChord[];
  readonly school: School;
}

/** How the chart for accompanists names its chords, what it leaves out, and the chart as a sheet of text. */
export function ChartBar({ title, score, chart, school }: ChartBarProps) {
  const { rate, simple, capo } = SCORES_DESK.use((desk) => desk);
  const symbol = (chord: ChartChord['chord']) =>
    printSymbol(chord, { letters: school.letters, school: school.symbols });
  const save = () => {
    const head = capo === 0 ? title : `${title}\nCapo ${capo}`;
    const text = `${head}\n\n${chartText(score, chart, symbol)}\n`;
    download(new Blob([text]), `${fileName(title)}-chart.txt`, 'text/plain');
  };
  return (
    <Bar>
      <Choice
        label="Chords of the chart"
        value={rate}
        options={CHART_RATES.map((id) => ({ id, name: chartRateWords(id, school) }))}
        onChoose={(id) => SCORES_DESK.set({ rate: id as ChartRate })}
      />
      <Toggle isSelected={simple} onChange={(next) => SCORES_DESK.set({ simple: next })}>
        Sevenths as triads
      </Toggle>
      <Choice
        label="Capo"
        value={String(capo)}
        options={Array.from({ length: HIGHEST_FRET + 1 }, (_, fret) => ({
          id: String(fret),
          name: fret === 0 ? 'No capo' : `Capo ${fret}`,
        }))}
        onChoose={(fret) => SCORES_DESK.set({ capo: Number(fret) })}
      />
      <Button onPress={save}>Save the chart</Button>
      <p role="status">{chartLossWords(chart, score.bars, school)}</p>
    </Bar>
  );
}
