import { useState } from 'react';
import styled from 'styled-components';
import { openClass } from '../../classroom/teacher/lead';
import { useClassroom } from '../../classroom/teacher/store';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { Document } from '../../documents/store/document';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { useOpenClass } from '../../documents/store/use';
import { SelectField } from '../../design/fields/SelectField';

const Choice = styled.div`
  max-width: 36rem;
  ul {
    list-style: none;
    padding: 0;
    display: grid;
    gap: 0.4rem;
    justify-items: start;
  }
`;

const NONE = 'none';

/** Which sheet is opened, and to which class of the workbook: its logbook has the work. */
export function Choose() {
  const documents = useDocuments((state) => state.documents);
  const problem = useClassroom((state) => state.problem);
  const usual = useOpenClass();
  const [chosen, setChosen] = useState<string | null>(null);
  const sheets = documentsOf(documents, 'sheet');
  const classes = documentsOf(documents, 'class');
  const id = chosen ?? usual?.id ?? NONE;
  const forClass: Document<'class'> | null = classes.find((one) => one.id === id) ?? null;
  return (
    <Choice>
      {problem !== '' && <Problem>{problem}</Problem>}
      <SelectField<string>
        name="The class"
        value={id}
        options={[...classes.map((one) => [one.id, one.body.name] as const), [NONE, 'none of them'] as const]}
        onChoose={setChosen}
      />
      <p>
        Which sheet does it do now? Its answers come on a new pile of the Marking bench, and into its logbook.
      </p>
      <ul>
        {sheets.map(({ id: sheet, body }) => (
          <li key={sheet}>
            <Button onPress={() => openClass(body, forClass)}>{body.title || 'Untitled'}</Button>
          </li>
        ))}
        <li>
          <Button onPress={() => openClass(null, forClass)}>No sheet: single questions only</Button>
        </li>
      </ul>
      <p>
        While a class is open, every bench with columns has “Ask the class” beside “To a sheet”: the column
        that is selected there is asked of everybody at once.
      </p>
    </Choice>
  );
}
