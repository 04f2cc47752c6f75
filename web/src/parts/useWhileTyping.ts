import { startTransition, useEffect, useRef, useState } from 'react';
import { typingInLine } from '../design/LineField';

/**
 * A value that comes a moment later while a line is being typed: the letter is painted first, then what it makes
 * of the line. Everything else that changes the value shows at once, and leaving the line shows what is due.
 */
export function useWhileTyping<T>(value: T): T {
  const [shown, setShown] = useState(value);
  const latest = useRef(value);
  const asked = useRef(false);
  useEffect(() => {
    latest.current = value;
    if (asked.current || value === shown) return;
    asked.current = true;
    afterPaint(() => {
      asked.current = false;
      startTransition(() => setShown(latest.current));
    });
  }, [value, shown]);
  useEffect(() => {
    const left = () => setShown(latest.current);
    document.addEventListener('focusout', left);
    return () => document.removeEventListener('focusout', left);
  }, []);
  return typingInLine() ? shown : value;
}

/** Does something once the next frame is painted. */
function afterPaint(act: () => void): void {
  requestAnimationFrame(() => setTimeout(act));
}
