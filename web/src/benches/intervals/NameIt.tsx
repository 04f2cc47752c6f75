import { TextInput } from '../../design/fields/TextInput';
import {
  a,
  displayNoteName,
  intervalBetween,
  intervalWords,
  invertPair,
  markingWords,
  type Note,
  type LabelStyle,
} from '@diatonix/core';
import { ListMusic } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { Margin } from '../../design/Margin';
import { Problem } from '../../design/Problem';
import { SoundNote } from '../../parts/SoundNote';
import { inversionMarkOf, markOf, type BlankToName } from './columns';
import { answerInterval, answerInversion } from './state';
import type { IntervalLine } from '../../documents/kinds/intervals/type';

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
  readonly asked: BlankToName;
  readonly bench: IntervalLine;
  readonly school: LabelStyle;
  readonly onHear: (manner: 'together' | 'note by note') => void;
}

/**
 * Asks for the name of an interval, then of its inversion, and meets a wrong one with its likely cause. The
 * working shows once it is right.
 */
export function NameIt({ id, position, pair, asked, bench, school, onHear }: NameItProps) {
  const inversion = asked.what === 'inversion';
  const [text, setText] = useState(asked.answer);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() !== '') (inversion ? answerInversion : answerInterval)(id, text.trim());
  };
  const said = inversion ? saidOfInversion(bench, id, pair) : saidOfName(bench, id, pair);
  const notes = inversion ? invertPair(pair)! : pair;
  return (
    <Margin>
      <h2>Interval {position + 1}</h2>
      <p className="about">
        {inversion ? `It is ${a(intervalWords(intervalBetween(pair.from, pair.to)))}. Turned over: ` : ''}
        {displayNoteName(notes.from, school.letters)} to {displayNoteName(notes.to, school.letters)}: what is
        its name?
      </p>
      <Answer onSubmit={submit}>
        <TextInput
          aria-label={inversion ? 'Name of the inversion' : 'Name of the interval'}
          placeholder="m6"
          value={text}
          maxLength={40}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit">Check</Button>
      </Answer>
      {said && <Problem>{said}</Problem>}
      <p className="about">
        {inversion
          ? 'The numbers sum to 9, and the qualities swap.'
          : 'Quality and number: P, M, m, A or d, then the letters counted.'}
      </p>
      <div className="doings">
        <Button onPress={() => onHear('note by note')}>
          <ListMusic aria-hidden="true" /> Note by note
        </Button>
      </div>
      <SoundNote />
    </Margin>
  );
}

type Pair = NameItProps['pair'];

function saidOfName(bench: IntervalLine, id: string, pair: Pair): string | null {
  const { mark } = markOf(bench, id, pair);
  return mark && markingWords(mark);
}

function saidOfInversion(bench: IntervalLine, id: string, pair: Pair): string | null {
  const { mark } = inversionMarkOf(bench, id, pair);
  return mark && markingWords(mark);
}
