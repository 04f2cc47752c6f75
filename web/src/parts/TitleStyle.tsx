import styled from 'styled-components';

/** A title that is written over in its place, and the list of the others beside it. */
export const TitleStyle = styled.div`
  display: flex;
  align-items: center;
  gap: 0.15rem;
  min-width: 0;
  h1 {
    min-width: 0;
    line-height: 1.1;
  }
  .names {
    flex: 0 1 auto;
    min-width: 0;
  }
  h1 input {
    font:
      600 1.4rem/1.15 'Accidentals',
      'Source Serif 4',
      serif;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    padding: 0 0.2rem;
    margin-left: -0.25rem;
    field-sizing: content;
    min-width: 6rem;
    max-width: calc(100% + 0.25rem);
    text-overflow: ellipsis;
  }
  h1 input:hover {
    border-color: var(--rule);
  }
  button {
    border: 0;
    background: none;
    padding: 0.3rem;
    cursor: pointer;
    line-height: 0;
    border-radius: 3px;
  }
  button svg {
    width: 1.1rem;
    height: 1.1rem;
  }
`;
