import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import { tableLook } from '../../parts/tableLook';

/** The answers of a pupil, or of a question, as lines to type in, marked in correction ink. */
export const TableStyle = styled.div`
  h2 {
    margin: 0 0 0.2rem;
  }
  .total {
    margin: 0 0 0.8rem;
    color: var(--soft);
  }
  .total button {
    margin-left: 0.5rem;
  }
  .total button + button {
    margin-left: 0.2rem;
  }
  .total b {
    color: var(--correction);
    font:
      600 1.3rem 'Source Serif 4',
      serif;
  }
  ${tableLook}
  table {
    width: 100%;
  }
  th,
  td {
    padding: 0.2rem 0.6rem 0.2rem 0;
    vertical-align: middle;
  }
  tr.here {
    background: var(--mark-ground);
  }
  tbody th.pupil {
    width: auto;
    color: var(--ink);
    font-weight: 400;
  }
  tbody th:not(.pupil) {
    width: 3rem;
    padding-left: 0.4rem;
    color: var(--soft);
    font-style: italic;
  }
  td.asked {
    font:
      400 0.9375rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .answer {
    width: 11rem;
  }
  .answer input {
    ${fieldLook}
    width: 100%;
    font-size: 1rem;
  }
  .result {
    color: var(--correction);
    font:
      400 0.9375rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .result small {
    display: block;
    font:
      400 0.8125rem 'Source Sans 3',
      sans-serif;
  }
  .marks {
    width: 3.4rem;
    color: var(--correction);
    text-align: right;
    white-space: nowrap;
  }
  .marks i {
    color: var(--soft);
  }
  .open {
    color: var(--soft);
  }
  @media (max-width: 860px) {
    .asked,
    td.asked {
      display: none;
    }
    .answer {
      width: 8rem;
    }
  }
`;
