import { ChevronDown, ChevronUp } from 'lucide-react';
import type { ReactNode } from 'react';
import { AfterPaint } from '../design/AfterPaint';
import { PlainButton } from '../design/PlainButton';

/** As wide the page is at most where the margin is a sheet that comes up from below. */
const NARROW = '(max-width: 860px)';
/** The part of the height that is left above the raised sheet. */
const LEFT_ABOVE = 0.42;

interface MarginAsideProps {
  readonly raised: boolean;
  readonly hidden: boolean;
  readonly onRaise: (raised: boolean) => void;
  readonly children: ReactNode;
}

/** The working margin: at the right; on a telephone a sheet that slides up from below, with a handle to press. */
export function MarginAside({ raised, hidden, onRaise, children }: MarginAsideProps) {
  return (
    <aside
      className={raised ? 'margin raised' : 'margin'}
      aria-label="Working"
      hidden={hidden}
      onKeyDown={(event) => event.key === 'Escape' && onRaise(false)}
    >
      <PlainButton className="raise" aria-expanded={raised} onPress={() => onRaise(!raised)}>
        Working {raised ? <ChevronDown aria-hidden="true" /> : <ChevronUp aria-hidden="true" />}
      </PlainButton>
      <div className="margin-body">
        <AfterPaint>{children}</AfterPaint>
      </div>
    </aside>
  );
}

/** Whether a tap on something brings its working up: on a telephone, on a column of a grid. What it hides comes up too. */
export function raisesMargin(tapped: EventTarget, isPointer: boolean): boolean {
  if (!isPointer || !(tapped instanceof Element) || !window.matchMedia(NARROW).matches) return false;
  const column = tapped.closest('.grid, [role="grid"]') && tapped;
  if (!column) return false;
  const over = column.getBoundingClientRect().bottom - window.innerHeight * LEFT_ABOVE;
  if (over > 0) window.scrollBy({ top: over, behavior: 'smooth' });
  return true;
}
