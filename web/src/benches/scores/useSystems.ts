import {
  barSystems,
  barWidths,
  fifthsAt,
  headRoom,
  type BarSystem,
  type LabelRoom,
  type StaffPlan,
} from '@diatonix/engraving/score';
import type { Score } from '@diatonix/core';
import { useEffect, useMemo, useState, type RefObject } from 'react';

/** Narrower a system is never set; the page scrolls sideways instead. */
const NARROWEST = 300;

/**
 * How a piece falls into systems in the room that there is, or in that of a page or a picture, in pixels;
 * widths in staff units.
 */
export function useScoreSystems(
  root: RefObject<HTMLElement | null>,
  score: Score,
  plan: StaffPlan,
  inBars: readonly (readonly number[])[],
  labels: readonly LabelRoom[],
  scale: number,
  set: number | null,
  breaks: readonly number[],
): { readonly width: number; readonly widths: readonly number[]; readonly systems: readonly BarSystem[] } {
  const [measured, setPixels] = useState(0);
  const pixels = set ?? measured;
  useEffect(() => {
    const element = root.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => setPixels(Math.floor(entry!.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [root]);
  const widths = useMemo(() => barWidths(score, inBars, labels), [score, inBars, labels]);
  const width = Math.max(NARROWEST, Math.floor(pixels / scale) - 4);
  const fifths = fifthsAt(score, 0);
  const systems = useMemo(
    () =>
      pixels === 0 ? [] : barSystems(widths, (first) => width - headRoom(plan, fifths, first, first), breaks),
    [pixels, width, widths, plan, fifths, breaks],
  );
  return { width, widths, systems };
}
