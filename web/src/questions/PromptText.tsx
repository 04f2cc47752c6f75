import {
  attempt,
  numeralParts,
  parseKey,
  parseNumeral,
  type PromptPart,
  type Question,
  type LabelStyle,
} from '@diatonix/core';
import { Fragment, type ReactNode } from 'react';
import { Figures, NumeralText } from '../parts/NumeralText';

/** The key that is given in a question; null where none is. */
export const keyTextOf = ({ given }: Pick<Question, 'given'>): string | null => {
  const { key } = given as { readonly key?: unknown };
  return typeof key === 'string' ? key : null;
};

/** A numeral as the style writes it; what is none stands as it is. */
export function inKey(text: string, key: string | null, school: LabelStyle): ReactNode {
  const parts = attempt(() => {
    const own = parseKey(key ?? '');
    return numeralParts(parseNumeral(text, own), own, school);
  });
  return parts.ok ? <NumeralText parts={parts.value} /> : text;
}

interface PromptTextProps {
  readonly parts: readonly PromptPart[];
  readonly keyText: string | null;
  readonly school: LabelStyle;
}

/** What is asked beside the notes: words, numerals in type, and figures over each other. */
export function PromptText({ parts, keyText, school }: PromptTextProps) {
  return parts.map((part, at) => (
    <Fragment key={at}>
      {typeof part === 'string' ? (
        part
      ) : 'numeral' in part ? (
        inKey(part.numeral, keyText, school)
      ) : 'sought' in part ? (
        part.sought > 1 ? (
          '[ ____  ____ ] → '
        ) : (
          '____ → '
        )
      ) : (
        <Figures figures={part.figures as string[]} />
      )}
    </Fragment>
  ));
}
