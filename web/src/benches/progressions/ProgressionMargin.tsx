import {
  inversionWorking, nameChordWorking, notesFromBass, numeralsForChord, numeralParts, numeralWorking, speakNumeral, writeFiguresWorking, displayNoteName, type ColumnLabels, type Key,
  type School, type WorkingStep,
} from '@diatonix/core'; // prettier-ignore
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { Fragment, memo, useState } from 'react';
import { Button } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { Margin, Ways } from '../../design/Margin';
import { NumeralText } from '../../design/NumeralText';
import { Problem } from '../../design/Problem';
import { SoundNote } from '../../design/SoundNote';
import { Working } from '../../design/Working';
import type { DerivedColumn } from './columns';

const WAYS = [
  { id: 'name', name: 'Name it' },
  { id: 'inversion', name: 'Inversion' },
  { id: 'figures', name: 'Figures' },
  { id: 'numeral', name: 'In the key' },
] as const;
type Way = (typeof WAYS)[number]['id'];

interface ProgressionMarginProps {
  readonly derived: DerivedColumn | null;
  readonly position: number;
  readonly keyOf: Key;
  readonly school: School;
  readonly onInvert: (by: 1 | -1) => void;
  readonly onRemove: () => void;
  readonly onHear: (manner: Manner) => void;
}

/** The working of the selected column: its name, inversion, figures and numeral. */
export const ProgressionMargin = memo(function ProgressionMargin({
  derived,
  position,
  keyOf,
  school,
  onInvert,
  onRemove,
  onHear,
}: ProgressionMarginProps) {
  const [way, setWay] = useState<Way>('name');
  if (!derived) {
    return (
      <Margin>
        <h2>No column yet</h2>
        <p className="about">
          Type a progression in the line, press a digit 1–7 on the grid, or add chords from the Key bench. The working of the selected column stands
          here.
        </p>
      </Margin>
    );
  }
  const { labelled, setting } = derived;
  if (!labelled.ok) {
    return (
      <Margin>
        <h2>Bar {position + 1}</h2>
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
  const others = otherReadings(labels, keyOf);
  return (
    <Margin>
      <h2>Bar {position + 1}</h2>
      <p className="about">
        {labels.letters.join(' ')} · lowest note {displayNoteName(labels.chord.bass, school.letters)}
      </p>
      <Ways label="Working" ways={WAYS} chosen={way} onChoose={(id) => setWay(id as Way)}>
        <Working steps={stepsOf(way, labels, setting, keyOf)} school={school} />
      </Ways>
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
      {others.length > 0 && (
        <p className="aside">
          Could also be{' '}
          {others.map((numeral, index) => {
            const parts = numeralParts(numeral, keyOf, school);
            return (
              <Fragment key={index}>
                {index > 0 && (index === others.length - 1 ? ' or ' : ', ')}
                <NumeralText parts={parts} />
                <span className="visually-hidden">{speakNumeral(parts)}</span>
              </Fragment>
            );
          })}
          .
        </p>
      )}
    </Margin>
  );
});

function stepsOf(way: Way, labels: ColumnLabels, setting: DerivedColumn['setting'], key: Key): WorkingStep[] {
  const { chord, numeral } = labels;
  switch (way) {
    case 'name':
      return nameChordWorking(setting ? [...setting.lower, ...setting.upper] : notesFromBass(chord), chord, key);
    case 'inversion':
      return inversionWorking(chord, key);
    case 'figures':
      return writeFiguresWorking(chord, key);
    case 'numeral':
      return numeralWorking(numeral, chord, key);
  }
}

/** Readings nearly as likely as the one shown, at most three. */
function otherReadings(labels: ColumnLabels, key: Key) {
  const own = labels.numeral;
  return numeralsForChord(labels.chord, key)
    .filter(
      ({ numeral, cost }) =>
        cost < 3.4 &&
        (numeral.degree !== own.degree ||
          numeral.special !== own.special ||
          (numeral.target === null) !== (own.target === null) ||
          numeral.target?.degree !== own.target?.degree),
    )
    .slice(0, 3)
    .map(({ numeral }) => numeral);
}
