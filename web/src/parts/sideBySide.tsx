import styled from 'styled-components';

/** A list at the side of the work it leads through; on a telephone under it or over it, and never on paper. */
export const SideBySide = styled.div`
  display: grid;
  grid-template-columns: 11.5rem minmax(0, 1fr);
  gap: 1.5rem;
  align-items: start;
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media print {
    display: block;
    > nav {
      display: none;
    }
  }
`;

/** The list itself: what is chosen has the mark at its edge. */
export const SideList = styled.nav`
  h2 {
    margin: 0 0 0.4rem;
    color: var(--soft);
    font:
      400 0.875rem 'Source Sans 3',
      sans-serif;
  }
  ol {
    list-style: none;
    margin: 0 0 0.8rem;
    padding: 0;
  }
`;
