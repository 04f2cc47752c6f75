import {
  CHART_RATES,
  chartClashes,
  chartClashWords,
  chartLossWords,
  chartOf,
  chartPartWords,
  chartRateWords,
  chartText,
  chartWithWords,
  HIGHEST_FRET,
  printSymbol,
  type ChartChord,
  type ChartRate,
  type LabelStyle,
  type Score,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import { useMemo } from 'react';
import styled from 'styled-components';
import { Choice } from '../../design/Choice';
import { Button, Toggle } from '../../design/controls';
import { download, fileName } from '../../documents/files/download';
import { CHART_PART_IDS, SCORES_DESK } from './desk';

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
  ul {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    max-height: 7rem;
    margin: 0;
    padding: 2px;
    overflow-y: auto;
    list-style: none;
  }
`;

interface ChartBarProps {
  readonly title: string;
  readonly piece: Score;
  readonly score: ScoreToRead;
  readonly reading: ScoreReading;
  readonly chart: readonly ChartChord[];
  readonly school: LabelStyle;
  /** Selects the chord at a time. */
  readonly onShow: (time: number) => void;
}

/** How the chart for accompanists names its chords, what it leaves out, and the chart as a sheet of text. */
export function ChartBar({ title, piece, score, reading, chart, school, onShow }: ChartBarProps) {
  const { rate, simple, capo, part } = SCORES_DESK.use((desk) => desk);
  const symbol = (chord: ChartChord['chord']) =>
    printSymbol(chord, { letters: school.letters, school: school.symbols });
  const clashes = useMemo(
    () => chartClashes(score, reading, chartOf(score, reading, { rate, simple, capo: 0 })),
    [score, reading, rate, simple],
  );
  const save = () => {
    const head = [
      title,
      ...(part === 'C' ? [] : [chartPartWords(part)]),
      ...(capo === 0 ? [] : [`Capo ${capo}`]),
    ].join('\n');
    const ends = reading.phraseEnds.map(({ at }) => at);
    const words = chartWithWords(piece, chart, ends, symbol);
    const text = [head, chartText(score, chart, symbol), ...(words === null ? [] : [words])].join('\n\n');
    download(new Blob([`${text}\n`]), `${fileName(title)}-chart.txt`, 'text/plain');
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
      <Choice
        label="Named for"
        value={part}
        options={CHART_PART_IDS.map((id) => ({ id, name: chartPartWords(id) }))}
        onChoose={(id) => SCORES_DESK.set({ part: id })}
      />
      <Button onPress={save}>Save the chart</Button>
      <p role="status">
        {chartLossWords(chart, score.bars, school)}{' '}
        {clashes.length === 0
          ? 'Nothing in the piece sounds against the chart.'
          : `The piece sounds against the chart in ${clashes.length} ${clashes.length === 1 ? 'place' : 'places'}:`}
      </p>
      {clashes.length > 0 && (
        <ul>
          {clashes.map((clash, index) => (
            <li key={index}>
              <Button onPress={() => onShow(clash.at)}>{chartClashWords(clash, score.bars, school)}</Button>
            </li>
          ))}
        </ul>
      )}
    </Bar>
  );
}
