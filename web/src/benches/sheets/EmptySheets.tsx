import styled from 'styled-components';
import { Button } from '../../design/controls';
import { openDemo } from '../../documents/persistence/openDemo';
import { TheWeek } from '../../parts/TheWeek';
import { STARTS } from './starts';
import { addSheet } from './state';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 0.8rem;
`;

/** No sheet yet: ready ones to begin with, an empty one, and the demo. */
export function EmptySheets() {
  return (
    <>
      <p>
        No sheet stands here yet. Begin with one of these, or with an empty one, and change what you like.
      </p>
      <Row>
        {STARTS.map(({ name }) => (
          <Button key={name} onPress={() => addSheet(name)}>
            {name}
          </Button>
        ))}
      </Row>
      <Button onPress={() => addSheet(null)}>Begin an empty sheet</Button>{' '}
      <Button onPress={() => void openDemo()}>Open the demo workbook</Button>
      <TheWeek at="prepare" />
    </>
  );
}
