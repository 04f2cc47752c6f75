import {
  hasSymbols,
  barAt,
  beatIn,
  beatWords,
  evidenceWords,
  MODULATIONS,
  numeralParts,
  parseTime,
  scoreChordSteps,
  vocabulary,
  type Key,
  type KeyEvidence,
  type Modulation,
  type PieceReading,
  type ScoreRows,
  type LabelStyle,
  type ScoreToRead,
} from '@diatonix/core';
import styled from 'styled-components';
import { Choice } from '../../design/Choice';
import { Button, Toggle } from '../../design/controls';
import { OtherReadings } from './OtherReadings';
import { Margin, WayChoice } from '../../design/Margin';
import { keyName } from '../../parts/names';
import { NumeralText } from '../../parts/NumeralText';
import { NumberedSentences } from '../../parts/Working';
import { memo } from 'react';
import type { ScorePiece } from '../../documents/kinds/score/type';
import { shownNumeral } from './cells';
import { CompareTab } from './CompareTab';
import { MARGIN_TABS, SCORES_DESK } from './desk';
import { MarginList } from '../../design/MarginList';
import { modulate, rule, takeChordsFrom, unrule } from './state';
import type { Compared } from './theirLabels';
import { VoicesTab } from './VoicesTab';

const Lists = styled.div`
  h3 {
    margin: 0.9rem 0 0;
    font-size: 0.95rem;
  }
  h3:first-child {
    margin-top: 0;
  }
  .aside h3 {
    color: var(--ink);
  }
`;

const MODULATION_NAMES: Record<Modulation, string> = {
  never: 'Stay in one key',
  seldom: 'Change keys seldom',
  usual: 'Change keys as usual',
  readily: 'Change keys readily',
};

const NONE: readonly string[] = [];

const CHORDS_FROM = [
  { id: 'symbols', name: 'Chords of the symbols' },
  { id: 'notes', name: 'Chords of the notes' },
] as const;

const TAB_NAMES: Record<(typeof MARGIN_TABS)[number], string> = {
  chord: 'Chord',
  key: 'Key',
  voices: 'Voices',
  compare: 'Compare',
};

/** What the teacher ruled of a piece. */
export interface Ruled {
  readonly rulings: ScorePiece['rulings'];
  readonly modulation: ScorePiece['modulation'] | undefined;
  readonly waived: ScorePiece['waived'] | undefined;
  readonly chordsFrom: ScorePiece['chordsFrom'] | undefined;
}

interface ScoreMarginProps {
  readonly ruled: Ruled;
  readonly parts: ScoreRows['parts'];
  readonly score: ScoreToRead;
  readonly piece: PieceReading;
  readonly at: number;
  readonly school: LabelStyle;
  readonly onHear: (alone: boolean) => void;
  readonly onSplit: () => void;
  readonly onJoin: () => void;
  readonly onPhraseEnd: () => void;
  /** Somebody's labels against the reading, where they were laid over it. */
  readonly compared: Compared | null;
  readonly onUncompare: () => void;
  /** Selects the chord at a time. */
  readonly onShow: (time: number) => void;
}

/** The working of the selected chord, the evidence for its key, and the faults of the voices. */
export const ScoreMargin = memo(function ScoreMargin(props: ScoreMarginProps) {
  const { score, piece, at, school } = props;
  const { compared } = props;
  const wanted = SCORES_DESK.use((desk) => desk.tab);
  const tabs = MARGIN_TABS.filter((id) => id !== 'compare' || compared !== null);
  const tab = tabs.includes(wanted) ? wanted : 'chord';
  const one = piece.reading.chords[at];
  if (!one) return <Margin>Select a chord to see how it was found.</Margin>;
  const bar = barAt(score.bars, one.from)!;
  const word = vocabulary(school).bar;
  return (
    <Margin>
      <h2>{`${word[0]!.toUpperCase()}${word.slice(1)} ${bar.number} beat ${beatWords(beatIn(one.from, bar))}`}</h2>
      <p className="about">
        <NumeralText parts={numeralParts(shownNumeral(one), one.key, school)} /> in {keyName(one.key, school)}
      </p>
      {piece.reading.tune && (
        <p className="about">
          A tune alone: no chord sounds here. This one fits, and so may others below; the choice is yours.
        </p>
      )}
      <WayChoice
        label="What the margin shows"
        ways={tabs.map((id) => ({ id, name: TAB_NAMES[id] }))}
        chosen={tab}
        onChoose={(id) => SCORES_DESK.set({ tab: id as (typeof MARGIN_TABS)[number] })}
      >
        {tab === 'chord' && <ChordTab {...props} />}
        {tab === 'key' && <KeyTab {...props} />}
        {tab === 'voices' && (
          <VoicesTab
            waived={props.ruled.waived ?? NONE}
            parts={props.parts}
            score={score}
            reading={piece.reading}
            school={school}
            onShow={props.onShow}
          />
        )}
        {tab === 'compare' && compared && (
          <CompareTab
            compared={compared}
            score={score}
            reading={piece.reading}
            school={school}
            onShow={props.onShow}
            onClose={props.onUncompare}
          />
        )}
      </WayChoice>
    </Margin>
  );
});

function ChordTab({
  ruled,
  score,
  piece,
  at,
  school,
  onHear,
  onSplit,
  onJoin,
  onPhraseEnd,
}: ScoreMarginProps) {
  const { reading } = piece;
  const one = reading.chords[at]!;
  const ruling = ruled.rulings.find((row) => row.kind === 'numeral' && parseTime(row.from) === one.from);
  const ends = reading.phraseEnds.some((end) => end.at === one.to && end.sign !== 'end');
  return (
    <>
      <NumberedSentences sentences={scoreChordSteps(score, reading, at, school)} school={school} />
      <div className="doings">
        {hasSymbols(score) && (
          <Choice
            label="Where the chords come from"
            value={ruled.chordsFrom ?? 'symbols'}
            options={CHORDS_FROM}
            onChoose={takeChordsFrom}
          />
        )}
        <Button onPress={() => onHear(true)}>Hear</Button>
        <Button onPress={() => onHear(false)}>Play from here</Button>
        <Button onPress={onSplit} isDisabled={one.bySymbol === true || one.endSlice - one.firstSlice < 2}>
          Split here
        </Button>
        <Button onPress={onJoin} isDisabled={one.bySymbol === true || at === 0}>
          Join with the one before
        </Button>
        <Toggle isSelected={ends} onChange={onPhraseEnd}>
          A phrase ends here
        </Toggle>
      </div>
      {one.ruled && ruling && (
        <p className="done" role="status">
          This numeral is a ruling. <Button onPress={() => unrule(ruling)}>Take the ruling back</Button>
        </p>
      )}
      <OtherReadings one={one} school={school} />
    </>
  );
}

function KeyTab({ ruled, score, piece, at, school, onShow }: ScoreMarginProps) {
  const weighed = piece.keys.find(({ area }) => at >= area.firstChord && at < area.endChord);
  if (!weighed) return null;
  const { area, evidence, rivals } = weighed;
  const chords = area.endChord - area.firstChord;
  const ruling = ruled.rulings.find(
    (row) => row.kind === 'key' && parseTime(row.from) <= area.from && parseTime(row.to) >= area.to,
  );
  const lists = (key: Key, list: readonly KeyEvidence[]) => (
    <>
      <Evidence
        title={`For ${keyName(key, school)}`}
        list={list.filter(({ speaks }) => speaks === 'for')}
        {...{ score, school, onShow }}
      />
      <Evidence
        title={`Against ${keyName(key, school)}`}
        list={list.filter(({ speaks }) => speaks === 'against')}
        {...{ score, school, onShow }}
      />
    </>
  );
  return (
    <Lists>
      <div className="doings">
        <Choice
          label="How readily the key changes"
          value={ruled.modulation ?? 'usual'}
          options={MODULATIONS.map((id) => ({ id, name: MODULATION_NAMES[id] }))}
          onChoose={modulate}
        />
      </div>
      {lists(area.key, evidence)}
      {ruling && (
        <p className="done" role="status">
          This key is a ruling. <Button onPress={() => unrule(ruling)}>Take the ruling back</Button>
        </p>
      )}
      {rivals.map((rival) => (
        <div className="aside" key={keyName(rival.key, school)}>
          {lists(rival.key, rival.evidence)}
          <div className="doings">
            <Button onPress={() => rule({ kind: 'key', from: area.from, to: area.to, key: rival.key })}>
              {`Rule: ${keyName(rival.key, school)} for ${chords === 1 ? 'this chord' : `these ${chords} chords`}`}
            </Button>
          </div>
        </div>
      ))}
    </Lists>
  );
}

interface EvidenceProps {
  readonly title: string;
  readonly list: readonly KeyEvidence[];
  readonly score: ScoreToRead;
  readonly school: LabelStyle;
  readonly onShow: (time: number) => void;
}

function Evidence({ title, list, score, school, onShow }: EvidenceProps) {
  if (list.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <MarginList>
        {list.map((one, index) => (
          <li key={index}>
            <Button className="evidence" onPress={() => onShow(one.at[0] ?? 0)}>
              {evidenceWords(one, score.bars, school)}
            </Button>
          </li>
        ))}
      </MarginList>
    </>
  );
}
