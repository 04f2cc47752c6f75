import { TextArea, TextInput } from '../../design/fields/TextInput';
import { METRES, parseMetre, printedFifths, parseKey } from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Choice } from '../../design/Choice';
import { Button, fieldLook } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import { useSchool } from '../../documents/store/use';
import { SCORES_DESK } from './desk';
import { addTyped } from './state';

const Form = styled.form`
  display: grid;
  gap: 0.6rem;
  max-width: 46rem;
  margin-bottom: 1.2rem;
  textarea,
  input {
    ${fieldLook}
    width: 100%;
  }
  textarea {
    min-height: 8.5rem;
    font-family: inherit;
    line-height: 1.5;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
  .problem {
    color: var(--correction);
    margin: 0;
  }
`;

/** A short piece typed a line a voice. */
export function TypePiece() {
  const school = useSchool();
  const [text, setText] = useState('');
  const [title, setTitle] = useState('');
  const [key, setKey] = useState('C major');
  const [metre, setMetre] = useState('4/4');
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        setProblem(
          addTyped(text, {
            title: title.trim() || 'Untitled piece',
            fifths: printedFifths(parseKey(key)),
            metre: parseMetre(metre),
            letters: school.letters,
          }),
        );
      }}
    >
      <label>
        Title
        <TextInput value={title} maxLength={200} onChange={(event) => setTitle(event.target.value)} />
      </label>
      <div className="row">
        <KeyPicker label="Signature of" value={key} onChoose={setKey}>
          {`Signature of ${keyName(parseKey(key), school)}`}
        </KeyPicker>
        <Choice
          label="Metre"
          value={metre}
          options={METRES.map((id) => ({ id, name: id }))}
          onChoose={setMetre}
        />
      </div>
      <label>
        Voices, a line each: a note is a quarter unless its length stands after a colon; r is a rest, ^ a
        fermata
        <TextArea
          value={text}
          spellCheck={false}
          placeholder={'S: | G4 A4:1/2 B4:1/2 C5:2^ |\nB: | E3 F3 C3:2 |'}
          aria-invalid={problem !== null}
          aria-describedby={problem === null ? undefined : 'piece-problem'}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {problem && (
        <p className="problem" id="piece-problem" role="alert">
          {problem}
        </p>
      )}
      <div className="row">
        <Button type="submit">Put this piece</Button>
        <Button onPress={() => SCORES_DESK.set({ typing: false })}>Close</Button>
      </div>
    </Form>
  );
}
