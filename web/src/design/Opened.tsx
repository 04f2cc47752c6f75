import { useEffect, useRef, type ReactNode } from 'react';

/** What opens below the work comes into sight; it is not printed. */
export function Opened({ children }: { children: ReactNode }) {
  const opened = useRef<HTMLDivElement>(null);
  useEffect(() => opened.current?.scrollIntoView({ block: 'nearest' }), []);
  return (
    <div ref={opened} className="no-print">
      {children}
    </div>
  );
}
