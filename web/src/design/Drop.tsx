import { ChevronDown } from 'lucide-react';
import { Suspense, useRef, useState, type ReactNode, type RefObject } from 'react';
import { Button } from './controls';

/** What opens from a button: where it hangs, and how it closes. */
export interface Dropped {
  readonly triggerRef: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

interface DropProps {
  readonly label: string;
  readonly opens: 'menu' | 'dialog';
  readonly children: ReactNode;
  readonly arrow?: boolean;
  /** Draws what opens; it is loaded when it is first opened. */
  readonly drop: (dropped: Dropped) => ReactNode;
}

/** A button that opens a list or a table under it. Enter, space and the down arrow open it. */
export function Drop({ label, opens, children, arrow = true, drop }: DropProps) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Button
        ref={button}
        aria-label={label}
        aria-haspopup={opens}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setOpen(true);
          // Undo, the list of commands and the like are heard above.
          else event.continuePropagation();
        }}
      >
        {children}
        {arrow && <ChevronDown aria-hidden="true" />}
      </Button>
      {open && (
        <Suspense fallback={null}>{drop({ triggerRef: button, onClose: () => setOpen(false) })}</Suspense>
      )}
    </>
  );
}
