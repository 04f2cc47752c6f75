import {
  numeralParts,
  wordsAfterTarget,
  type Key,
  type Numeral,
  type NumeralParts,
  type LabelStyle,
} from '@diatonix/core';
import { memo } from 'react';
import { accidentalSigns } from '../design/signs';

const QUALITY_SIGNS = { '': '', o: '°', ø: 'ø', '+': '+' } as const;

/** A Roman numeral set in type: quality raised, figures stacked small, the target lighter after a slash. */
export const NumeralText = memo(function NumeralText({ parts }: { parts: NumeralParts }) {
  const words = wordsAfterTarget(parts);
  return (
    <span className="numeral">
      <OwnParts parts={words ? { ...parts, bass: '' } : parts} />
      {parts.target && <Target parts={parts} />}
      {words && <span className="numeral-rest">{words}</span>}
    </span>
  );
});

function OwnParts({ parts }: { parts: NumeralParts }) {
  return (
    <>
      {parts.prefix && <span className="numeral-prefix">{accidentalSigns(parts.prefix)}</span>}
      <span className="numeral-roman">{parts.roman}</span>
      {parts.quality && <sup className="numeral-quality">{QUALITY_SIGNS[parts.quality]}</sup>}
      {parts.word && <span className="numeral-word">{accidentalSigns(parts.word)}</span>}
      {parts.figures.length > 0 && <Figures figures={parts.figures} />}
      {(parts.rest || parts.bass) && (
        <span className="numeral-rest">{accidentalSigns(parts.rest + parts.bass)}</span>
      )}
    </>
  );
}

function Target({ parts }: { parts: NumeralParts }) {
  if (parts.joint === 'none') return <span className="numeral-target">→</span>;
  const joint = parts.joint === 'of' ? ' of ' : parts.joint === 'arrow' ? '→' : '/';
  return (
    <span className="numeral-target">
      {joint}
      <OwnParts parts={parts.target!} />
      {parts.target!.target && <Target parts={parts.target!} />}
    </span>
  );
}

/** Figures one above the other. */
export const Figures = memo(function Figures({ figures }: { figures: readonly string[] }) {
  return (
    <span className={figures.length === 1 ? 'figures single' : 'figures'}>
      {figures.map((figure, index) => (
        <span key={index}>{accidentalSigns(figure)}</span>
      ))}
    </span>
  );
});

/** A numeral value in a key, set in type. */
export function NumeralInKey({
  numeral,
  keyOf,
  school,
}: {
  numeral: Numeral;
  keyOf: Key;
  school: LabelStyle;
}) {
  return <NumeralText parts={numeralParts(numeral, keyOf, school, 'short')} />;
}
