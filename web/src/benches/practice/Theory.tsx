import { TextInput } from '../../design/fields/TextInput';
import {
  answerWords,
  askQuestions,
  attempt,
  causeSentence,
  likelyCause,
  markAnswer,
  questionWorking,
  timedSoundOf,
  type Marking,
} from '@diatonix/core';
import { ArrowRight, Check } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import styled from 'styled-components';
import { Button, fieldLook } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { TheoryItem } from '../../documents/kinds/plan/type';
import { useSchool } from '../../documents/store/use';
import { NumberedSentences } from '../../parts/Working';
import { SoundNote } from '../../parts/SoundNote';
import { HearQuestion } from '../../questions/HearQuestion';
import { OneQuestion } from '../../questions/OneQuestion';
import { instructionOf } from '../../questions/words';

const QUESTIONS = 5;

const Entry = styled.form`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem;
  margin: 0.8rem 0;
  label {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  input {
    ${fieldLook}
    min-width: 14rem;
    color: var(--ink);
    font-size: 1.1rem;
  }
`;

interface TheoryProps {
  readonly item: TheoryItem;
  /** The questions of a day are always the same. */
  readonly seed: number;
}

/** A few questions of a kind, one after the other: answered, marked at once, and told why. */
export function Theory({ item, seed }: TheoryProps) {
  const school = useSchool();
  const [at, setAt] = useState(0);
  const [text, setText] = useState('');
  const [marking, setMarking] = useState<Marking | null>(null);
  const cause = likelyCause(marking);
  const [right, setRight] = useState(0);
  const made = attempt(() => askQuestions({ ...item, seed, count: QUESTIONS }).questions);
  if (!made.ok) return <Problem>{made.error.message}</Problem>;
  const question = made.value[at];
  if (!question)
    return (
      <p role="status">
        {right} of {made.value.length} right. Tick it off below.
      </p>
    );
  const check = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '' || marking) return;
    const marked = markAnswer(question, text, { school });
    setMarking(marked);
    if (marked.verdict === 'right') setRight(right + 1);
  };
  const next = () => {
    setAt(at + 1);
    setText('');
    setMarking(null);
  };
  return (
    <>
      <p>
        {instructionOf(question)} {at + 1} of {made.value.length}
      </p>
      <OneQuestion question={question} number={at + 1} school={school} width="26rem" />
      <Entry onSubmit={check}>
        <label>
          Your answer
          <TextInput value={text} maxLength={300} onChange={(event) => setText(event.target.value)} />
        </label>
        <Button type="submit" isDisabled={text.trim() === '' || marking !== null}>
          <Check aria-hidden="true" /> Check
        </Button>
        <HearQuestion question={question} />
        {marking && marking.verdict !== 'unreadable' && (
          <Button onPress={next}>
            <ArrowRight aria-hidden="true" /> Next
          </Button>
        )}
      </Entry>
      <div role="status">
        {marking?.verdict === 'right' && <p>Right.</p>}
        {marking?.verdict === 'wrong' && (
          <>
            <p className="told">
              {cause ? `${causeSentence(cause)} ` : ''}
              Right is {marking.rightAnswers.map((one) => answerWords(item.kind, one, school)).join(' or ')}.
            </p>
            <NumberedSentences
              sentences={questionWorking(question, school).map((sentence) => [sentence])}
              school={school}
            />
          </>
        )}
        {marking?.verdict === 'unreadable' && (
          <p className="told">
            {marking.error?.message} <Button onPress={() => setMarking(null)}>Write it again</Button>
          </p>
        )}
      </div>
      {timedSoundOf(question).sound.length > 0 && <SoundNote />}
    </>
  );
}
