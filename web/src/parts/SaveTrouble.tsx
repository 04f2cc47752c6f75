import styled from 'styled-components';
import { exportWorkbook } from '../documents/files/exportOpen';
import { useDocuments } from '../documents/store/store';
import { Button } from '../design/controls';
import { Problem } from '../design/Problem';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem 1rem;
  margin-bottom: 0.75rem;
`;

/** Says plainly that the work is not being saved, and offers the way out. */
export function SaveTrouble() {
  const saveState = useDocuments((state) => state.saveState);
  if (saveState.kind !== 'failed') return null;
  return (
    <Row>
      <Problem>
        Not saved. {saveState.reason} Your work lasts until this page is closed; export it to keep it.
      </Problem>
      <Button onPress={exportWorkbook}>Export workbook</Button>
    </Row>
  );
}
