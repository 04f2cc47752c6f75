import { memo } from 'react';
import styled from 'styled-components';
import { setSource } from './state';

const Source = styled.input`
  display: block;
  width: 100%;
  min-width: 0;
  text-overflow: ellipsis;
  margin-left: -0.25rem;
  padding: 0 0.2rem;
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  color: var(--soft);
  font:
    italic 400 0.8125rem/1.25 'Source Serif 4',
    serif;
  &:hover {
    border-color: var(--rule);
  }
  &::placeholder {
    color: var(--soft);
  }
  @media print {
    &:placeholder-shown {
      display: none;
    }
  }
`;

/** The source line under the title. */
export const SourceField = memo(function SourceField({ id, source }: { id: string; source: string }) {
  return (
    <Source
      key={id}
      aria-label="Source of the progression"
      placeholder="Where it comes from"
      value={source}
      maxLength={200}
      autoComplete="off"
      onChange={(event) => setSource(event.target.value)}
    />
  );
});
