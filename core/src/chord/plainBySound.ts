import { attempt } from '../errors';
import { pitchClass, sameName, type NoteName } from '../pitch/note';
import { makeChord, memberNote, type Chord, type Member } from './chord';

const TRIADS: readonly (readonly [third: number, fifth: number])[] = [
  [0, 0],
  [-1, 0],
  [-1, -1],
];

/**
 * The plain triad that three notes sound, where they are spelled as none: F♯ B♭ D♭ is F♯ major. Notes come from
 * the lowest up. Null where they are spelled as a triad, or sound as none.
 */
export function plainTriadBySound(notes: readonly NoteName[]): Chord | null {
  const sounds = new Set(notes.map(pitchClass));
  if (sounds.size !== 3) return null;
  const named = notes.filter((note, at) => notes.findIndex((other) => sameName(other, note)) === at);
  if (named.length !== 3) return null;
  for (const root of named)
    for (const [third, fifth] of TRIADS) {
      const members: Member[] = [
        { degree: 1, alteration: 0 },
        { degree: 3, alteration: third },
        { degree: 5, alteration: fifth },
      ];
      const spelled = attempt(() => members.map((member) => memberNote(root, member)));
      if (!spelled.ok || !spelled.value.every((note) => sounds.has(pitchClass(note)))) continue;
      const same = spelled.value.every((note) => named.some((other) => sameName(other, note)));
      const bass = spelled.value.find((note) => pitchClass(note) === pitchClass(notes[0]!))!;
      return same ? null : makeChord(root, members, bass);
    }
  return null;
}
