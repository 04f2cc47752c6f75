import { midiNumber } from '../../pitch/note';
import { barAt } from '../model/beats';
import type { ScoreBar, ScoreNote } from '../model/scoreNote';

/** A note that is held so many bars may be a pedal point; one that is struck again must be the lowest as well. */
const LEAST_BARS = 2;

/** The notes, with those marked that are held or struck again on one pitch for two bars and more (common practice). */
export function withPedals(notes: readonly ScoreNote[], bars: readonly ScoreBar[]): readonly ScoreNote[] {
  const marked = new Set<number>();
  const isLong = (from: number, to: number) => {
    const bar = barAt(bars, from);
    return bar !== undefined && to - from >= LEAST_BARS * (bar.to - bar.from);
  };
  notes.forEach(({ onset, end }, at) => {
    if (isLong(onset, end)) marked.add(at);
  });
  for (const chain of lowestChains(notes)) {
    const [first, last] = [notes[chain[0]!]!, notes[chain[chain.length - 1]!]!];
    if (chain.length > 1 && isLong(first.onset, last.end)) for (const one of chain) marked.add(one);
  }
  return marked.size === 0
    ? notes
    : notes.map((note, at) => (marked.has(at) ? { ...note, inPedal: true } : note));
}

/** Lowest notes of one pitch that follow each other at once, with no lower note between. */
function lowestChains(notes: readonly ScoreNote[]): number[][] {
  const order = notes
    .map((_, at) => at)
    .sort(
      (a, b) => notes[a]!.onset - notes[b]!.onset || midiNumber(notes[a]!.note) - midiNumber(notes[b]!.note),
    );
  const chains: number[][] = [];
  let until = -Infinity;
  let height = Infinity;
  for (const at of order) {
    const { onset, end, note } = notes[at]!;
    const own = midiNumber(note);
    if (onset < until && own > height) continue;
    if (own === height && onset <= until) chains[chains.length - 1]!.push(at);
    else chains.push([at]);
    [until, height] = [Math.max(end, own === height ? until : end), own];
  }
  return chains;
}
