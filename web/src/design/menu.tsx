import styled from 'styled-components';

/** The look of a list that opens from a button. */
export const MenuStyle = styled.div`
  padding: 0.35rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  max-height: 70vh;
  overflow-y: auto;
  [role='menu'] {
    outline: none;
  }
  [role='menuitem'],
  [role='menuitemradio'] {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-width: 14rem;
    padding: 0.3rem 0.6rem;
    border-radius: 3px;
    cursor: pointer;
    font-size: 0.9375rem;
  }
  [role='menuitemradio'][data-selected] {
    color: var(--mark);
    font-weight: 600;
  }
  [role='menuitem'][data-focused],
  [role='menuitemradio'][data-focused] {
    background: var(--mark-ground);
    outline: none;
  }
  [role='menuitem'] svg {
    width: 1rem;
    height: 1rem;
  }
  .detail {
    margin-left: auto;
    padding-left: 1.5rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  [role='separator'] {
    height: 1px;
    margin: 0.35rem 0;
    background: var(--rule);
  }
`;
