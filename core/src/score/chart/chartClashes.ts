import { stackedNotes } from '../../chord/chord';
import { pitchClass, type NoteName } from '../../pitch/note';
import { beatTicks } from '../../time/metre';
import { barAt } from '../model/beats';
import type { ChartChord } from './chart';
import type { ScoreToRead } from '../model/scoreNote';
import type { ScoreReading } from '../reading/scoreReading';

/** Where a chart says another chord than the piece has: when, the chord of the chart, and what sounds against it. */
export interface ChartClash {
  readonly at: number;
  readonly chart: ChartChord;
  readonly notes: readonly NoteName[];
}

/**
 * The notes of the piece that sound against its chart, chord by chord of the chart: those that belong to the chord
 * of the reading, sound for a beat or more in its time and are not in the chord of the chart. What only passes
 * clashes with no chart, and a seventh that the chart leaves out is told elsewhere.
 */
export function chartClashes(
  { notes, bars }: ScoreToRead,
  { chords }: ScoreReading,
  chart: readonly ChartChord[],
): ChartClash[] {
  const order = notes.map((note, place) => ({ ...note, place })).sort((a, b) => a.onset - b.onset);
  const longest = order.reduce((most, { onset, end }) => Math.max(most, end - onset), 0);
  let first = 0;
  return chart.flatMap((one): ChartClash[] => {
    const held = new Set(stackedNotes(one.chord).map(pitchClass));
    const dropped = new Set(
      stackedNotes({ ...chords[one.from]!.chord, members: one.dropped }).map(pitchClass),
    );
    const passing = new Set(
      chords
        .filter(({ from, to }) => from < one.to && to > one.at)
        .flatMap(({ nonChord }) => nonChord.map(({ note }) => note)),
    );
    const beat = beatTicks(barAt(bars, one.at)!.metre);
    while (order[first] && order[first]!.onset + longest <= one.at) first++;
    const found = new Map<string, { name: NoteName; at: number; time: number }>();
    for (let at = first; order[at] && order[at]!.onset < one.to; at++) {
      const { note, onset, end, place } = order[at]!;
      const time = Math.min(end, one.to) - Math.max(onset, one.at);
      if (time <= 0 || passing.has(place)) continue;
      const sound = pitchClass(note);
      if (held.has(sound) || dropped.has(sound)) continue;
      const id = `${note.step} ${note.alteration}`;
      const known = found.get(id);
      found.set(id, {
        name: { step: note.step, alteration: note.alteration },
        at: Math.min(known?.at ?? Infinity, Math.max(onset, one.at)),
        time: Math.max(known?.time ?? 0, time),
      });
    }
    const clashing = [...found.values()].filter(({ time }) => time >= beat);
    if (clashing.length === 0) return [];
    return [
      { at: Math.min(...clashing.map(({ at }) => at)), chart: one, notes: clashing.map(({ name }) => name) },
    ];
  });
}
