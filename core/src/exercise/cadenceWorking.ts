import { cadencesOf } from '../context/cadences';
import type { ContextReading } from '../context/chordIn';
import type { WorkingStep } from '../working/step';

/** The cadence that the last two chords of a line make, as a working says it; nothing where they make none. */
export function cadenceWorking(line: readonly ContextReading[]): WorkingStep[] {
  const [from, to] = line.slice(-2);
  const kind = cadencesOf(line.slice(-2), {})[0]?.kind;
  if (!from || !to || !kind) return [];
  return [{ step: 'makes-cadence', from: from.numeral, to: to.numeral, key: to.key, kind }];
}
