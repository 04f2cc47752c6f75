import type { Key } from '../../key/key';
import { checkVoicing } from '../../voicing/check';
import type { FourNotes } from '../../voicing/fourPart';
import type { Fault } from '../../voicing/rules';
import { keyFromSignature } from '../../key/key';
import type { ScoreToRead } from '../model/scoreNote';
import type { ScoreReading } from './scoreReading';

/** A fault against the rules of four-part writing, and the time in ticks when it is heard. */
export type TimedFault = Pick<Fault, 'rule' | 'voices'> & { readonly at: number };

/**
 * The faults of four parts that move singly, moment by moment; null where a score is no such thing. Where a voice
 * rests nothing is joined over the rest.
 */
export function scoreFaults({ notes, signatures }: ScoreToRead, reading: ScoreReading): TimedFault[] | null {
  if (notes.some(({ part }) => part > 3)) return null;
  const runs: { settings: FourNotes[]; times: number[] }[] = [];
  let run: { settings: FourNotes[]; times: number[] } | null = null;
  for (const slice of reading.slices) {
    const own = [0, 1, 2, 3].map((part) => slice.sounding.filter((one) => notes[one]!.part === part));
    if (own.some((list) => list.length > 1)) return null;
    if (own.every((list) => list.length === 1)) {
      run ??= { settings: [], times: [] };
      run.settings.push(own.map(([one]) => notes[one!]!.note) as unknown as FourNotes);
      run.times.push(slice.from);
    } else {
      if (run) runs.push(run);
      run = null;
    }
  }
  if (run) runs.push(run);
  if (runs.length === 0) return null;
  const key: Key = reading.keys[0]?.key ?? keyFromSignature(signatures[0]?.fifths ?? 0, 'major');
  return runs.flatMap(({ settings, times }) =>
    checkVoicing(settings, key).map(({ at, rule, voices }) => ({ at: times[at]!, rule, voices })),
  );
}
