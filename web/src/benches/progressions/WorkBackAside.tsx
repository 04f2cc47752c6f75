import { TextInput } from '../../design/fields/TextInput';
import {
  deducedEntry,
  markingWords,
  markQuestion,
  printKey,
  printNumeral,
  WORK_BACK,
  sayUnknown,
  type Deduction,
  type ExerciseKind,
  type Role,
  type Key,
  type LabelStyle,
} from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Toggle } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { Working } from '../../parts/Working';
import { decide, replaceEntries } from './state';
import type { ProgressionColumn } from '../../documents/kinds/progression/type';

const Answer = styled.div`
  display: flex;
  gap: 0.45rem;
  margin: 0.6rem 0;
  & ~ button {
    margin-top: 0.7rem;
  }
  input {
    flex: 1;
    min-width: 0;
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    color: var(--ink);
    font:
      600 1.05rem/1.35 'Accidentals',
      'Source Serif 4',
      serif;
  }
`;

const WorkingBelow = styled.div`
  margin-top: 0.9rem;
`;

interface WorkBackAsideProps {
  readonly column: ProgressionColumn;
  readonly deduction: Deduction;
  readonly keyOf: Key;
  readonly school: LabelStyle;
}

/**
 * A chord that is sought: the class answers and is told why not; the working and the chord itself wait until
 * they are asked for.
 */
export function WorkBackAside({ column, deduction, keyOf, school }: WorkBackAsideProps) {
  const [shown, setShown] = useState<string | null>(null);
  const answer = column.answer ?? '';
  if (deduction.kind === 'unknown') return <p className="done">{sayUnknown(deduction.why)}</p>;
  const { role, target } = deduction;
  const roles: readonly Role[] = [role];
  const given = { key: printKey(keyOf), target: printNumeral(target, keyOf), roles };
  const mark = answer === '' ? null : markQuestion(WORK_BACK as ExerciseKind, given, answer, { school });
  return (
    <>
      <Answer>
        <TextInput
          aria-label="Your answer"
          placeholder="V7/ii or F#7"
          value={answer}
          maxLength={80}
          spellCheck={false}
          autoComplete="off"
          onChange={(event) =>
            decide(
              column.id,
              { answer: event.target.value === '' ? undefined : event.target.value },
              `answer ${column.id}`,
            )
          }
        />
        <Button onPress={() => replaceEntries(new Map([[column.id, deducedEntry(deduction, keyOf)]]))}>
          Put the chord
        </Button>
      </Answer>
      {mark &&
        (mark.verdict === 'right' ? (
          <p role="status">{markingWords(mark)}</p>
        ) : (
          <Problem>{markingWords(mark)}</Problem>
        ))}
      <Toggle isSelected={shown === column.id} onChange={(on) => setShown(on ? column.id : null)}>
        Show the working
      </Toggle>
      {shown === column.id && (
        <WorkingBelow>
          <Working steps={WORK_BACK.working(given)} school={school} />
        </WorkingBelow>
      )}
    </>
  );
}
