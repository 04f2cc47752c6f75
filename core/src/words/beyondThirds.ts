import type { BeyondThirds } from '../chord/beyondThirds';
import { displayNoteName } from '../pitch/print';
import type { NoteName } from '../pitch/note';
import { DEFAULT_SCHOOL, type School } from '../school/school';

/** What notes are beyond thirds, as a teacher would say it. */
export function beyondThirdsWords(found: BeyondThirds, school: School = DEFAULT_SCHOOL): string {
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
