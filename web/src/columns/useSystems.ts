import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import { flushSync } from 'react-dom';
import { useDrawingMode } from './drawingMode';
import { systemsOf } from './systems';
import type { GridColumn } from './types';

const plainly = (update: () => void) => update();

/** A line of few columns is spread evenly over its systems; a long one fills them, and moves less while it is typed. */
const FEW = 12;

type Systems = readonly (readonly [number, number])[];

/**
 * Which columns stand in which system: as many as the room holds, measured as they are drawn. A column is
 * measured once, so that typing measures only what changed. `wrap` is the room in pixels, or `fit` for that
 * of the grid; null keeps one line.
 */
export function useSystems(
  root: RefObject<HTMLElement | null>,
  columns: readonly GridColumn[],
  wrap: 'fit' | number | null,
  look: string,
): Systems {
  const drawing = useDrawingMode((state) => state.width);
  const [systems, setSystems] = useState<Systems>([]);
  const known = useRef({ look: '', widths: new WeakMap<GridColumn, number>() });
  const fonts = useRef(0);
  const wanted = drawing === undefined ? wrap : drawing;
  const now = { columns, wanted, look, systems };
  const latest = useRef(now);
  latest.current = now;

  const arrange = useCallback(
    (set: (update: () => void) => void) => {
      const element = root.current;
      const { columns, wanted, look, systems } = latest.current;
      if (!element || wanted === null) return;
      const most = wanted === 'fit' ? element.clientWidth : wanted;
      if (most === 0) return;
      const seen = `${look} ${fonts.current}`;
      if (known.current.look !== seen) known.current = { look: seen, widths: new WeakMap() };
      const { widths } = known.current;
      // One line that fits needs no measuring.
      const oneLine = systems.length <= 1;
      if (oneLine && wanted === 'fit' && element.scrollWidth <= element.clientWidth) return;
      const anew = columns.flatMap((column, at) => (widths.has(column) ? [] : [at]));
      if (anew.length > 0)
        measure(element, columns, anew, oneLine ? Infinity : (systems.at(-1)?.[0] ?? 0), widths);
      const head = element.querySelector('.grid-head')?.getBoundingClientRect().width ?? 0;
      const next = systemsOf(
        columns.map((column) => ({ width: widths.get(column) ?? 0, barred: column.after !== undefined })),
        most - head - 1,
        columns.length <= FEW || wanted !== 'fit',
      );
      // Until they are measured the last system takes what came: where that fits, nothing is drawn again.
      const shown = fitting(systems, columns.length) ?? [[0, columns.length - 1]];
      if (JSON.stringify(shown) !== JSON.stringify(next)) set(() => setSystems(next));
    },
    [root],
  );

  // After the browser has laid out and before it paints, reading widths costs nothing.
  useEffect(() => {
    const element = root.current;
    if (!element || wanted !== 'fit') return;
    const observer = new ResizeObserver(() => arrange(flushSync));
    observer.observe(element);
    for (const body of element.querySelectorAll('.grid-columns')) observer.observe(body);
    return () => observer.disconnect();
  }, [root, wanted, systems, arrange]);

  // Letters are as wide as the fonts that have come. Asked for once, not each time that a bench is shown again: asking
  // makes the browser lay the page out.
  const awaited = useRef(false);
  useEffect(() => {
    if (awaited.current) return;
    awaited.current = true;
    void document.fonts?.ready.then(() => {
      fonts.current++;
      arrange(plainly);
    });
  }, [arrange]);

  // Columns that came are measured before the page is painted: the browser lays it out for the typed line anyway.
  useLayoutEffect(() => arrange(plainly), [columns, wanted, look, arrange]);

  const whole: Systems = [[0, columns.length - 1]];
  if (wanted === null || columns.length === 0) return whole;
  return fitting(systems, columns.length) ?? whole;
}

/** Reads the widths of columns; those of the last system, from `loose` on, stand at their own width already. */
function measure(
  grid: HTMLElement,
  columns: readonly GridColumn[],
  which: readonly number[],
  loose: number,
  widths: WeakMap<GridColumn, number>,
): void {
  const drawn = grid.querySelectorAll<HTMLElement>('.grid-column');
  const stretched = which.filter((at) => at < loose);
  for (const at of stretched) drawn[at]?.classList.add('measuring');
  for (const at of which) {
    const width = drawn[at]?.getBoundingClientRect().width;
    if (width) widths.set(columns[at]!, width);
  }
  for (const at of stretched) drawn[at]?.classList.remove('measuring');
}

/** The systems for as many columns as there are now: until they are measured anew, the last one takes what came. */
function fitting(systems: Systems, count: number): Systems | null {
  const kept = systems.filter(([from]) => from < count);
  const last = kept[kept.length - 1];
  return last ? [...kept.slice(0, -1), [last[0], count - 1]] : null;
}
