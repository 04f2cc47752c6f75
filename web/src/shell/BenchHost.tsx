import { lazy, type ComponentType } from 'react';
import type { Bench } from '../benches/bench';
import { BENCHES } from '../benches/register';
import { BenchBoundary } from './BenchBoundary';

const ready = new Map<string, ComponentType>();

/** Loads a bench, so that going to it shows it at once. */
export async function loadBench({ name, load }: Bench): Promise<void> {
  if (!ready.has(name)) ready.set(name, await load());
}

/** Each bench as it waits for its script; made anew when that failed, so that it can be tried again. */
const waiting = new Map<string, ComponentType>();

function waitingFor({ name, load }: Bench): ComponentType {
  let component = waiting.get(name);
  if (!component) {
    component = lazy(() =>
      load().then(
        (bench) => ({ default: bench }),
        (error: unknown) => {
          waiting.delete(name);
          throw error;
        },
      ),
    );
    waiting.set(name, component);
  }
  return component;
}

/** The benches that follow the first, loaded when the page is idle. */
export function loadOthers(): void {
  for (const bench of BENCHES) void loadBench(bench).catch(() => undefined);
}

/** A bench inside its boundary. One that is loaded never waits: a fallback, once shown, would stay a while. */
export function BenchHost({ bench }: { bench: Bench }) {
  return (
    <BenchBoundary bench={bench}>
      <Loaded bench={bench} />
    </BenchBoundary>
  );
}

function Loaded({ bench }: { bench: Bench }) {
  const Component = ready.get(bench.name) ?? waitingFor(bench);
  return <Component />;
}
