import { memo } from 'react';
import styled from 'styled-components';
import { useStore } from '../../workbook/store';

const Source = styled.div`
  display: flex;
  justify-content: flex-end;
  input {
    width: 22rem;
    max-width: 100%;
    padding: 0.1rem 0.3rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    color: var(--soft);
    font:
      italic 400 0.9rem 'Source Serif 4',
      serif;
    text-align: right;
  }
  input:hover {
    border-color: var(--rule);
  }
  input::placeholder {
    color: var(--soft);
    opacity: 0.75;
  }
  @media print {
    input:placeholder-shown {
      display: none;
    }
  }
`;

/** The source line under the music. */
export const SourceField = memo(function SourceField({ id, source }: { id: string; source: string }) {
  const setSource = useStore((state) => state.setSource);
  return (
    <Source>
      <input
        key={id}
        aria-label="Source of the progression"
        placeholder="Where it comes from"
        value={source}
        maxLength={200}
        autoComplete="off"
        onChange={(event) => setSource(event.target.value)}
      />
    </Source>
  );
});
