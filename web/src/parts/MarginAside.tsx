import { ChevronDown, ChevronUp } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { AfterPaint } from '../design/AfterPaint';
import { PlainButton } from '../design/PlainButton';

/** As wide the page is at most where the margin is a sheet that comes up from below. */
const NARROW = '(max-width: 860px)';
/** The part of the height that is left above the raised sheet. */
const LEFT_ABOVE = 0.42;

interface MarginAsideProps {
  readonly hidden: boolean;
  readonly children: ReactNode;
}

/**
 * The working margin, beside the work: at the right; on a telephone a sheet that slides up from below when a column is
 * tapped or its handle is pressed.
 */
export function MarginAside({ hidden, children }: MarginAsideProps) {
  const root = useRef<HTMLElement>(null);
  const [raised, setRaised] = useState(false);
  useEffect(() => {
    const margin = root.current!;
    const work = margin.previousElementSibling!;
    const stops = new AbortController();
    const { signal } = stops;
    const tapped = (event: Event) => {
      // A key that presses a column is a click without a count.
      if ((event as MouseEvent).detail > 0 && isColumn(event.target)) setRaised(true);
    };
    const escape = (event: Event) => {
      if ((event as KeyboardEvent).key === 'Escape') setRaised(false);
    };
    work.addEventListener('click', tapped, { signal });
    margin.addEventListener('keydown', escape, { signal });
    return () => stops.abort();
  }, []);
  return (
    <aside ref={root} className={raised ? 'margin raised' : 'margin'} aria-label="Working" hidden={hidden}>
      <PlainButton className="raise" aria-expanded={raised} onPress={() => setRaised(!raised)}>
        Working{' '}
        {raised ? <ChevronDown size={18} aria-hidden="true" /> : <ChevronUp size={18} aria-hidden="true" />}
      </PlainButton>
      <div className="margin-body">
        <AfterPaint>{children}</AfterPaint>
      </div>
    </aside>
  );
}

/** Whether a tap is on a column of a grid, on a telephone; what the sheet would hide comes up with it. */
function isColumn(tapped: EventTarget | null): boolean {
  if (!(tapped instanceof Element) || !window.matchMedia(NARROW).matches) return false;
  if (!tapped.closest('.grid, [role="grid"]')) return false;
  const over = tapped.getBoundingClientRect().bottom - window.innerHeight * LEFT_ABOVE;
  if (over > 0) window.scrollBy({ top: over, behavior: 'smooth' });
  return true;
}
