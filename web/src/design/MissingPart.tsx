import { useEffect } from 'react';
import styled from 'styled-components';
import { SCRIPT_MISSING } from '../fetchScript';
import { Button } from './controls';

const Note = styled.div`
  max-width: 26rem;
  margin: 0.5rem;
  padding: 0.6rem 0.8rem;
  border: 1px solid var(--mark);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  p {
    margin: 0 0 0.6rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  /* One that would have lain over the page lies over it too. */
  &.over {
    position: fixed;
    z-index: 30;
    bottom: 0.5rem;
    right: 0.5rem;
  }
`;

/** What stands in the place of a part whose script did not come. */
export interface MissingProps {
  readonly error: unknown;
  readonly onAgain: () => void;
  /** Closes the part, where it can be closed. */
  readonly onClose?: (() => void) | undefined;
}

/** What stands where a part of the page did not come: why, and the ways on. */
export function MissingPart({ onAgain, onClose }: MissingProps) {
  useEffect(() => {
    if (!onClose) return;
    const escape = (event: KeyboardEvent) => {
      if (event.key === 'Escape') onClose();
    };
    document.addEventListener('keydown', escape);
    return () => document.removeEventListener('keydown', escape);
  }, [onClose]);
  return (
    <Note className={onClose ? 'over' : ''}>
      <p role="alert">{SCRIPT_MISSING}</p>
      <div className="ways">
        <Button onPress={onAgain}>Try again</Button>
        <Button onPress={() => location.reload()}>Reload the page</Button>
        {onClose && <Button onPress={onClose}>Close</Button>}
      </div>
    </Note>
  );
}
