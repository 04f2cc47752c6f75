import styled from 'styled-components';
import { Button } from '../design/controls';
import { choose } from '../documents/merging/choose';
import type { ClashRow } from '../documents/merging/clashes';
import { placeWords, valueWords } from '../documents/merging/clashWords';
import { tell, useDocuments } from '../documents/store/store';
import { reasonOf } from '../documents/persistence/trouble';

const Note = styled.section`
  position: fixed;
  z-index: 20;
  right: 1rem;
  bottom: 1rem;
  width: min(30rem, calc(100vw - 2rem));
  max-height: 45vh;
  overflow: auto;
  padding: 0.8rem 1rem;
  border: 1px solid var(--correction);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  box-shadow: 0 4px 18px rgb(0 0 0 / 18%);
  h2 {
    margin: 0 0 0.4rem;
    font-size: 1.05rem;
  }
  p {
    margin: 0 0 0.5rem;
    overflow-wrap: anywhere;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
    margin-bottom: 0.8rem;
  }
`;

/** So many are asked about at once; the next come when these are answered. */
const SHOWN = 3;

/** What two tabs changed at the same time: both values, and a button for each. */
export default function ClashNote() {
  const clashes = useDocuments((state) => state.clashes);
  return (
    <Note aria-labelledby="clash-title" role="region">
      <h2 id="clash-title">Changed in two tabs</h2>
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
        Both changed {placeWords(clash, documents)}.{' '}
        {gone
          ? 'One deleted it while the other changed it: it was kept.'
          : `It is ${valueWords(stands)} now.`}
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
