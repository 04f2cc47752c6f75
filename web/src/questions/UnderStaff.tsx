import type { LabelStyle } from '@diatonix/core';
import type { QuestionStaff } from '@diatonix/engraving';
import { Figures } from '../parts/NumeralText';
import { inKey } from './PromptText';

interface UnderStaffProps {
  readonly texts: readonly (string | readonly string[])[];
  readonly staff: QuestionStaff;
  readonly keyText: string | null;
  readonly school: LabelStyle;
}

/** Numerals or figures that are given, each under its chord. */
export function UnderStaff({ texts, staff, keyText, school }: UnderStaffProps) {
  return (
    <div className="under">
      {texts.map((text, at) => (
        <span key={at} style={{ left: `${(100 * staff.xs[at]!) / staff.width}%` }}>
          {typeof text === 'string' ? inKey(text, keyText, school) : <Figures figures={text as string[]} />}
        </span>
      ))}
    </div>
  );
}
