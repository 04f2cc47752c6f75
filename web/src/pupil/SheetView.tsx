import { useEffect, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { Asked } from './Asked';
import { HandIn } from './HandIn';
import { shownInstruction } from './instructionOf';
import { QuestionBoundary } from './QuestionBoundary';
import { shownQuestion } from './shownQuestion';
import { look, openOnes, questionsOf, usePupil, type Work } from './work';

/** So many questions of the whole sheet come on the page at once. */
const AT_ONCE = 30;

/** The sheet: one question at a time or all of them, what is still open, and handing in. */
export default function SheetView({ work }: { readonly work: Work }) {
  const place = usePupil((state) => state.place);
  const problem = usePupil((state) => state.problem);
  const kept = usePupil((state) => state.kept);
  const { sheets, version } = work;
  // The questions stay the same while answers are written.
  const questions = useMemo(() => questionsOf({ sheets, version }).map(shownQuestion), [sheets, version]);
  const sheet = sheets[version ?? 0]!;
  const open = openOnes(work);
  const at = place === null ? null : Math.min(place, questions.length - 1);
  const room = useRef<HTMLDivElement>(null);
  // A long sheet comes on the page bit by bit: it can be written on from the beginning.
  const [shown, setShown] = useState(AT_ONCE);
  useEffect(() => {
    if (at !== null || shown >= questions.length) return;
    const timer = setTimeout(() => setShown((count) => count + AT_ONCE));
    return () => clearTimeout(timer);
  }, [at, shown, questions.length]);
  useEffect(() => {
    // Another question begins in its answer, so that a whole sheet goes from the keyboard.
    if (at !== null) room.current?.querySelector<HTMLInputElement>('article input')?.focus();
  }, [at]);
  const go = (id: string) => {
    const to = questions.findIndex((one) => one.id === id);
    if (at !== null) return look(to);
    if (to >= shown) flushSync(() => setShown(to + 1));
    room.current?.querySelectorAll('article')[to]?.querySelector('input')?.focus();
  };
  const next = (from: number) => {
    const after = questions[from + 1];
    if (after) go(after.id);
    else document.getElementById('hand-in')?.focus();
  };
  return (
    <>
      <h1>{sheet.title || 'A sheet'}</h1>
      <p className="soft">
        {work.name}, version {sheet.version}. {questions.length - open.length} of {questions.length} answered.{' '}
        {kept ? 'Kept on this device.' : 'Being kept…'}
        {work.practice && ' Ask at any answer whether it is right.'}
      </p>
      {problem !== '' && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      <div className="row">
        <button aria-pressed={at !== null} onClick={() => look(0)}>
          One at a time
        </button>
        <button aria-pressed={at === null} onClick={() => look(null)}>
          The whole sheet
        </button>
      </div>
      <div ref={room}>
        {questions.map((question, index) =>
          (at === null && index < shown) || at === index ? (
            <QuestionBoundary key={question.id} id={question.id}>
              <Asked
                question={question}
                instruction={shownInstruction(question)}
                practice={work.practice}
                onNext={() => next(index)}
              />
            </QuestionBoundary>
          ) : null,
        )}
      </div>
      {at !== null && (
        <div className="row">
          <button disabled={at === 0} onClick={() => look(at - 1)}>
            Previous
          </button>
          <button disabled={at >= questions.length - 1} onClick={() => look(at + 1)}>
            Next
          </button>
          <span className="soft">
            {at + 1} of {questions.length}
          </span>
        </div>
      )}
      <HandIn work={work} open={open} onGo={go} />
    </>
  );
}
