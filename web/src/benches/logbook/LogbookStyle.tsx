import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import { tableLook } from '../../parts/tableLook';

/** Tables of the logbook. */
export const LogbookStyle = styled.div`
  h2 {
    margin: 0 0 0.5rem;
  }
  ${tableLook}
  table {
    margin-bottom: 1rem;
  }
  th,
  td {
    padding: 0.35rem 0.8rem 0.35rem 0;
    vertical-align: middle;
  }
  thead th {
    vertical-align: bottom;
  }
  .degrees {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.35rem;
  }
  .scroll {
    overflow-x: auto;
  }
  .share {
    min-width: 4.2rem;
    text-align: center;
    padding: 0.35rem;
    border-left: 1px solid var(--rule);
  }
  .share small {
    display: block;
    color: var(--soft);
    font-size: 0.75rem;
  }
  .weak {
    color: var(--correction);
    font-weight: 600;
  }
  button.name {
    border: 0;
    background: none;
    padding: 0;
    min-height: 1.5rem;
    font: inherit;
    color: inherit;
    cursor: pointer;
    text-align: left;
    text-decoration: underline;
    text-underline-offset: 3px;
    text-decoration-color: var(--rule);
  }
  input,
  textarea {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
    font-size: 0.9375rem;
  }
  input[type='checkbox'] {
    width: auto;
  }
  .class-row {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.8rem;
    margin-bottom: 1.4rem;
    label {
      flex: 0 1 22rem;
      color: var(--soft);
      font-size: 0.875rem;
    }
  }
  .sure {
    color: var(--correction);
  }
`;
