import { numeralParts, type Home, type LabelStyle } from '@diatonix/core';
import { Fragment } from 'react';
import { keyName } from './names';
import { NumeralText } from './NumeralText';

/** Keys in which a chord lives, and its numeral there: an aside in the margin. */
export function HomesList({
  opening,
  homes,
  school,
}: {
  opening: string;
  homes: readonly Home[];
  school: LabelStyle;
}) {
  if (homes.length === 0) return null;
  return (
    <p className="aside">
      {opening}{' '}
      {homes.map((home, index) => (
        <Fragment key={index}>
          {index > 0 && ', '}
          <NumeralText parts={numeralParts(home.numeral, home.key, school)} /> in {keyName(home.key, school)}
        </Fragment>
      ))}
      .
    </p>
  );
}
