import { TextArea } from '../../design/fields/TextInput';
import {
  causeSentence,
  mistakeName,
  questionWorking,
  type Cause,
  type MistakeHistory,
  type LabelStyle,
} from '@diatonix/core';
import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import { Margin } from '../../design/Margin';
import type { PileQuestion, Marked } from '../../documents/marking/markPile';
import type { PilePupil } from '../../documents/kinds/pile/type';
import { NumberInput } from '../../design/fields/NumberInput';
import { NumberedSentences } from '../../parts/Working';
import { OneQuestion } from '../../questions/OneQuestion';
import { enter } from './state';

const Fields = styled.div`
  display: grid;
  gap: 0.6rem;
  margin-top: 1rem;
  label {
    display: grid;
    grid-template-columns: 4.5rem 1fr;
    align-items: center;
    color: var(--soft);
    font-size: 0.875rem;
  }
  input,
  textarea {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
  }
`;

interface AnswerMarginProps {
  readonly asked: PileQuestion;
  readonly marked: Marked | null;
  readonly pupil: PilePupil;
  readonly history: MistakeHistory;
  readonly school: LabelStyle;
}

/** The question as it stands on the sheet with what is right, why the answer is wrong, and what the teacher says. */
export function AnswerMargin({ asked, marked, pupil, history, school }: AnswerMarginProps) {
  const { question, label, marks } = asked;
  const sentences = questionWorking(question, school).map((sentence) => [sentence]);
  const causes = marked?.marking?.causes ?? [];
  const [likeliest, ...others] = causes;
  const times = ({ mistakes }: Cause) => Math.max(...mistakes.map((id) => history[id] ?? 0));
  const parts = marked?.marking?.parts ?? [];
  const again = (change: { marks?: number; remark?: string }) => {
    if (!marked) return;
    const { answer, marks: given, remark } = marked.entry;
    const next = {
      ...(given === undefined ? {} : { marks: given }),
      ...(remark ? { remark } : {}),
      ...change,
    };
    enter({ pupil: pupil.id, question: asked.id, answer, ...next });
  };
  return (
    <Margin>
      <h2>{`Question ${label}`}</h2>
      <p className="about">{pupil.name}</p>
      <OneQuestion question={question} number={Number(label.split('.')[1])} school={school} answers />
      {parts.length > 0 && (
        <p className="aside">
          {parts
            .map(({ part, got, of, follows }) => `${part} ${follows ? 'follows' : `${got}/${of}`}`)
            .join(' · ')}
        </p>
      )}
      {likeliest && (
        <p className="cause">
          {causeSentence(likeliest)}
          {times(likeliest) >= 2 && <small> ({Math.round(times(likeliest))} times in this pile)</small>}
        </p>
      )}
      {others.length > 0 && (
        <p className="aside">
          Or:{' '}
          {others.map(({ mistakes }) => mistakes.map((id) => mistakeName(id, school)).join(' + ')).join('; ')}
          .
        </p>
      )}
      {marked?.verdict === 'wrong' && marked.marking && causes.length === 0 && !marked.marking.follows && (
        <p className="aside">No mistake that is known makes this answer.</p>
      )}
      <NumberedSentences sentences={sentences} school={school} />
      {marked && (
        <Fields>
          <label>
            Marks
            <NumberInput
              key={asked.id}
              value={marked.got}
              min={0}
              max={marks}
              step={0.5}
              onNumber={(next) => again({ marks: next })}
            />
          </label>
          <label>
            Remark
            <TextArea
              rows={2}
              defaultValue={marked.entry.remark ?? ''}
              maxLength={500}
              onBlur={(event) =>
                event.target.value !== (marked.entry.remark ?? '') && again({ remark: event.target.value })
              }
            />
          </label>
        </Fields>
      )}
    </Margin>
  );
}
