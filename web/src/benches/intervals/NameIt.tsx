import { displayNoteName, sayIntervalMark, type Note, type School } from '@diatonix/core';
import { ListMusic } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { Margin } from '../../design/Margin';
import { Problem } from '../../design/Problem';
import { SoundNote } from '../../design/SoundNote';
import type { IntervalsBenchState } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { markOf } from './columns';

const Answer = styled.form`
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin-bottom: 0.8rem;
  input {
    width: 6rem;
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    font:
      600 1.1rem/1.3 'Source Serif 4',
      serif;
  }
`;

interface NameItProps {
  readonly id: string;
  readonly position: number;
  readonly pair: { readonly from: Note; readonly to: Note };
  readonly bench: IntervalsBenchState;
  readonly school: School;
  readonly onHear: (manner: 'together' | 'note by note') => void;
}

/** Asks for the name of an interval and meets a wrong one with its likely cause. The working shows once it is right. */
export function NameIt({ id, position, pair, bench, school, onHear }: NameItProps) {
  const answerInterval = useStore((state) => state.answerInterval);
  const { answer, mark } = markOf(bench, id, pair);
  const [text, setText] = useState(answer);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() !== '') answerInterval(id, text.trim());
  };
  return (
    <Margin>
      <h2>Interval {position + 1}</h2>
      <p className="about">
        {displayNoteName(pair.from, school.letters)} to {displayNoteName(pair.to, school.letters)}: what is its name?
      </p>
      <Answer onSubmit={submit}>
        <input
          aria-label="Name of the interval"
          placeholder="m6"
          value={text}
          maxLength={8}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit">Check</Button>
      </Answer>
      {mark && <Problem>{sayIntervalMark(mark, school)}</Problem>}
      <p className="about">Quality and number: P, M, m, A or d, then the letters counted.</p>
      <div className="doings">
        <Button onPress={() => onHear('note by note')}>
          <ListMusic aria-hidden="true" /> Note by note
        </Button>
      </div>
      <SoundNote />
    </Margin>
  );
}
