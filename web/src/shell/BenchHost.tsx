import type { Bench } from '../benches/bench';
import { BENCHES } from '../benches/register';
import { part, type Part } from '../design/part';
import { BenchBoundary, BenchMissing } from './BenchBoundary';

const PARTS = new Map<string, Part<object>>(
  BENCHES.map((bench) => [
    bench.name,
    part(bench.load, (props) => <BenchMissing bench={bench} {...props} />),
  ]),
);

/** Loads a bench, so that going to it shows it at once. One that does not come says so in its place. */
export function loadBench({ name }: Bench): Promise<void> {
  return PARTS.get(name)!.fetch();
}

/** Whether this browser was told to fetch no more than what is looked at. */
export const savesData = (): boolean =>
  (navigator as { readonly connection?: { readonly saveData?: boolean } }).connection?.saveData === true;

/** The benches that follow the first, loaded when the page is idle. */
export function loadOthers(): void {
  for (const bench of BENCHES) void loadBench(bench);
}

/** A bench inside its boundary. One that is loaded never waits: a fallback, once shown, would stay a while. */
export function BenchHost({ bench }: { bench: Bench }) {
  const Shown = PARTS.get(bench.name)!;
  return (
    <BenchBoundary bench={bench}>
      <Shown />
    </BenchBoundary>
  );
}
