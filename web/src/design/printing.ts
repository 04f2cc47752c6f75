import { useEffect, useRef } from 'react';

/** What prints what stands on the page, the innermost last. */
const shown: (() => void)[] = [];

/** While it is on the page, printing is this: pages to look at first, or the page as it stands. */
export function usePrinting(print: () => void): void {
  const latest = useRef(print);
  useEffect(() => {
    latest.current = print;
  });
  useEffect(() => {
    const own = () => latest.current();
    shown.push(own);
    return () => {
      shown.splice(shown.indexOf(own), 1);
    };
  }, []);
}

/** Prints the bench that is shown, or the page as it stands. */
export function printShown(): void {
  const print = shown[shown.length - 1];
  if (print) print();
  else window.print();
}
