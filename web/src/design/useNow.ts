import { useEffect, useState } from 'react';

const TICK_MS = 5000;

/** The time in milliseconds since 1970, told anew every few seconds: what is said of it changes by waiting. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
