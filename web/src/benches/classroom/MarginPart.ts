import styled from 'styled-components';

/** A part of the margin of an open class: a heading, what holds now, and what can be done. */
export const MarginPart = styled.section`
  margin: 1.2rem 0;
  h2 {
    margin: 0 0 0.2rem;
    font-size: 1.1rem;
  }
  p {
    margin: 0.2rem 0 0.6rem;
  }
  .doings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
  }
`;
