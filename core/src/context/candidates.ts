import { dropDoublings, identify } from '../chord/identify';
import type { Chord } from '../chord/chord';
import { sameName, type NoteName } from '../pitch/note';
import { COSTS } from './costs';
import { type ChordIn, idOf, MOST_PLACES } from './chordIn';

/** As chordsOf, remembered: the same chords come with every edit of a line. */
export function candidatesOf(chord: ChordIn): ReturnType<typeof chordsOf> {
  const id = idOf(chord);
  let known = CANDIDATES.get(id);
  if (!known) {
    if (CANDIDATES.size > MOST_PLACES) CANDIDATES.clear();
    CANDIDATES.set(id, (known = chordsOf(chord)));
  }
  return known;
}

const CANDIDATES = new Map<string, ReturnType<typeof chordsOf>>();

/** The chords that the notes may be, with what each costs beside the best. */
function chordsOf(chord: ChordIn): { readonly chord: Chord; readonly cost: number }[] {
  // What is typed says its root and quality; the context chooses the numeral and the key.
  if ('chord' in chord) return [{ chord: chord.chord, cost: 0 }];
  const { notes } = chord;
  if (dropDoublings(notes).length < 2) return lone(notes[0]!);
  const readings = identify(notes);
  const least = readings[0]!.cost;
  return readings.slice(0, 3).map(({ chord: one, cost, description }) => {
    // An inversion says nothing against a whole chord: its figures name it.
    const inverted = sameName(one.root, one.bass) || description.omitted.length > 0 ? 0 : 1;
    return {
      chord: one,
      cost: Math.max(0, cost - inverted - least) + (description.sixth ? COSTS.addedSixth : 0),
    };
  });
}

/** One note alone stands for the triad on it. */
function lone(note: NoteName): { readonly chord: Chord; readonly cost: number }[] {
  return [{ chord: { root: note, members: [{ degree: 1, alteration: 0 }], bass: note }, cost: 0 }];
}
