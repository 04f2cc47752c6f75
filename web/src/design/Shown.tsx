import { useEffect, useRef } from 'react';

/** Does something once, as soon as the page stands there. */
export function Shown({ onShown }: { readonly onShown: () => void }) {
  const done = useRef(false);
  useEffect(() => {
    if (done.current) return;
    done.current = true;
    onShown();
  }, [onShown]);
  return null;
}
