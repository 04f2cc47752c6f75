import { useState } from 'react';
import { AnswerInput } from './AnswerInput';
import { ByHand } from './ByHand';
import { QuestionBody } from './QuestionBody';
import type { Said } from './marking';
import { atQuestion } from './classwork';
import { ScratchRoom } from './ScratchRoom';
import { isPlayed } from './shownQuestion';
import { answer, usePupil, type PupilQuestion } from './work';

interface AskedProps {
  readonly question: PupilQuestion;
  readonly instruction: string;
  /** Whether an answer may be marked and explained at once. */
  readonly practice: boolean;
  readonly onNext: () => void;
}

/** One question: what is asked, its staff, the answer, and room to try things out. */
export function Asked({ question, instruction, practice, onNext }: AskedProps) {
  const { id, kind, given } = question;
  const typed = usePupil(({ work }) => work?.answers[id] ?? '');
  const [said, setSaid] = useState<{ readonly of: string; readonly said: Said } | null>(null);
  const locked = usePupil(({ work }) => work?.room?.closed ?? false);
  const mark = async () => {
    const { explain } = await import('./marking');
    setSaid({ of: typed, said: explain(question, typed) });
  };
  const enter = () => {
    if (practice && typed.trim() !== '' && said?.of !== typed) void mark();
    else onNext();
  };
  return (
    <article aria-labelledby={`q-${id}`} onFocus={() => atQuestion(id)}>
      <h2 id={`q-${id}`}>Question {id}</h2>
      <p className="soft">{instruction}</p>
      <QuestionBody question={question} typed={typed} />
      <AnswerInput
        {...{ id, kind, given, typed, locked }}
        onType={(text) => answer(id, text)}
        onEnter={enter}
      />
      {isPlayed(question) && !locked && <ByHand question={question} onAnswer={(text) => answer(id, text)} />}
      {practice && (
        <div className="row">
          <button disabled={typed.trim() === ''} onClick={() => void mark()}>
            Is it right?
          </button>
        </div>
      )}
      <div role="status">
        {said && said.of === typed && (
          <div className={`said ${said.said.verdict}`}>
            {said.said.sentences.map((sentence, at) => (
              <p key={at}>{sentence}</p>
            ))}
          </div>
        )}
      </div>
      <ScratchRoom question={question} />
    </article>
  );
}
