import styled from 'styled-components';
import { tableLook } from '../../parts/tableLook';

/** The tables of a class at work: what is wrong or stuck in correction ink. */
export const ClassTableStyle = styled.div`
  ${tableLook}
  table {
    width: 100%;
  }
  th,
  td {
    padding: 0.3rem 0.8rem 0.3rem 0;
    text-align: left;
    vertical-align: top;
  }
  tbody th {
    font-weight: 400;
    color: var(--ink);
  }
  .stuck,
  .wrong {
    color: var(--correction);
  }
  @media (max-width: 860px) {
    th,
    td {
      padding-right: 0.5rem;
    }
  }
`;
