import styled from 'styled-components';
import { openClass } from '../../classroom/lead';
import { useClassroom } from '../../classroom/store';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { SchoolClass } from '../../documents/kinds/schoolClass';
import type { SheetBody } from '../../documents/kinds/sheet';
import { listOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';

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

/** Which sheet is opened to the class. */
export function Choose() {
  const documents = useDocuments((state) => state.documents);
  const problem = useClassroom((state) => state.problem);
  const sheets = listOf(documents, 'sheet');
  const classOf = ({ classId }: SheetBody): SchoolClass | null => {
    const found = classId === undefined ? undefined : documents[classId];
    return found?.kind === 'class' ? found.body : null;
  };
  return (
    <Choice>
      {problem !== '' && <Problem>{problem}</Problem>}
      <p>Which sheet does the class do now? Its answers come on a new pile of the Marking bench.</p>
      <ul>
        {sheets.map(({ id, body }) => (
          <li key={id}>
            <Button onPress={() => openClass(body, classOf(body))}>{body.title || 'Untitled'}</Button>
          </li>
        ))}
        <li>
          <Button onPress={() => openClass(null, null)}>No sheet: single questions only</Button>
        </li>
      </ul>
      <p>
        While a class is open, any bench has “Ask the class” beside “To a sheet”: the column that is selected
        there is asked of everybody at once.
      </p>
    </Choice>
  );
}
