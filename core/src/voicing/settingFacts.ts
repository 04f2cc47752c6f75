import { memberNote, type Chord } from '../chord/chord';
import { midiNumber, sameName, staffPosition } from '../pitch/note';
import type { FourNotes } from './fourPart';
import { VOICES, type VoiceName } from './register';

/** What makes a setting less plain, at the chord in which it is complete (common practice). */
export type SettingFact =
  | { readonly kind: 'doubled' | 'tripled'; readonly at: number; readonly degree: number }
  | { readonly kind: 'fifth-left-out'; readonly at: number }
  | { readonly kind: 'unison'; readonly at: number; readonly voices: readonly [VoiceName, VoiceName] }
  | { readonly kind: 'wide-tenor'; readonly at: number }
  | { readonly kind: 'leap'; readonly at: number; readonly voice: VoiceName; readonly number: number };

const OCTAVE = 12;
/** An upper voice that goes further than a fourth leaps. */
const FOURTH = 4;

/**
 * What a setting of some chords is made of where it is not the plainest: doubled thirds, fifths and sevenths, tripled
 * notes, fifths left out, unisons, a tenor far over the bass, and leaps of the upper voices beyond a fourth.
 */
export function settingFacts(voices: readonly FourNotes[], chords: readonly Chord[]): SettingFact[] {
  return voices.flatMap((notes, at) => [
    ...doublings(notes, chords[at]!, at),
    ...layout(notes, at),
    ...(at > 0 ? leaps(voices[at - 1]!, notes, at) : []),
  ]);
}

function doublings(notes: FourNotes, chord: Chord, at: number): SettingFact[] {
  return chord.members.flatMap((member): SettingFact[] => {
    const name = memberNote(chord.root, member);
    const { degree } = member;
    const count = notes.filter((note) => sameName(note, name)).length;
    if (count === 0) return degree === 5 ? [{ kind: 'fifth-left-out', at }] : [];
    if (count > 2) return [{ kind: 'tripled', at, degree }];
    // A six-four doubles its bass.
    const usual = degree === 1 || (degree === 5 && sameName(name, chord.bass));
    return count === 2 && !usual ? [{ kind: 'doubled', at, degree }] : [];
  });
}

function layout(notes: FourNotes, at: number): SettingFact[] {
  const heights = notes.map(midiNumber);
  const unisons = [0, 1, 2].flatMap((upper): SettingFact[] =>
    heights[upper] === heights[upper + 1]
      ? [{ kind: 'unison', at, voices: [VOICES[upper]!, VOICES[upper + 1]!] }]
      : [],
  );
  return heights[2]! - heights[3]! > OCTAVE ? [...unisons, { kind: 'wide-tenor', at }] : unisons;
}

function leaps(before: FourNotes, now: FourNotes, at: number): SettingFact[] {
  return VOICES.slice(0, 3).flatMap((voice, place): SettingFact[] => {
    const number = Math.abs(staffPosition(now[place]!) - staffPosition(before[place]!)) + 1;
    return number > FOURTH ? [{ kind: 'leap', at, voice, number }] : [];
  });
}
