import { Button as AriaButton, ToggleButton as AriaToggle, ToggleButtonGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';

const control = css`
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  min-height: 1.85rem;
  padding: 0.2rem 0.55rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 0.875rem;
  line-height: 1.2;
  white-space: nowrap;
  cursor: pointer;
  &[data-hovered] {
    border-color: var(--soft);
  }
  &[data-pressed] {
    background: var(--mark-ground);
  }
  &[data-disabled] {
    color: var(--soft);
    opacity: 0.6;
    cursor: default;
  }
  &[data-focus-visible] {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  svg {
    width: 1rem;
    height: 1rem;
    flex: none;
  }
`;

/** The look of a choice or a line of text to be written in. */
export const fieldLook = css`
  padding: 0.25rem 0.4rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
`;

/** A button that names its result. */
export const Button = styled(AriaButton)`
  ${control}
`;

/** A choice that stays chosen: blue frame, heavier word. */
export const Toggle = styled(AriaToggle)`
  ${control}
  &[data-selected] {
    border-color: var(--mark);
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
  }
`;

export const ToggleRow = styled(ToggleButtonGroup)`
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0.3rem;
`;

/** A button that is only its words, for the margin and the contents list. */
export const QuietButton = styled(AriaButton)`
  border: 0;
  padding: 0.1rem 0;
  background: none;
  color: var(--soft);
  font-size: 0.875rem;
  text-align: left;
  cursor: pointer;
  &[data-hovered] {
    color: var(--ink);
    text-decoration: underline;
  }
`;
