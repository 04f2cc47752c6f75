import { lazy, Suspense, useState } from 'react';
import type { PupilQuestion } from './work';

const HandNotes = lazy(() => import('./HandNotes'));

interface ByHandProps {
  readonly question: PupilQuestion;
  readonly onAnswer: (text: string) => void;
}

/** What opens the staff and the keyboard for an answer in notes; its script comes when it is opened. */
export function ByHand({ question, onAnswer }: ByHandProps) {
  const [shown, setShown] = useState(false);
  return (
    <>
      <button aria-expanded={shown} onClick={() => setShown(!shown)}>
        On the staff or the keyboard
      </button>
      {shown && (
        <Suspense fallback={null}>
          <HandNotes question={question} onAnswer={onAnswer} />
        </Suspense>
      )}
    </>
  );
}
