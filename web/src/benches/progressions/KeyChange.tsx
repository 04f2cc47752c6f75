import { parseKey, signatureWords } from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { KeyPicker } from '../../design/KeyPicker';
import { keyName } from '../../design/names';
import { Problem } from '../../design/Problem';
import type { Progression } from '../../workbook/model';
import { useStore } from '../../workbook/store';

const Choice = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.6rem;
  font-size: 0.9rem;
  span {
    color: var(--soft);
  }
`;

/** The progression's key. Choosing another asks which of two things is meant: re-read or transpose. */
export function KeyChange({ progression }: { progression: Progression }) {
  const school = useStore((state) => state.workbook.school);
  const { reread, transpose } = useStore.getState();
  const [wanted, setWanted] = useState<{ id: string; key: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const key = parseKey(progression.key);
  const asking = wanted && wanted.id === progression.id && wanted.key !== progression.key ? wanted.key : null;
  const choose = (chosen: string) => {
    setProblem(null);
    if (progression.columns.length === 0) reread(chosen);
    else setWanted({ id: progression.id, key: chosen });
  };
  return (
    <>
      <KeyPicker label="Change key" value={progression.key} onChoose={choose}>
        {keyName(key, school)}
      </KeyPicker>
      {asking && (
        <Choice role="group" aria-label={`To ${asking}`}>
          <span>
            to {keyName(parseKey(asking), school)} ({signatureWords(parseKey(asking), school.letters).split(' · ')[0]}):
          </span>
          <Button autoFocus onPress={() => (reread(asking), setWanted(null))}>
            Re-read: same chords
          </Button>
          <Button
            onPress={() => {
              const error = transpose(asking);
              setProblem(error?.message ?? null);
              setWanted(null);
            }}
          >
            Transpose: same numerals
          </Button>
          <Button onPress={() => setWanted(null)}>Keep the key</Button>
        </Choice>
      )}
      {problem && <Problem>{problem}</Problem>}
    </>
  );
}
