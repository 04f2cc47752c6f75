import { css } from 'styled-components';

/** How tables of answers and of the logbook are ruled. */
export const tableLook = css`
  table {
    border-collapse: collapse;
  }
  th,
  td {
    border-bottom: 1px solid var(--rule);
    text-align: left;
    font-weight: 400;
  }
  thead th {
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;
