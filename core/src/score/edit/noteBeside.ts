import { midiNumber } from '../../pitch/note';
import type { WrittenNote } from '../model/score';
import { sameVoice, takesTime } from '../model/voicePlace';

export type Beside = 'before' | 'after' | 'above' | 'below';

/**
 * The note or rest beside one: before or after it in its voice, or above or below it among those that stand at its
 * moment, on any staff. Places are those of the list; null where there is none.
 */
export function noteBeside(notes: readonly WrittenNote[], place: number, way: Beside): number | null {
  const one = notes[place];
  if (!one) return null;
  const all = notes.map((note, at) => ({ note, at }));
  if (way === 'before' || way === 'after') {
    const sign = way === 'after' ? 1 : -1;
    const own = all.filter(({ note }) => sameVoice(note, one) && (note.onset - one.onset) * sign > 0);
    if (own.length === 0) return null;
    const onset = own.reduce(
      (best, { note }) => ((note.onset - best) * sign < 0 ? note.onset : best),
      own[0]!.note.onset,
    );
    // In a chord the note nearest in pitch is next.
    const near = own.filter(({ note }) => note.onset === onset);
    const distance = ({ note }: WrittenNote) =>
      note && one.note ? Math.abs(midiNumber(note) - midiNumber(one.note)) : 0;
    return near.reduce((best, other) => (distance(other.note) < distance(best.note) ? other : best)).at;
  }
  const moment = all
    .filter(
      ({ note, at }) =>
        at === place ||
        ((takesTime(note) || note.kind === 'cue') &&
          note.onset <= one.onset &&
          note.onset + note.ticks > one.onset),
    )
    .sort((a, b) => order(a.note, b.note) || a.at - b.at);
  const at = moment.findIndex((other) => other.at === place);
  return moment[at + (way === 'below' ? 1 : -1)]?.at ?? null;
}

/** From the top of the page downward: parts, staves, then pitch. */
function order(a: WrittenNote, b: WrittenNote): number {
  return a.part - b.part || a.staff - b.staff || height(b) - height(a);
}

function height({ note }: WrittenNote): number {
  return note ? midiNumber(note) : -1;
}
