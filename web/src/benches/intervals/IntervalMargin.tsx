import {
  displayNoteName,
  INTERVAL_WAYS,
  intervalBetween,
  intervalWords,
  intervalWorking,
  type IntervalWay,
  type LabelStyle,
} from '@diatonix/core';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { Button } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { Margin, WayChoice } from '../../design/Margin';
import { Problem } from '../../design/Problem';
import { SoundNote } from '../../parts/SoundNote';
import { Working } from '../../parts/Working';
import { askedOf, pairOf, WAY_NAMES } from './columns';
import { NameIt } from './NameIt';
import { INTERVALS_DESK } from './state';
import type { IntervalItem, IntervalLine } from '../../documents/kinds/intervals/type';

interface IntervalMarginProps {
  readonly item: IntervalItem | null;
  readonly position: number;
  readonly school: LabelStyle;
  readonly bench: IntervalLine;
  readonly onHear: (manner: Manner) => void;
  readonly onRemove: () => void;
  readonly onOctave: (up: boolean) => void;
}

/** The working of the selected interval in the way that the teacher picks. */
export function IntervalMargin({
  item,
  position,
  school,
  bench,
  onHear,
  onRemove,
  onOctave,
}: IntervalMarginProps) {
  const way = INTERVALS_DESK.use((desk) => desk.way);
  if (!item) {
    return (
      <Margin>
        <h2>No interval yet</h2>
        <p className="about">The working of the selected interval stands here, in four ways.</p>
      </Margin>
    );
  }
  const pair = pairOf(item);
  const remove = (
    <Button onPress={onRemove}>
      <Trash2 aria-hidden="true" /> Remove
    </Button>
  );
  if (!pair.ok) {
    return (
      <Margin>
        <h2>Interval {position + 1}</h2>
        <p className="about">not understood</p>
        <Problem>{pair.error.message}</Problem>
        <div className="doings">{remove}</div>
      </Margin>
    );
  }
  const { from, to } = pair;
  const asked = askedOf(bench, item.id, pair);
  if (asked)
    return (
      <NameIt
        key={item.id + asked.what}
        id={item.id}
        position={position}
        pair={pair}
        asked={asked}
        bench={bench}
        school={school}
        onHear={onHear}
      />
    );
  const interval = intervalBetween(from, to);
  const words = intervalWords(interval);
  return (
    <Margin>
      <h2>{words.replace(/^./, (first) => first.toUpperCase())}</h2>
      <p className="about">
        {displayNoteName(from, school.letters)} {interval.direction === 'down' ? 'down to' : 'up to'}{' '}
        {displayNoteName(to, school.letters)}
      </p>
      <WayChoice
        label="Way of working"
        ways={INTERVAL_WAYS.map((id) => ({ id, name: WAY_NAMES[id] }))}
        chosen={way}
        onChoose={(id) => INTERVALS_DESK.set({ way: id as IntervalWay })}
      >
        <Working steps={intervalWorking(from, to, way)} school={school} />
      </WayChoice>
      <div className="doings">
        <HearButtons onHear={onHear} />
        <Button onPress={() => onOctave(true)}>
          <ArrowUp aria-hidden="true" /> Octave up
        </Button>
        <Button onPress={() => onOctave(false)}>
          <ArrowDown aria-hidden="true" /> Octave down
        </Button>
        {remove}
      </div>
      <SoundNote />
    </Margin>
  );
}
