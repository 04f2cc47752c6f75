import { settingFactWords, settingFitWords, type LabelStyle } from '@diatonix/core';
import { useState } from 'react';
import { Toggle } from '../../design/controls';
import { FitBar } from '../../parts/FitBar';
import { MarginList } from '../../design/MarginList';
import type { ShownColumn } from './derive';
import { columnPlaceWords } from './placeWords';
import type { FourParts } from './useFourParts';

interface SmoothnessProps {
  readonly smooth: NonNullable<FourParts['smooth']>;
  readonly line: readonly ShownColumn[];
  readonly school: LabelStyle;
}

/** How smooth a setting is beside the best, and on request what keeps it from being plainer. */
export function Smoothness({ smooth: { fit, facts }, line, school }: SmoothnessProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <p className="done" role="status">
        <FitBar fit={fit} />
        {settingFitWords(fit)}
      </p>
      {facts.length > 0 && (
        <Toggle isSelected={open} onChange={setOpen}>
          What is not plain in it
        </Toggle>
      )}
      {open && (
        <MarginList>
          {facts.map((fact, index) => (
            <li key={index}>
              {columnPlaceWords(line[fact.at]!.place, school)}: {settingFactWords(fact)}
            </li>
          ))}
        </MarginList>
      )}
    </>
  );
}
