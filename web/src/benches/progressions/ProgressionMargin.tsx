import {
  cautionWords,
  inversionWorking,
  nameChordWorking,
  notesFromBass,
  numeralWorking,
  registerCautions,
  writeFiguresWorking,
  displayNoteName,
  type ColumnLabels,
  type Key,
  type LabelStyle,
  type Setting,
  type WorkingStep,
} from '@diatonix/core';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { memo, useState, type ReactNode } from 'react';
import { Button } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { Margin, WayChoice } from '../../design/Margin';
import { Problem } from '../../design/Problem';
import { SoundNote } from '../../parts/SoundNote';
import { Working } from '../../parts/Working';
import { columnPlaceWords } from './placeWords';
import { ColumnTime } from './ColumnTime';
import type { ShownColumn } from './derive';
import { Rulings } from './Rulings';
import { WorkBackAside } from './WorkBackAside';

const WAYS = [
  { id: 'name', name: 'Name it' },
  { id: 'inversion', name: 'Inversion' },
  { id: 'figures', name: 'Figures' },
  { id: 'numeral', name: 'In the key' },
] as const;
type MarginWay = (typeof WAYS)[number]['id'];

interface ProgressionMarginProps {
  readonly derived: ShownColumn | null;
  /** Every selected column. */
  readonly ids: readonly string[];
  readonly keyOf: Key;
  readonly school: LabelStyle;
  readonly onInvert: (by: 1 | -1) => void;
  readonly onRemove: () => void;
  readonly onHear: (manner: Manner) => void;
  /** What is said of the column's four voices. */
  readonly four: ReactNode;
}

/** The working of the selected column: its name, inversion, figures and numeral. */
export const ProgressionMargin = memo(function ProgressionMargin({
  derived,
  ids,
  keyOf,
  school,
  onInvert,
  onRemove,
  onHear,
  four,
}: ProgressionMarginProps) {
  const [way, setWay] = useState<MarginWay>('name');
  if (!derived) {
    return (
      <Margin>
        <h2>No column yet</h2>
        <p className="about">
          Type a progression in the line, press a digit 1–7 on the grid, or add chords from the Key bench. The
          working of the selected column stands here.
        </p>
      </Margin>
    );
  }
  const { labelled, setting, column, line } = derived;
  const heading = columnPlaceWords(derived.place, school).replace(/^./, (letter) => letter.toUpperCase());
  if (line?.sought) {
    return (
      <Margin>
        <h2>{heading}</h2>
        <p className="about">a chord to be worked back</p>
        <WorkBackAside column={column} deduction={line.sought} keyOf={line.key} school={school} />
        <div className="doings">
          <Button onPress={onRemove}>
            <Trash2 aria-hidden="true" /> Remove
          </Button>
        </div>
      </Margin>
    );
  }
  if (!labelled.ok) {
    return (
      <Margin>
        <h2>{heading}</h2>
        <p className="about">not understood</p>
        <Problem>{labelled.error.message}</Problem>
        <div className="doings">
          <Button onPress={onRemove}>
            <Trash2 aria-hidden="true" /> Remove
          </Button>
        </div>
      </Margin>
    );
  }
  const { labels } = labelled;
  return (
    <Margin>
      <h2>{heading}</h2>
      <p className="about">
        {labels.letters.join(' ')} · lowest note {displayNoteName(labels.chord.bass, school.letters)}
      </p>
      <WayChoice label="Working" ways={WAYS} chosen={way} onChoose={(id) => setWay(id as MarginWay)}>
        <Working steps={stepsOf(way, labels, setting, derived.line?.key ?? keyOf)} school={school} />
      </WayChoice>
      <div className="doings">
        <Button onPress={() => onInvert(1)} aria-label="Invert up">
          <ArrowUp aria-hidden="true" /> Invert
        </Button>
        <Button onPress={() => onInvert(-1)} aria-label="Invert down">
          <ArrowDown aria-hidden="true" /> Invert
        </Button>
        <HearButtons onHear={onHear} />
        <Button onPress={onRemove}>
          <Trash2 aria-hidden="true" /> Remove
        </Button>
      </div>
      <SoundNote />
      {setting && four === null && <Cautions setting={setting} school={school} />}
      {four}
      <Rulings derived={derived} school={school} />
      <ColumnTime column={column} ids={ids} />
    </Margin>
  );
});

/** What sounds thick below or thin above in the two hands. */
function Cautions({ setting, school }: { setting: Setting; school: LabelStyle }) {
  const cautions = registerCautions([...setting.lower, ...setting.upper]);
  return cautions.length === 0 ? null : (
    <p className="done">{cautions.map((one) => cautionWords(one, school)).join('; ')}.</p>
  );
}

function stepsOf(
  way: MarginWay,
  labels: ColumnLabels,
  setting: ShownColumn['setting'],
  key: Key,
): WorkingStep[] {
  const { chord, numeral } = labels;
  switch (way) {
    case 'name':
      return nameChordWorking(
        setting ? [...setting.lower, ...setting.upper] : notesFromBass(chord),
        chord,
        key,
      );
    case 'inversion':
      return inversionWorking(chord, key);
    case 'figures':
      return writeFiguresWorking(chord, key);
    case 'numeral':
      return numeralWorking(numeral, chord, key);
  }
}
