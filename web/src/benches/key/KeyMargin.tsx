import type { Taught } from '../../documents/kinds/schoolClass/taught';
import {
  CHORD_WAYS,
  chordWorking,
  displayNoteName,
  keyWorking,
  numeralParts,
  qualityWords,
  stackQuality,
  speakNumeral,
  type ChordWay,
  type Key,
  type MapColumn,
  type ScaleForm,
  type LabelStyle,
} from '@diatonix/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Button, QuietButton, Toggle } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { HomesList } from '../../parts/HomesList';
import { Margin, WayChoice } from '../../design/Margin';
import { NumeralText } from '../../parts/NumeralText';
import { Working } from '../../parts/Working';
import { keyName } from '../../parts/names';
import { degreeWord, otherHomes } from './columns';
import { ClassChoice } from './ClassChoice';
import { PatternTable, SignatureOrder } from './PatternTable';
import { SoundNote } from '../../parts/SoundNote';

type MarginWay = ChordWay | 'signature' | 'pattern';
const WAY_NAMES: Record<MarginWay, string> = {
  thirds: 'Thirds',
  formula: 'Formula',
  'half-steps': 'Gaps',
  key: 'From the key',
  signature: 'Signature',
  pattern: 'Pattern',
};

const MARGIN_WAYS: readonly MarginWay[] = [...CHORD_WAYS, 'signature', 'pattern'];

interface KeyMarginProps {
  readonly column: MapColumn;
  readonly keyOf: Key;
  readonly form: ScaleForm;
  readonly school: LabelStyle;
  readonly taught: Taught;
  /** Whether the key as a whole has been. */
  readonly keyTaught: boolean;
  readonly onTaught: () => void;
  readonly onSeventh: () => void;
  readonly onKeyTaught: () => void;
  readonly onHear: (manner: Manner) => void;
  readonly onPut: () => void;
  readonly onGo: () => void;
}

/** The working of the selected stack, its sound, and what to do with it next. */
export function KeyMargin({
  column,
  keyOf,
  form,
  school,
  taught,
  keyTaught,
  onTaught,
  onSeventh,
  onKeyTaught,
  onHear,
  onPut,
  onGo,
}: KeyMarginProps) {
  const [way, setWay] = useState<MarginWay>('thirds');
  const [put, setPut] = useState<number | null>(null);
  const name = degreeWord(column, school);
  const homes = otherHomes(column, keyOf);
  const quality = qualityWords(stackQuality(column.chord.members)).replace(/ triad$/, '');
  return (
    <Margin>
      <h2>
        {displayNoteName(column.chord.root, school.letters)} {quality}
      </h2>
      <p className="about">
        chord on degree {column.degree}, {name} · key of {keyName(keyOf, school)}
      </p>
      <WayChoice
        label="Way of working"
        ways={MARGIN_WAYS.map((id) => ({ id, name: WAY_NAMES[id] }))}
        chosen={way}
        onChoose={(id) => setWay(id as MarginWay)}
      >
        {way === 'pattern' ? (
          <PatternTable keyOf={keyOf} form={form} school={school} />
        ) : way === 'signature' ? (
          <>
            <Working steps={keyWorking(keyOf)} school={school} />
            <SignatureOrder keyOf={keyOf} school={school} />
          </>
        ) : (
          <Working
            steps={chordWorking(column.chord, way, {
              key: keyOf,
              numeral: column.numeral,
              fromDegree: column.degree,
            })}
            school={school}
          />
        )}
      </WayChoice>
      <div className="doings">
        <HearButtons onHear={onHear} />
        <Button onPress={() => (onPut(), setPut(column.degree))}>
          <Plus aria-hidden="true" /> Add to progression
        </Button>
        <Button onPress={onTaught}>{taught === 'not yet' ? 'Mark taught' : 'Mark not yet taught'}</Button>
        {taught !== 'not yet' && (
          <Button onPress={onSeventh}>
            {taught === 'all' ? 'Only its triad is taught' : 'Its seventh is taught too'}
          </Button>
        )}
      </div>
      {put === column.degree && (
        <p className="done" role="status">
          <NumeralText parts={numeralParts(column.numeral, keyOf, school, 'short')} />{' '}
          <span className="visually-hidden">
            {speakNumeral(numeralParts(column.numeral, keyOf, school, 'short'))}
          </span>{' '}
          stands at the end of the progression. <QuietButton onPress={onGo}>Go to it</QuietButton>
        </p>
      )}
      <SoundNote />
      <HomesList opening="Also found as" homes={homes} school={school} />
      <ClassChoice>
        <Toggle isSelected={!keyTaught} onChange={onKeyTaught}>
          This key comes later
        </Toggle>
      </ClassChoice>
    </Margin>
  );
}
