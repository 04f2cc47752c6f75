import { memberNote, type Chord } from '../chord/chord';
import { degreeOf, scaleOf } from '../key/scale';
import type { Numeral } from './numeral';
import { sameName } from '../pitch/note';
import { ordinaryKeys, type Key } from '../key/key';

/** A key in which a chord is diatonic, and its numeral there. */
export interface Home {
  readonly key: Key;
  readonly numeral: Numeral;
}

/**
 * Every ordinary major and minor key whose scale holds the whole chord, with
 * the numeral there: for minor the natural form, and the harmonic for chords
 * with the leading note. A dominant seventh is found a fifth above its tonic.
 */
export function homesOf(chord: Chord): Home[] {
  const notes = chord.members.map((member) => memberNote(chord.root, member));
  const lowest = chord.members.find((m) => sameName(memberNote(chord.root, m), chord.bass)) ?? {
    degree: 1,
    alteration: 0,
  };
  const homes: Home[] = [];
  for (const mode of ['major', 'minor'] as const) {
    for (const key of ordinaryKeys(mode)) {
      const scales = mode === 'major' ? [scaleOf(key)] : [scaleOf(key), scaleOf(key, 'harmonic')];
      if (!scales.some((scale) => notes.every((note) => scale.some((other) => sameName(other, note)))))
        continue;
      const { degree, alteration } = degreeOf(key, chord.root);
      homes.push({
        key,
        numeral: { degree, alteration, members: chord.members, lowest, special: null, target: null },
      });
    }
  }
  return homes;
}
