import { promptParts, type Question } from '@diatonix/core';
import type { ReactNode } from 'react';

interface SoughtProps {
  readonly question: Question;
  readonly numeral: (text: string) => ReactNode;
  readonly answers: boolean;
}

/** Chords to be worked back: blanks under their bracket, the arrow, and the target in its key. */
export function SoughtChords({ question, numeral, answers }: SoughtProps) {
  const [usual = []] = question.answers as readonly (readonly string[])[];
  const target = promptParts(question);
  return (
    <div className="sought">
      <span className={usual.length > 1 ? 'pair' : ''}>
        {usual.map((text, at) => (
          <b key={at}>{answers && numeral(text)}</b>
        ))}
      </span>
      <i aria-hidden="true">→</i>
      <span className="prompt">
        {target.map((part) =>
          typeof part === 'string' ? part : 'numeral' in part ? numeral(part.numeral) : null,
        )}
      </span>
      {answers && <small>or without sevenths</small>}
    </div>
  );
}
