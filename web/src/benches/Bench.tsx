import { lazy, type ComponentType } from 'react';
import type { BenchName } from '../workbook/model';

// Each bench is loaded when it is first gone to; the others follow when the page is idle.
const LOADERS: Record<BenchName, () => Promise<ComponentType>> = {
  key: () => import('./key/KeyBench').then(({ KeyBench }) => KeyBench),
  intervals: () => import('./intervals/IntervalsBench').then(({ IntervalsBench }) => IntervalsBench),
  chords: () => import('./chords/ChordsBench').then(({ ChordsBench }) => ChordsBench),
  progressions: () =>
    import('./progressions/ProgressionsBench').then(({ ProgressionsBench }) => ProgressionsBench),
};

const ready: Partial<Record<BenchName, ComponentType>> = {};

/** Loads a bench, so that going to it shows it at once. */
export async function loadBench(name: BenchName): Promise<void> {
  ready[name] ??= await LOADERS[name]();
}

const lazily = (name: BenchName) => lazy(() => LOADERS[name]().then((bench) => ({ default: bench })));
const WAITING: Record<BenchName, ComponentType> = {
  key: lazily('key'),
  intervals: lazily('intervals'),
  chords: lazily('chords'),
  progressions: lazily('progressions'),
};

/**
 * The bench of a name. One that is loaded never waits: a fallback, once shown, would stay for a third of a
 * second.
 */
export function Bench({ name }: { name: BenchName }) {
  const Loaded = ready[name] ?? WAITING[name];
  return <Loaded />;
}
