import styled from 'styled-components';

/** A page beside the benches: headings and what is said under them. */
export const PlainPage = styled.main`
  height: 100%;
  overflow: auto;
  padding: 1.1rem 1.5rem;
  h1 {
    font-size: 1.4rem;
    margin-bottom: 0.8rem;
  }
  h2 {
    font-size: 1.1rem;
    margin: 1.6rem 0 0.4rem;
  }
`;
