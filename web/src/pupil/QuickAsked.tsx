import { useMemo, useState } from 'react';
import { AnswerInput } from './AnswerInput';
import { ByHand } from './ByHand';
import { answerQuick, useClass } from './classwork';
import { shownInstruction } from './instructionOf';
import { QuestionBody } from './QuestionBody';
import { QuestionBoundary } from './QuestionBoundary';
import { isPlayed, shownQuestion } from './shownQuestion';
import type { PupilQuestion } from './work';

interface QuickAskedProps {
  readonly id: string;
  readonly question: PupilQuestion;
}

/** One question that the teacher asks everybody now. */
export default function QuickAsked({ id, question: asked }: QuickAskedProps) {
  const question = useMemo(() => shownQuestion(asked), [asked]);
  const [typed, setTyped] = useState('');
  const here = useClass((state) => state.here);
  const sent = useClass((state) => state.quickSent);
  const { kind, given } = question;
  const send = () => typed.trim() !== '' && answerQuick(typed.trim());
  return (
    <QuestionBoundary id="to all">
      <article className="quick" aria-labelledby={`quick-${id}`}>
        <div role="status">
          <h2 id={`quick-${id}`}>Your teacher asks</h2>
        </div>
        <p className="soft">{shownInstruction(question)}</p>
        <QuestionBody question={question} />
        <AnswerInput id={`quick-${id}`} {...{ kind, given, typed }} onType={setTyped} onEnter={send} />
        {isPlayed(question) && <ByHand question={question} onAnswer={setTyped} />}
        <div className="row">
          <button
            className="main"
            disabled={typed.trim() === '' || !here || typed.trim() === sent}
            onClick={send}
          >
            Send
          </button>
          <span role="status">{sent !== null && (sent === typed.trim() ? 'Sent.' : `Sent: ${sent}`)}</span>
        </div>
      </article>
    </QuestionBoundary>
  );
}
