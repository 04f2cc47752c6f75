import { versionLetter, withSigns } from '@diatonix/core';
import styled from 'styled-components';
import type { QuestionStanding, WrongAnswer } from '../../classroom/teacher/standing';
import type { LivePupil } from '../../classroom/teacher/store';
import { Button } from '../../design/controls';

const Sentences = styled.div`
  margin-bottom: 1.2rem;
  p {
    margin: 0 0 0.3rem;
    font-size: 1.125rem;
  }
  b {
    font-weight: 600;
  }
  em {
    color: var(--correction);
    font-style: normal;
  }
`;

interface SummaryProps {
  readonly pupils: readonly LivePupil[];
  readonly hold: QuestionStanding | null;
  readonly onBoard: (wrong: WrongAnswer) => void;
}

const MOST_WRONG = 3;
const count = (of: number, one: string, more: string) => `${of} ${of === 1 ? one : more}`;

/** The class at a glance: how many are here, and which question holds them up, with what. */
export function Summary({ pupils, hold, onBoard }: SummaryProps) {
  const here = pupils.filter((one) => one.here).length;
  const done = pupils.filter((one) => one.done).length;
  const away = pupils.length - here;
  return (
    <Sentences role="status">
      <p>
        {pupils.length === 0 ? (
          'Nobody has joined yet.'
        ) : (
          <b>{count(here, 'pupil is here', 'pupils are here')}</b>
        )}
        {away > 0 && `, ${count(away, 'has', 'have')} dropped out`}
        {done > 0 && `, ${count(done, 'has', 'have')} handed in`}
        {pupils.length > 0 && '.'}
      </p>
      {hold && (
        <p>
          Question <b>{hold.label}</b> holds the class up
          {hold.stuck.length > 0 &&
            `: ${hold.stuck.join(', ')} ${hold.stuck.length === 1 ? 'is' : 'are'} stuck at it`}
          {hold.wrong.length > 0 && (
            <>
              ; wrong answers:{' '}
              {hold.wrong.slice(0, MOST_WRONG).map((one, at) => (
                <span key={`${one.version} ${one.answer}`}>
                  {at > 0 && ', '}
                  {hold.questions.length > 1 && `version ${versionLetter(one.version)} `}
                  {one.count} × <em>{withSigns(one.answer)}</em>
                </span>
              ))}
              . <Button onPress={() => onBoard(hold.wrong[0]!)}>The commonest on the board</Button>
            </>
          )}
        </p>
      )}
    </Sentences>
  );
}
