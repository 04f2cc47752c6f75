import { promptWords, type Question } from '@diatonix/core';
import type { ReactNode } from 'react';

interface SoughtProps {
  readonly question: Question;
  readonly numeral: (text: string) => ReactNode;
  readonly answers: boolean;
}

/** Chords to be worked back: blanks under their bracket, the arrow, and the target in its key. */
export function Sought({ question, numeral, answers }: SoughtProps) {
  const { given } = question;
  const [usual = []] = question.answers as readonly (readonly string[])[];
  const key = promptWords(question).split(' in ').at(-1);
  return (
    <div className="sought">
      <span className={usual.length > 1 ? 'pair' : ''}>
        {usual.map((text, at) => (
          <b key={at}>{answers && numeral(text)}</b>
        ))}
      </span>
      <i aria-hidden="true">→</i>
      <span className="prompt">
        {numeral(String(given['target']))} in {key}
      </span>
      {answers && <small>or without sevenths</small>}
    </div>
  );
}
