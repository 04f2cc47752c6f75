import {
  barAt,
  beatIn,
  beatWords,
  rangeOf,
  displayNote,
  faultWords,
  printLength,
  scoreFaults,
  vocabulary,
  type LabelStyle,
  type ScoreReading,
  type ScoreToRead,
  type TimedFault,
} from '@diatonix/core';
import { useMemo } from 'react';
import { Button } from '../../design/controls';
import { MarginList } from '../../design/MarginList';
import { waive } from './state';

interface VoicesTabProps {
  /** Faults that the teacher lets stand. */
  readonly waived: readonly string[];
  readonly parts: readonly { readonly name: string }[];
  readonly score: ScoreToRead;
  readonly reading: ScoreReading;
  readonly school: LabelStyle;
  /** Selects the chord at a time. */
  readonly onShow: (time: number) => void;
}

/** A fault as it is remembered: `3/2 parallel-fifths soprano bass`. */
const idOf = ({ at, rule, voices }: TimedFault) => [printLength(at), rule, ...voices].join(' ');

/** The faults of four parts, those that are let stand, and how far each part goes. */
export function VoicesTab({ waived, parts, score, reading, school, onShow }: VoicesTabProps) {
  const faults = useMemo(() => scoreFaults(score, reading), [score, reading]);
  const compass = useMemo(() => rangeOf(score.notes), [score]);
  const where = (time: number) => {
    const bar = barAt(score.bars, time)!;
    return `${vocabulary(school).bar} ${bar.number} beat ${beatWords(beatIn(time, bar))}`;
  };
  const counted = faults?.filter((fault) => !waived.includes(idOf(fault))) ?? [];
  const stand = faults?.filter((fault) => waived.includes(idOf(fault))) ?? [];
  const list = (all: readonly TimedFault[], words: string, waives: boolean) => (
    <MarginList>
      {all.map((fault) => {
        const said = `${where(fault.at)}: ${faultWords(fault, school)}`;
        return (
          <li key={idOf(fault)}>
            <Button className="evidence" onPress={() => onShow(fault.at)}>
              {said}
            </Button>{' '}
            <Button
              className="quiet"
              aria-label={`${words}: ${said}`}
              onPress={() => waive(idOf(fault), waives)}
            >
              {words}
            </Button>
          </li>
        );
      })}
    </MarginList>
  );
  return (
    <>
      {!faults && <p>The rules of four-part writing are for four single voices.</p>}
      {faults && counted.length === 0 && (
        <p>{stand.length === 0 ? 'No fault was found in the four voices.' : 'No other fault was found.'}</p>
      )}
      {counted.length > 0 && list(counted, 'Let it stand', true)}
      {stand.length > 0 && (
        <div className="aside">
          Let stand
          {list(stand, 'Count it', false)}
        </div>
      )}
      <div className="aside">
        How far the parts go
        <MarginList>
          {compass.map(({ part, lowest, highest }) => (
            <li key={part}>
              {parts[part]?.name || `Part ${part + 1}`}:{' '}
              <Button
                className="evidence"
                aria-label={`Lowest: ${where(lowest.at)}`}
                onPress={() => onShow(lowest.at)}
              >
                {displayNote(lowest.note, school.letters)}
              </Button>
              to{' '}
              <Button
                className="evidence"
                aria-label={`Highest: ${where(highest.at)}`}
                onPress={() => onShow(highest.at)}
              >
                {displayNote(highest.note, school.letters)}
              </Button>
            </li>
          ))}
        </MarginList>
      </div>
    </>
  );
}
