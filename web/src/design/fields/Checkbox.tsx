import { Check } from 'lucide-react';
import type { ReactNode } from 'react';
import { Checkbox as AriaCheckbox } from 'react-aria-components';
import styled from 'styled-components';
import { wholeTarget } from './wholeTarget';

const Box = styled(AriaCheckbox)`
  ${wholeTarget}
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 24px;
  font-size: 0.9rem;
  cursor: pointer;
  .tick {
    display: grid;
    flex: none;
    place-items: center;
    width: 1rem;
    height: 1rem;
    border: 1px solid var(--soft);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--sheet);
  }
  .tick svg {
    width: 0.8rem;
    height: 0.8rem;
    stroke-width: 3;
  }
  &[data-selected] .tick {
    border-color: var(--mark);
    background: var(--mark);
  }
  &[data-focus-visible] .tick {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  &[data-disabled] {
    opacity: 0.6;
    cursor: default;
  }
`;

interface CheckboxProps {
  readonly isSelected: boolean;
  readonly isDisabled?: boolean;
  readonly 'aria-label'?: string;
  readonly onChange: (on: boolean) => void;
  readonly children?: ReactNode;
}

/** Something that is so or not, with its words behind the box. */
export function Checkbox({ children, ...props }: CheckboxProps) {
  return (
    <Box {...props}>
      {({ isSelected }) => (
        <>
          <span className="tick" aria-hidden="true">
            {isSelected && <Check />}
          </span>
          {children}
        </>
      )}
    </Box>
  );
}
