import { versionLetter, withSigns, type LabelStyle } from '@diatonix/core';
import { Presentation } from 'lucide-react';
import type { QuestionStanding, WrongAnswer } from '../../classroom/teacher/standing';
import { Button } from '../../design/controls';
import { askedWords, causeText } from '../../questions/words';
import styled from 'styled-components';
import { ClassTableStyle } from './TableStyle';

const Style = styled(ClassTableStyle)`
  .wrong {
    display: flex;
    align-items: center;
    gap: 0.6rem;
  }
  th small {
    display: block;
    max-width: 18rem;
    color: var(--soft);
    font-weight: 400;
  }
  .wrong + .wrong {
    margin-top: 0.2rem;
  }
`;

interface QuestionsTableProps {
  readonly standing: readonly QuestionStanding[];
  readonly school: LabelStyle;
  readonly onBoard: (wrong: WrongAnswer) => void;
}

const MOST_WRONG = 4;

/** Question by question: how many are right, who is at it, and the wrong answers, each to be put on the board. */
export function QuestionsTable({ standing, school, onBoard }: QuestionsTableProps) {
  return (
    <Style>
      <table aria-label="Questions">
        <thead>
          <tr>
            <th scope="col">Question</th>
            <th scope="col">Right</th>
            <th scope="col">At it now</th>
            <th scope="col">Wrong answers</th>
          </tr>
        </thead>
        <tbody>
          {standing.map(({ id, label, questions, right, answered, here, stuck, wrong }) => (
            <tr key={id}>
              <th scope="row">
                {label}
                {questions.map((question, version) => (
                  <small key={version}>
                    {questions.length > 1 && `${versionLetter(version)}: `}
                    {askedWords(question, school)}
                  </small>
                ))}
              </th>
              <td>{answered === 0 ? '' : `${right} of ${answered}`}</td>
              <td>
                {here.length > 0 && here.length}
                {stuck.length > 0 && <span className="stuck"> {stuck.join(', ')} stuck</span>}
              </td>
              <td>
                {wrong.slice(0, MOST_WRONG).map((one) => (
                  <div className="wrong" key={`${one.version} ${one.answer}`}>
                    <span>
                      {questions.length > 1 && `${versionLetter(one.version)}: `}
                      {one.count} × {withSigns(one.answer)}
                      {one.cause && `: ${causeText(one.cause, school)}`}
                    </span>
                    <Button
                      aria-label={`Put ${one.answer} to question ${label} on the board`}
                      onPress={() => onBoard(one)}
                    >
                      <Presentation aria-hidden="true" />
                    </Button>
                  </div>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Style>
  );
}
