import styled from 'styled-components';
import { fieldLook } from '../design/controls';

/** Named fields one under the other in the margin. */
export const MarginFields = styled.div`
  display: grid;
  gap: 0.6rem;
  margin-top: 0.8rem;
  > label,
  && .field:has(> .react-aria-Label) {
    display: grid;
    gap: 0;
    grid-template-columns: 6.5rem 1fr;
    align-items: center;
    color: var(--soft);
    font-size: 0.875rem;
  }
  &.narrow > label,
  &&.narrow .field:has(> .react-aria-Label) {
    grid-template-columns: 3.9rem 1fr;
  }
  input:not([type='checkbox']),
  textarea {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
    font-size: 0.9rem;
  }
  .bars {
    display: flex;
    align-items: flex-end;
    gap: 3px;
    height: 1.6rem;
    margin: 0.2rem 0;
  }
  .bars i {
    flex: 0 0 1.6rem;
    background: var(--ink);
  }
  .parts {
    margin: 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
  .problem {
    margin: 0;
    color: var(--correction);
    font-size: 0.875rem;
  }
`;
