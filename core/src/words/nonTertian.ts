import type { NonTertian } from '../chord/nonTertian';
import { displayNoteName } from '../pitch/print';
import type { NoteName } from '../pitch/note';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';

/** What notes are beyond thirds, as a teacher would say it. */
export function nonTertianWords(found: NonTertian, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const say = (notes: readonly NoteName[]) =>
    notes.map((note) => displayNoteName(note, school.letters)).join(' ');
  switch (found.kind) {
    case 'quartal':
      return `No chord of thirds: ${say(found.notes)} stand in fourths, a quartal chord.`;
    case 'quintal':
      return `No chord of thirds: ${say(found.notes)} stand in fifths, a quintal chord.`;
    case 'cluster':
      return `No chord of thirds: ${say(found.notes)} stand in seconds, a cluster.`;
    case 'polychord': {
      const { upper, lower, upperRoot, lowerRoot } = found;
      return `Two chords at once: ${say([upperRoot])} (${say(upper)}) over ${say([lowerRoot])} (${say(lower)}).`;
    }
    case 'none':
      return `No chord of thirds: no root explains ${say(found.notes)}.`;
  }
}
