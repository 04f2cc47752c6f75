import { Checkbox } from '../../design/fields/Checkbox';
import { TextArea, TextInput } from '../../design/fields/TextInput';
import { answerWords, OWN_WORDS, type GivenData, type Question, type LabelStyle } from '@diatonix/core';
import { Pin, PinOff, Plus } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../design/controls';
import { fieldText, questionFrom, readField } from './givenText';
import { MarginFields } from '../../parts/MarginFields';
import { pin, unpin, writeAnother } from './state';

/** Names of what is given, where the field's own name says too little. */
const NAMES: Readonly<Record<string, string>> = {
  from: 'Lower note',
  to: 'Upper note',
  name: 'Interval',
  by: 'Interval',
  of: 'What is heard',
  basses: 'Bass notes',
};
const named = (field: string) => NAMES[field] ?? field[0]!.toUpperCase() + field.slice(1);

interface EditQuestionProps {
  readonly section: string;
  readonly at: number;
  readonly question: Question;
  readonly kept: boolean;
  readonly school: LabelStyle;
}

/** A question field by field: what is changed is kept, and its answer is worked out anew. */
export function EditQuestion({ section, at, question, kept, school }: EditQuestionProps) {
  const { kind, given, answers } = question;
  const [problem, setProblem] = useState<string | null>(null);
  const change = (next: GivenData) => {
    const read = questionFrom(kind, next);
    setProblem(read.ok ? null : read.error.message);
    if (read.ok) pin(section, at, next);
  };
  if (kind === OWN_WORDS)
    return <WrittenQuestion section={section} at={at} given={given} answers={answers} />;
  return (
    <MarginFields key={`${section} ${at} ${JSON.stringify(given)}`}>
      {Object.entries(given).map(([field, value]) => (
        <label key={field}>
          {named(field)}
          {typeof value === 'boolean' ? (
            <Checkbox
              aria-label={named(field)}
              isSelected={value}
              onChange={(on) => change({ ...given, [field]: on })}
            />
          ) : (
            <TextField
              value={fieldText(value)}
              onPut={(text) => change({ ...given, [field]: readField(text, value) })}
            />
          )}
        </label>
      ))}
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      <p className="parts">Right: {answers.map((one) => answerWords(kind, one, school)).join(' or ')}</p>
      <Button onPress={() => (kept ? unpin(section, at) : pin(section, at, given))}>
        {kept ? <PinOff aria-hidden="true" /> : <Pin aria-hidden="true" />}
        {kept ? 'Let it be made up again' : 'Keep this question'}
      </Button>
    </MarginFields>
  );
}

interface TextFieldProps {
  readonly value: string;
  readonly onPut: (text: string) => void;
}

/** So many letters do not fit in one line of the margin. */
const LONG = 18;

/** A field that is read when it is left, or with Enter. */
function TextField({ value, onPut }: TextFieldProps) {
  const [text, setText] = useState(value);
  // What was put last: after something unreadable, what stood there before is something new.
  const [last, setLast] = useState(value);
  const put = () => {
    if (text === last) return;
    setLast(text);
    onPut(text);
  };
  if (value.length > LONG)
    return (
      <TextArea
        rows={4}
        value={text}
        maxLength={2000}
        onChange={(event) => setText(event.target.value)}
        onBlur={put}
      />
    );
  return (
    <TextInput
      value={text}
      maxLength={2000}
      onChange={(event) => setText(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && put()}
      onBlur={put}
    />
  );
}

type WrittenProps = Pick<EditQuestionProps, 'section' | 'at'> & Pick<Question, 'given' | 'answers'>;

/** A question in words, and the answers that count as right, a line each. */
function WrittenQuestion({ section, at, given, answers }: WrittenProps) {
  const text = String(given['question']);
  return (
    <MarginFields key={`${section} ${at}`}>
      <label>
        Question
        <TextArea
          rows={3}
          value={text}
          maxLength={1000}
          onChange={(event) => pin(section, at, { question: event.target.value }, answers)}
        />
      </label>
      <label>
        Right answers, a line each
        <TextArea
          rows={2}
          value={answers.map(String).join('\n')}
          maxLength={1000}
          onChange={(event) => pin(section, at, given, event.target.value.split('\n'))}
        />
      </label>
      <Button onPress={() => writeAnother(section)}>
        <Plus aria-hidden="true" /> Another question
      </Button>
    </MarginFields>
  );
}
