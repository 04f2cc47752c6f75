import fc from 'fast-check';
import {
  makeChord,
  memberNote,
  MODES,
  noteName,
  ordinaryKeys,
  type Chord,
  type Key,
  type Member,
  type Note,
  type NoteName,
} from '../src';

/** Any spelled name up to double accidentals. */
export const anyName: fc.Arbitrary<NoteName> = fc
  .record({ step: fc.integer({ min: 0, max: 6 }), alteration: fc.integer({ min: -2, max: 2 }) })
  .map(({ step, alteration }) => noteName(step, alteration));

/** Any note from C1 to B6 up to double accidentals. */
export const anyNote: fc.Arbitrary<Note> = fc
  .tuple(anyName, fc.integer({ min: 1, max: 6 }))
  .map(([name, octave]) => ({ ...name, octave }));

/** The 30 ordinary major and minor keys. */
export const ordinaryKey: fc.Arbitrary<Key> = fc.constantFrom(
  ...ordinaryKeys('major'),
  ...ordinaryKeys('minor'),
);

/** Ordinary keys and the modes on natural tonics. */
export const anyKey: fc.Arbitrary<Key> = fc.oneof(
  ordinaryKey,
  fc
    .tuple(fc.integer({ min: 0, max: 6 }), fc.constantFrom(...MODES))
    .map(([step, mode]) => ({ tonic: noteName(step, 0), mode })),
);

/** Natural and singly altered roots, so that members stay writable. */
export const easyRoot: fc.Arbitrary<NoteName> = fc
  .record({ step: fc.integer({ min: 0, max: 6 }), alteration: fc.integer({ min: -1, max: 1 }) })
  .map(({ step, alteration }) => noteName(step, alteration));

const thirds = fc.constantFrom<Member | null>(
  { degree: 3, alteration: 0 },
  { degree: 3, alteration: -1 },
  null,
);
const fifths = fc.constantFrom<Member | null>(
  { degree: 5, alteration: 0 },
  { degree: 5, alteration: -1 },
  { degree: 5, alteration: 1 },
  null,
);
const sevenths = fc.constantFrom<Member | null>(
  { degree: 7, alteration: -1 },
  { degree: 7, alteration: 0 },
  { degree: 7, alteration: -2 },
  null,
  null,
);
const others = fc.subarray<Member>([
  { degree: 2, alteration: 0 }, { degree: 4, alteration: 0 }, { degree: 6, alteration: 0 },
  { degree: 9, alteration: 0 }, { degree: 9, alteration: -1 },
  { degree: 9, alteration: 1 }, { degree: 11, alteration: 0 }, { degree: 11, alteration: 1 },
  { degree: 13, alteration: 0 }, { degree: 13, alteration: -1 },
], { maxLength: 3 }); // prettier-ignore

/** Any stack of up to seven members on an easy root, some members left out. */
export const anyStack: fc.Arbitrary<readonly Member[]> = fc
  .tuple(fc.boolean(), thirds, fifths, sevenths, others)
  .map(([root, third, fifth, seventh, rest]) => [
    ...(root || (!third && !fifth) ? [{ degree: 1, alteration: 0 }] : []),
    ...[third, fifth, seventh].filter((m): m is Member => m !== null),
    ...rest,
  ])
  // One note is one member: a second and a ninth of the same sound are not both there.
  .filter(
    (list) =>
      list.length >= 2 && new Set(list.map((m) => `${m.degree % 7} ${m.alteration}`)).size === list.length,
  );

/** Any chord on an easy root with any of its members lowest. */
export const anyChord: fc.Arbitrary<Chord> = fc
  .tuple(easyRoot, anyStack, fc.nat())
  .map(([root, list, pick]) => {
    const chord = makeChord(root, list);
    const member = chord.members[pick % chord.members.length]!;
    return makeChord(root, list, memberNote(root, member));
  });
