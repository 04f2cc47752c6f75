import {
  agreementWords,
  barAt,
  beatIn,
  beatWords,
  differenceSentence,
  vocabulary,
  type LabelStyle,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import { Button } from '../../design/controls';
import { SentenceText } from '../../parts/Working';
import { MarginList } from '../../design/MarginList';
import type { Compared } from './theirLabels';

interface CompareTabProps {
  readonly compared: Compared;
  readonly score: ScoreToRead;
  readonly reading: ScoreReading;
  readonly school: LabelStyle;
  readonly onShow: (time: number) => void;
  readonly onClose: () => void;
}

/** Somebody's labels against the reading: how far they agree, and every place where they do not. */
export function CompareTab({ compared, score, reading, school, onShow, onClose }: CompareTabProps) {
  const { comparison, labels, name } = compared;
  const word = vocabulary(school).bar;
  return (
    <>
      <p>
        <b>{name}</b>: {agreementWords(comparison)}
      </p>
      <MarginList>
        {comparison.differences.map((one, index) => {
          const bar = barAt(score.bars, one.from)!;
          return (
            <li key={index}>
              <Button className="evidence" onPress={() => onShow(one.from)}>
                {`${word} ${bar.number} beat ${beatWords(beatIn(one.from, bar))}`}
              </Button>
              <SentenceText
                sentence={differenceSentence(one, labels[one.theirs]!, reading.chords[one.ours]!, school)}
                school={school}
              />
            </li>
          );
        })}
      </MarginList>
      <div className="doings">
        <Button onPress={onClose}>Remove these labels</Button>
      </div>
    </>
  );
}
