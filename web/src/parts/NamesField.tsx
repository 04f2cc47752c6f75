import { LONGEST_NAME } from '@diatonix/server/class';
import { TextArea } from '../design/fields/TextInput';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, fieldLook } from '../design/controls';

const Field = styled.div`
  max-width: 22rem;
  label {
    display: grid;
    gap: 0.3rem;
    margin-bottom: 0.3rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  textarea {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
    font-size: 0.9375rem;
  }
`;

/** Names, one on each line, to be added at a press. */
export function NamesField({ onAdd }: { onAdd: (names: readonly string[]) => void }) {
  const [text, setText] = useState('');
  const add = () => {
    const names = text.split('\n').map((name) => name.trim().slice(0, LONGEST_NAME));
    onAdd(names.filter((name) => name !== ''));
    setText('');
  };
  return (
    <Field>
      <label>
        More pupils, a name on each line
        <TextArea
          rows={3}
          value={text}
          maxLength={20_000}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <Button isDisabled={text.trim() === ''} onPress={add}>
        Add
      </Button>
    </Field>
  );
}
