import { bassMember, memberNote, type Chord } from '../chord/chord';
import { midiNumber, sameName, staffPosition, type Note, type NoteName } from '../pitch/note';

/** A chord set for two hands: the bass alone below, the rest in close position above. */
export interface Setting {
  readonly lower: readonly Note[];
  readonly upper: readonly Note[];
}

/** Right hand from G3 to about F5: thick below, thin above (common practice). */
const UPPER_LOW = 55;
const UPPER_HIGH = 77;
const FIRST_CENTRE = 65;

/**
 * A plain setting of chords in order: the bass between E2 and D3, the upper
 * notes in close position in the inversion nearest to the last one. Triads
 * keep all three notes above; larger chords leave the bass to the left hand.
 * Costs chords × inversions.
 */
export function closeVoicings(chords: readonly Chord[]): Setting[] {
  const settings: Setting[] = [];
  let last: readonly Note[] | null = null;
  for (const chord of chords) {
    const setting = settingAfter(chord, last);
    settings.push(setting);
    last = setting.upper;
  }
  return settings;
}

/** Remembered by the chord: an edit leaves most chords of a line after the same notes as before. */
function settingAfter(chord: Chord, last: readonly Note[] | null): Setting {
  const known = SETTINGS.get(chord) ?? new WeakMap<readonly Note[], Setting>();
  SETTINGS.set(chord, known);
  const setting = known.get(last ?? NOTHING) ?? {
    lower: [bassNote(chord.bass)],
    upper: nearestUpper(chord, last),
  };
  known.set(last ?? NOTHING, setting);
  return setting;
}

const NOTHING: readonly Note[] = [];
const SETTINGS = new WeakMap<Chord, WeakMap<readonly Note[], Setting>>();

function bassNote(name: NoteName): Note {
  const low: Note = { ...name, octave: 2 };
  return midiNumber(low) < 40 ? { ...name, octave: 3 } : low;
}

function nearestUpper(chord: Chord, last: readonly Note[] | null): Note[] {
  const names = chord.members.map((member) => memberNote(chord.root, member));
  const lowest = bassMember(chord);
  const upper = names.length > 3 && lowest ? names.filter((name) => !sameName(name, chord.bass)) : names;
  const ordered = [...upper].sort((a, b) => a.step - b.step || a.alteration - b.alteration);
  let best: Note[] = [];
  let bestCost = Infinity;
  for (let rotation = 0; rotation < ordered.length; rotation++) {
    for (const octave of [3, 4, 5]) {
      const notes = stack([...ordered.slice(rotation), ...ordered.slice(0, rotation)], octave);
      const cost = movement(notes, last) + registerCost(notes);
      if (cost < bestCost) [best, bestCost] = [notes, cost];
    }
  }
  return best;
}

function stack(names: readonly NoteName[], octave: number): Note[] {
  const notes: Note[] = [];
  let current = octave;
  for (const name of names) {
    const previous = notes[notes.length - 1];
    if (previous && name.step < previous.step) current++;
    notes.push({ ...name, octave: current });
  }
  return notes.sort((a, b) => staffPosition(a) - staffPosition(b));
}

/** Distance of outer and middle notes from the last chord, in half steps. */
function movement(notes: readonly Note[], last: readonly Note[] | null): number {
  if (!last || last.length === 0) return Math.abs(centre(notes) - FIRST_CENTRE);
  let total = 0;
  for (const note of notes)
    total += Math.min(...last.map((other) => Math.abs(midiNumber(other) - midiNumber(note))));
  const top = Math.abs(midiNumber(notes[notes.length - 1]!) - midiNumber(last[last.length - 1]!));
  return total + top;
}

function centre(notes: readonly Note[]): number {
  return (midiNumber(notes[0]!) + midiNumber(notes[notes.length - 1]!)) / 2;
}

function registerCost(notes: readonly Note[]): number {
  const low = Math.max(0, UPPER_LOW - midiNumber(notes[0]!));
  const high = Math.max(0, midiNumber(notes[notes.length - 1]!) - UPPER_HIGH);
  return 6 * (low + high) + 0.2 * Math.abs(centre(notes) - FIRST_CENTRE);
}

/** Notes as they were given, shared between two staves at middle C. */
export function givenSetting(notes: readonly Note[]): Setting {
  return {
    lower: notes.filter((note) => staffPosition(note) < 28),
    upper: notes.filter((note) => staffPosition(note) >= 28),
  };
}
