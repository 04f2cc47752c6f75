import { TextArea } from '../../design/fields/TextInput';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button, fieldLook } from '../../design/controls';
import type { ScoreReading, ScoreToRead } from '@diatonix/core';
import { readTheirs, typedTheirs, type Theirs } from './theirLabels';

const Form = styled.form`
  display: grid;
  gap: 0.5rem;
  max-width: 46rem;
  margin-bottom: 1rem;
  textarea {
    ${fieldLook}
    width: 100%;
    min-height: 4.5rem;
    line-height: 1.5;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .problem {
    margin: 0;
    color: var(--correction);
  }
`;

interface CompareFileProps {
  readonly score: ScoreToRead;
  readonly reading: ScoreReading;
  readonly onTheirs: (theirs: Theirs) => void;
  readonly onClose: () => void;
}

/** Lays labels over the open piece, typed or from a file: a pupil's, or another teacher's. */
export function CompareFile({ score, reading, onTheirs, onClose }: CompareFileProps) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const lay = (read: Theirs | string) => {
    setProblem(typeof read === 'string' ? read : null);
    if (typeof read !== 'string') onTheirs(read);
  };
  return (
    <Form
      aria-label="Labels to compare"
      onSubmit={(event) => {
        event.preventDefault();
        void typedTheirs(text, score, reading).then(lay);
      }}
    >
      <label>
        Labels to compare, bar by bar, or RomanText
        <TextArea
          value={text}
          spellCheck={false}
          placeholder="I IV V6 | ii6 V | G: I V7 | I"
          aria-invalid={problem !== null}
          aria-describedby={problem === null ? undefined : 'labels-problem'}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {problem && (
        <p className="problem" id="labels-problem" role="alert">
          {problem}
        </p>
      )}
      <div className="row">
        <Button type="submit" isDisabled={text.trim() === ''}>
          Compare these
        </Button>
        <FileTrigger
          acceptedFileTypes={['.rntxt', '.txt', 'text/plain']}
          onSelect={(files) => files?.[0] && void readTheirs(files[0], score).then(lay)}
        >
          <Button aria-label="Compare with labels of a file">Labels of a file</Button>
        </FileTrigger>
        <Button onPress={onClose}>Close</Button>
      </div>
    </Form>
  );
}
