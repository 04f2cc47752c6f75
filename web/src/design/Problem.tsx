import { PlainButton } from './PlainButton';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Line = styled.p`
  display: grid;
  grid-template-columns: 1rem minmax(0, 1fr) auto;
  margin: 0;
  max-width: 38rem;
  color: var(--correction);
  font-size: 0.9375rem;
  overflow-wrap: anywhere;
  &::before {
    content: '!';
    font:
      italic 600 1.05rem/1.35 'Source Serif 4',
      serif;
  }
  button {
    align-self: start;
    min-width: 1.5rem;
    min-height: 1.5rem;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
    line-height: 0;
  }
  button svg {
    width: 0.9rem;
    height: 0.9rem;
  }
`;

interface ProblemProps {
  readonly children: ReactNode;
  /** Takes it away, where it would otherwise stay. */
  readonly onClose?: () => void;
}

/** A fault or caution, in correction ink and with its mark. */
export function Problem({ children, onClose }: ProblemProps) {
  return (
    <Line role="alert">
      <span>{children}</span>
      {onClose && (
        <PlainButton aria-label="Close the message" onPress={onClose}>
          <X aria-hidden="true" />
        </PlainButton>
      )}
    </Line>
  );
}
