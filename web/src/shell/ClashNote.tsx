import styled from 'styled-components';
import { Button } from '../design/controls';
import { choose } from '../documents/merging/choose';
import type { ClashRow } from '../documents/merging/clashes';
import { placeWords, valueWords } from '../documents/merging/clashWords';
import { tell, useDocuments } from '../documents/store';
import { reasonOf } from '../documents/trouble';

const Note = styled.section`
  margin: 0.5rem 0 0;
  padding: 0.5rem 0.6rem;
  border: 1px solid var(--correction);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 0.875rem;
  max-height: 40vh;
  overflow: auto;
  p {
    margin: 0 0 0.4rem;
    overflow-wrap: anywhere;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
  }
`;

/** So many are asked about at once; the next come when these are answered. */
const SHOWN = 3;

/** What two tabs changed at the same time: both values, and a button for each. */
export default function ClashNote() {
  const clashes = useDocuments((state) => state.clashes);
  return (
    <Note aria-label="Changed in two tabs" role="region">
      {clashes.slice(0, SHOWN).map((one) => (
        <Choice key={one.id} clash={one} />
      ))}
      {clashes.length > SHOWN && <p>And {clashes.length - SHOWN} more.</p>}
    </Note>
  );
}

function Choice({ clash }: { readonly clash: ClashRow }) {
  const documents = useDocuments((state) => state.documents);
  const { stands, others } = clash;
  const take = (other: (typeof others)[number] | null) =>
    choose(clash, other).catch((error: unknown) => tell(reasonOf(error)));
  const gone = others.some(({ value }) => value === undefined);
  return (
    <div>
      <p>
        Two tabs changed {placeWords(clash, documents)} at the same time.{' '}
        {gone ? 'One deleted it, the other changed it: it was kept.' : `It is ${valueWords(stands)} now.`}
      </p>
      <p className="row">
        <Button onPress={() => void take(null)}>Keep {gone ? 'it' : valueWords(stands)}</Button>
        {others.map((other) => (
          <Button key={JSON.stringify(other)} onPress={() => void take(other)}>
            {other.value === undefined ? 'Delete it' : `Take ${valueWords(other)}`}
          </Button>
        ))}
      </p>
    </div>
  );
}
