import { makeChord, memberNote, notesFromBass, type Chord, type Member } from '../chord/chord';
import { midiNumber, sameName, staffPosition, stackUp, withOctave, type Note } from '../pitch/note';
import { givenSetting, type Setting } from './close';
import { fourPartSettings } from './fourPart';
import { reduceTo } from './omissions';
import { registerCautions, type RegisterCaution } from './register';

/** The manners in which a chord can be laid out. */
export const MANNERS = ['close', 'open', 'drop-2', 'drop-3', 'four-part', 'two-hand'] as const;
export type VoicingManner = (typeof MANNERS)[number];

/** A chord laid out for two staves: what was left out for it, and what to beware of. */
export interface Voicing extends Setting {
  readonly manner: VoicingManner;
  readonly leftOut: readonly Member[];
  readonly cautions: readonly RegisterCaution[];
}

const CLOSE_FLOOR: Note = { step: 0, alteration: 0, octave: 4 };
const OPEN_FLOOR: Note = { step: 0, alteration: 0, octave: 3 };
const TWO_HAND_NOTES = 5;

/**
 * The chord laid out in a manner (common practice): close as it stands; open
 * with every second note an octave up; drop 2 and drop 3 with the second or
 * third note from the top an octave down; four-part in the voices' ranges;
 * two-hand with bass and seventh or fifth below, the rest above, at most five
 * notes. `doubled` members are played twice, an octave apart. Null where the
 * manner needs more notes than there are.
 */
export function layOut(chord: Chord, manner: VoicingManner, doubled: readonly Member[] = []): Voicing | null {
  const notes = overBass(stackUp(notesFromBass(chord), manner === 'open' ? OPEN_FLOOR : CLOSE_FLOOR));
  switch (manner) {
    case 'close':
      return finish(manner, withDoublings(notes, chord, doubled), []);
    case 'open':
      return notes.length < 3 ? null : finish(manner, withDoublings(raised(notes), chord, doubled), []);
    case 'drop-2':
    case 'drop-3': {
      const from = manner === 'drop-2' ? 2 : 3;
      return notes.length < 4
        ? null
        : finish(manner, withDoublings(dropped(notes, from), chord, doubled), []);
    }
    case 'four-part':
      return fourPart(chord, doubled);
    case 'two-hand':
      return twoHand(chord, doubled);
  }
}

/**
 * Another note of the bass's own letter, lower by its accidental, goes an octave up: the bass stays lowest.
 */
function overBass(notes: readonly Note[]): Note[] {
  return notes.map((note) =>
    midiNumber(note) < midiNumber(notes[0]!) ? withOctave(note, note.octave + 1) : note,
  );
}

function finish(manner: VoicingManner, notes: readonly Note[], leftOut: readonly Member[]): Voicing {
  const sorted = [...notes].sort(
    (a, b) => midiNumber(a) - midiNumber(b) || staffPosition(a) - staffPosition(b),
  );
  return { manner, ...givenSetting(sorted), leftOut, cautions: registerCautions(sorted) };
}

function raised(notes: readonly Note[]): Note[] {
  return notes.map((note, index) => (index % 2 === 1 ? withOctave(note, note.octave + 1) : note));
}

function dropped(notes: readonly Note[], fromTop: number): Note[] {
  const at = notes.length - fromTop;
  return notes.map((note, index) => (index === at ? withOctave(note, note.octave - 1) : note));
}

/** Each doubled member once more, an octave above the highest note of its name. */
function withDoublings(notes: readonly Note[], chord: Chord, doubled: readonly Member[]): Note[] {
  const extra = doubled.flatMap((member) => {
    const name = memberNote(chord.root, member);
    const own = notes.filter((note) => sameName(note, name)).pop();
    return own ? [withOctave(name, own.octave + 1)] : [];
  });
  return [...notes, ...extra];
}

function fourPart(chord: Chord, doubled: readonly Member[]): Voicing | null {
  const { kept, leftOut } = reduceTo(chord, 4);
  const reduced = makeChord(chord.root, kept, chord.bass);
  const wanted = doubled[0] ? memberNote(chord.root, doubled[0]) : null;
  const settings = fourPartSettings(reduced);
  const twice = (notes: readonly Note[]) =>
    wanted !== null && notes.filter((note) => sameName(note, wanted)).length > 1;
  const best = (wanted ? settings.find(({ notes }) => twice(notes)) : undefined) ?? settings[0];
  if (!best) return null;
  const present = chord.members.filter((m) =>
    best.notes.some((note) => sameName(note, memberNote(chord.root, m))),
  );
  const [soprano, alto, tenor, bass] = best.notes;
  const missing = chord.members.filter((m) => !present.includes(m));
  return {
    manner: 'four-part',
    lower: [bass, tenor],
    upper: [alto, soprano],
    leftOut: [...new Set([...leftOut, ...missing])],
    cautions: registerCautions(best.notes),
  };
}

/**
 * Left hand: the bass with the seventh, or with the fifth where there is none. Right hand: the rest from the
 * third up.
 */
function twoHand(chord: Chord, doubled: readonly Member[]): Voicing {
  const { kept, leftOut } = reduceTo(chord, TWO_HAND_NOTES);
  const names = kept.map((m) => ({ member: m, name: memberNote(chord.root, m) }));
  const bass = names.find(({ name }) => sameName(name, chord.bass));
  const rest = names.filter((one) => one !== bass);
  const second =
    rest.find(({ member }) => member.degree === 7) ??
    rest.find(({ member }) => member.degree === 5) ??
    rest[rest.length - 1];
  const above = rest.filter((one) => one !== second);
  const low = overBass(stackUp([chord.bass, ...(second ? [second.name] : [])], OPEN_FLOOR));
  const right = stackUp(
    [...above, ...doubled.map((member) => ({ member, name: memberNote(chord.root, member) }))].map(
      ({ name }) => name,
    ),
    CLOSE_FLOOR,
  );
  return {
    manner: 'two-hand',
    lower: low,
    upper: right,
    leftOut,
    cautions: registerCautions([...low, ...right]),
  };
}
