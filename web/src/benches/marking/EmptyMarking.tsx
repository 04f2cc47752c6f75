import { TextInput } from '../../design/fields/TextInput';
import { sheetCode } from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, fieldLook } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { SchoolClass } from '../../documents/kinds/schoolClass/type';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { documentsOf } from '../../documents/store/select';
import { specOf } from '../../documents/kinds/sheet/spec';
import { useDocuments } from '../../documents/store/store';
import { TheWeek } from '../../parts/TheWeek';
import { addPile } from './state';

const Choice = styled.div`
  max-width: 34rem;
  ul {
    list-style: none;
    padding: 0;
    display: grid;
    gap: 0.4rem;
    justify-items: start;
  }
  label {
    display: grid;
    gap: 0.25rem;
    max-width: 16rem;
    margin-top: 1rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  input {
    ${fieldLook}
    color: var(--ink);
  }
`;

/** A pile begins with the sheet that was set: chosen, or known by the code at the foot of its pages. */
export function EmptyMarking() {
  const documents = useDocuments((state) => state.documents);
  const sheets = documentsOf(documents, 'sheet');
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const classOf = ({ classId }: SheetBody): SchoolClass | null => {
    const found = classId === undefined ? undefined : documents[classId];
    return found?.kind === 'class' ? found.body : null;
  };
  const byCode = () => {
    const wanted = code.trim().toUpperCase().split('-')[0]!;
    const found = sheets.find(({ body }) => sheetCode(specOf(body, classOf(body))) === wanted);
    if (found) addPile(found.body, classOf(found.body));
    else
      setProblem(
        `“${code}”: no sheet of this workbook has this code. Its sections may have been changed ` +
          'since it was printed, or it is in another workbook.',
      );
  };
  if (sheets.length === 0)
    return (
      <>
        <p>
          Make a sheet first: what pupils answered to it is marked here, with the causes of what is wrong.
        </p>
        <TheWeek at="mark" />
      </>
    );
  return (
    <Choice>
      <p>Whose answers lie on your desk? Choose the sheet that was set.</p>
      <ul>
        {sheets.map(({ id, body }) => (
          <li key={id}>
            <Button onPress={() => addPile(body, classOf(body))}>{body.title || 'Untitled'}</Button>
          </li>
        ))}
      </ul>
      <label>
        Or the code at the foot of a page
        <TextInput
          value={code}
          maxLength={12}
          placeholder="H4NZ-B"
          onChange={(event) => setCode(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && byCode()}
        />
      </label>
      {problem && <Problem>{problem}</Problem>}
    </Choice>
  );
}
