import { memberNote, type Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { isMinorLike, type Key } from '../key/key';
import { degreeNote, scaleOf } from '../key/scale';
import { chordOfNumeral, isAugmentedSixthName, localKey, type Numeral } from '../label/numeral';
import { sameName, type NoteName } from '../pitch/note';

/** What the rules have to know of a chord in its key. */
export interface VoiceLeadingDuties {
  /** The leading note that must go up, where the chord is a dominant (or an augmented sixth) and has it. */
  readonly leading: NoteName | null;
  /** The note that the leading note goes to. */
  readonly tonic: NoteName;
  /** The seventh of the chord, which must go down. */
  readonly seventh: NoteName | null;
  /** The ninth of a dominant, which must go down. */
  readonly ninth: NoteName | null;
  /** Notes that are not doubled: sevenths, ninths and notes outside the key, the leading note apart. */
  readonly single: readonly NoteName[];
  /** The note that is doubled before all others, where a handbook says so. */
  readonly doubled: NoteName | null;
  /** The sixth and fourth over the bass of a cadential six-four, which go down. */
  readonly falling: readonly NoteName[];
  /** The fourth that stands in the place of the third, which goes down to it. */
  readonly suspended: NoteName | null;
  /** An augmented sixth: its raised note goes up in every voice. */
  readonly augmentedSixth: boolean;
  /** The Neapolitan: its lowered second degree may be natural in another voice of the dominant. */
  readonly neapolitan: boolean;
  readonly chord: Chord | null;
}

/** A chord with its numeral in the key that it is counted in; `cadential` for a six-four before its dominant. */
export interface KnownDuties {
  readonly numeral: Numeral;
  readonly key: Key;
  readonly cadential?: boolean;
}

/**
 * What the rules have to know of a chord: its leading note, where it is a
 * dominant of the key (or of its target), its seventh and ninth, and what is
 * doubled in it (docs/conventions.md; common practice).
 */
export function dutiesOf(
  chord: Chord | null,
  key: Key,
  local: Key = key,
  sensed?: KnownDuties,
): VoiceLeadingDuties {
  const leadingOfKey = scaleOf(local, isMinorLike(local.mode) ? 'harmonic' : 'natural')[6]!;
  const tonic = degreeNote(local, 1);
  const nothing = {
    leading: null,
    tonic,
    seventh: null,
    ninth: null,
    single: [],
    doubled: null,
    falling: [],
    suspended: null,
    augmentedSixth: false,
    neapolitan: false,
  };
  if (!chord) return { ...nothing, chord: null };
  const { special } = sensed?.numeral ?? { special: null };
  if (isAugmentedSixthName(special)) return sixthSense(chord, key, local);
  const at = (degree: number) => {
    const member = chord.members.find((m) => m.degree === degree);
    return member ? memberNote(chord.root, member) : null;
  };
  const notes = chord.members.map((m) => memberNote(chord.root, m));
  const dominant = sameName(chord.root, degreeNote(local, 5)) || sameName(chord.root, leadingOfKey);
  const leading = dominant && notes.some((note) => sameName(note, leadingOfKey)) ? leadingOfKey : null;
  const [seventh, ninth] = [at(7), at(9)];
  const foreign = notes.filter(
    (note) => !isOfKey(note, key) && !(leading && sameName(note, leading)) && !sameName(note, chord.root),
  );
  const flatRoot = special === 'N' ? [chord.root] : [];
  return {
    ...nothing,
    leading,
    seventh,
    ninth,
    single: [...[seventh, ninth].filter((note): note is NoteName => note !== null), ...foreign, ...flatRoot],
    doubled: doubledIn(chord, special === 'N'),
    falling:
      sensed?.cadential || special === 'Cad' ? notes.filter((note) => !sameName(note, chord.bass)) : [],
    suspended: at(3) === null ? at(4) : null,
    neapolitan: special === 'N',
    chord,
  };
}

/** The augmented sixth: its raised note goes up to the dominant, its bass down; the tonic is doubled. */
function sixthSense(chord: Chord, key: Key, local: Key): VoiceLeadingDuties {
  const raised = memberNote(chord.root, { degree: 6, alteration: 1 });
  return {
    leading: raised,
    tonic: degreeNote(local, 5),
    seventh: chord.root,
    ninth: null,
    single: [],
    doubled: degreeNote(key, 1),
    falling: [],
    suspended: null,
    augmentedSixth: true,
    neapolitan: false,
    chord,
  };
}

/** A note of the natural scale, or the raised sixth and seventh of minor. */
function isOfKey(note: NoteName, key: Key): boolean {
  const scale = scaleOf(key);
  const own = scale[(note.step - key.tonic.step + 7) % 7]!;
  if (own.alteration === note.alteration) return true;
  const raised = isMinorLike(key.mode) ? scaleOf(key, 'melodic') : scale;
  return raised[(note.step - key.tonic.step + 7) % 7]!.alteration === note.alteration;
}

/**
 * The note doubled before all others: the bass of a six-four, of a diminished triad in first inversion, and of
 * the Neapolitan sixth (common practice); null where the usual order holds.
 */
function doubledIn(chord: Chord, neapolitan: boolean): NoteName | null {
  const { triad, seventh, sixth, added } = describe(chord.members);
  if (seventh !== null || sixth || added.length > 0 || sameName(chord.bass, chord.root)) return null;
  const third = chord.members.find((m) => m.degree === 3);
  const first = third !== undefined && sameName(chord.bass, memberNote(chord.root, third));
  const second = chord.members.some((m) => m.degree === 5 && sameName(chord.bass, memberNote(chord.root, m)));
  return second || (first && (triad === 'diminished' || neapolitan)) ? chord.bass : null;
}

/** A chord of a progression whose numeral may not be known. */
export interface MaybeKnownDuties {
  readonly numeral: Numeral | null;
  readonly key: Key;
  readonly cadential?: boolean;
  readonly chord?: Chord;
}

/** What the rules have to know of each chord of a progression: a tonic six-four before its dominant is cadential. */
export function dutiesOfLine(chords: readonly MaybeKnownDuties[]): VoiceLeadingDuties[] {
  return chords.map(({ numeral, key, cadential, chord }, at) => {
    if (!numeral) return dutiesOf(chord ?? null, key);
    const next = chords[at + 1];
    const isCadential =
      cadential === true ||
      (isTonicSixFour(numeral) && next?.numeral !== undefined && isDominant(next.numeral));
    return dutiesOf(chord ?? chordOfNumeral(numeral, key), key, localKey(numeral, key), {
      numeral,
      key,
      cadential: isCadential,
    });
  });
}

function isTonicSixFour({ degree, target, special, lowest, members }: Numeral): boolean {
  return (
    special === null &&
    degree === 1 &&
    target === null &&
    lowest.degree === 5 &&
    describe(members).seventh === null
  );
}

function isDominant(numeral: Numeral | null): boolean {
  return numeral !== null && numeral.degree === 5 && !numeral.target && numeral.lowest.degree === 1;
}

/** The same chord without members that four voices do not hold. */
export function withMembers(sense: VoiceLeadingDuties, chord: Chord): VoiceLeadingDuties {
  const has = (note: NoteName | null) =>
    note !== null && chord.members.some((m) => sameName(memberNote(chord.root, m), note)) ? note : null;
  return {
    ...sense,
    leading: has(sense.leading),
    seventh: has(sense.seventh),
    ninth: has(sense.ninth),
    suspended: has(sense.suspended),
    chord,
  };
}
