import styled from 'styled-components';

/** Lines of the margin, among them buttons that show their bar. */
export const MarginList = styled.ul`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  display: grid;
  gap: 0.2rem;
  line-height: 1.35;
  li > button {
    margin-right: 0.35rem;
  }
  .quiet {
    border: 0;
    background: none;
    padding: 0.05rem 0;
    min-height: 1.5rem;
    color: var(--soft);
    text-decoration: underline;
  }
  .evidence {
    text-align: left;
    border: 0;
    background: none;
    padding: 0.05rem 0;
    min-height: 1.5rem;
    color: var(--mark);
    white-space: normal;
    font-weight: 400;
  }
`;
