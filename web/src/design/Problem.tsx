import type { ReactNode } from 'react';
import styled from 'styled-components';

const Line = styled.p`
  display: grid;
  grid-template-columns: 1rem 1fr;
  margin: 0;
  color: var(--correction);
  font-size: 0.9375rem;
  &::before {
    content: '!';
    font:
      italic 600 1.05rem/1.35 'Source Serif 4',
      serif;
  }
`;

/** A fault or caution, in correction ink and with its mark. */
export function Problem({ children }: { children: ReactNode }) {
  return (
    <Line role="alert">
      <span>{children}</span>
    </Line>
  );
}
