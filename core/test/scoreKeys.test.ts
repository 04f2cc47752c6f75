/**
 * What holds for every reading of a score: a phrase reads the same in every key, the chords fill the time, and the
 * readings that are offered agree with what was taken. The phrases and their numerals are common practice.
 */
import fc from 'fast-check';
import {
  barsAfter,
  keyFromSignature,
  nameAbove,
  parseLength,
  parseKey,
  parseMetre,
  parseNote,
  printKey,
  printNumeral,
  analyseScore,
  sameKey,
  sameNumeral,
  signatureFifths,
  transposedNote,
  TICKS_A_QUARTER,
  type Mode,
  type Note,
  type ScoreNote,
  type ScoreToRead,
} from '../src';

/** Voices from the top in C major or A minor, their numerals, and the metre where it is not 4/4. */
interface Phrase {
  readonly name: string;
  readonly mode: Mode;
  readonly voices: readonly string[];
  readonly numerals: string;
  readonly metre?: string;
}

const PHRASES: readonly Phrase[] = [
  {
    name: 'tonic, subdominant, dominant, tonic',
    mode: 'major',
    voices: ['E5:2 F5:2 D5:2 C5:2', 'C5:2 C5:2 B4:2 G4:2', 'G4:2 A4:2 G4:2 E4:2', 'C3:2 F3:2 G3:2 C3:2'],
    numerals: 'I IV V I',
  },
  {
    name: 'supertonic in first inversion and a dominant seventh',
    mode: 'major',
    voices: ['E5:2 D5:2 D5:2 C5:2', 'C5:2 A4:2 B4:2 C5:2', 'G4:2 F4:2 F4:2 E4:2', 'C3:2 F3:2 G3:2 C3:2'],
    numerals: 'I ii6 V7 I',
  },
  {
    name: 'a cadential six-four',
    mode: 'major',
    voices: ['E5:2 F5:2 E5 D5 C5:2', 'C5:2 D5:2 C5 B4 G4:2', 'G4:2 A4:2 G4 G4 E4:2', 'C3:2 F3:2 G3 G3 C3:2'],
    numerals: 'I ii6 I64 V I',
  },
  {
    name: 'a suspension before the last chord',
    mode: 'major',
    voices: ['E5:2 D5:2 D5:2 C5:4', 'C5:2 C5:2 C5 B4 C5:4', 'G4:2 A4:2 G4:2 G4:4', 'C3:2 F3:2 G3:2 C3:4'],
    numerals: 'I ii65 V I',
  },
  {
    name: 'a deceptive turn',
    mode: 'major',
    voices: [
      'E5:2 D5:2 C5:2 C5:2 B4:2 C5:2',
      'C5:2 B4:2 C5:2 A4:2 G4:2 G4:2',
      'G4:2 G4:2 E4:2 F4:2 D4:2 E4:2',
      'C3:2 G3:2 A3:2 F3:2 G3:2 C3:2',
    ],
    numerals: 'I V vi IV V I',
  },
  {
    name: 'the dominant of the dominant',
    mode: 'major',
    voices: ['E5:2 C5:2 B4:2 C5:2', 'C5:2 A4:2 G4:2 G4:2', 'G4:2 D4:2 D4:2 E4:2', 'C3:2 F#3:2 G3:2 C3:2'],
    numerals: 'I V65/V V I',
  },
  {
    name: 'a subdominant that goes on over a chromatic bass',
    mode: 'major',
    voices: ['E5:2 C5 C5 B4:2 C5:2', 'G4:2 A4 A4 G4:2 G4:2', 'C4:2 C4 D4 D4:2 E4:2', 'C3:2 F3 F#3 G3:2 C3:2'],
    numerals: 'I IV V65/V V I',
  },
  {
    name: 'a minor cadence with its leading note',
    mode: 'minor',
    voices: ['E5:2 D5:2 B4:2 C5:2', 'C5:2 A4:2 G#4:2 A4:2', 'A4:2 F4:2 E4:2 E4:2', 'A3:2 D3:2 E3:2 A2:2'],
    numerals: 'i iv V i',
  },
  {
    name: 'a half-diminished supertonic in minor',
    mode: 'minor',
    voices: ['C5:2 B4:2 B4:2 A4:2', 'A4:2 A4:2 G#4:2 E4:2', 'E4:2 F4:2 E4:2 C4:2', 'A3:2 D3:2 E3:2 A2:2'],
    numerals: 'i iiø65 V i',
  },
  {
    name: 'a Phrygian half cadence',
    mode: 'minor',
    voices: ['E5:2 C5:2 D5:2 B4:2', 'C5:2 A4:2 A4:2 G#4:2', 'A4:2 E4:2 D4:2 E4:2', 'A3:2 A3:2 F3:2 E3:2'],
    numerals: 'i iv6 V',
  },
  {
    name: 'a waltz bass',
    mode: 'major',
    metre: '3/4',
    voices: [
      'E5:3 D5:3 D5:3 C5:3',
      'C3 (E4 G4) (E4 G4) G2 (F4 B4) (F4 B4) G2 (F4 B4) (F4 B4) C3 (E4 G4) (E4 G4)',
    ],
    numerals: 'I V7 I',
  },
];

function scoreOf({ voices, metre = '4/4' }: Phrase, fifths: number, move: (note: Note) => Note): ScoreToRead {
  const notes = voices.flatMap((line, part) => {
    let at = 0;
    return (line.match(/\([^)]*\)[^ ]*|[^ ]+/g) ?? []).flatMap((word): ScoreNote[] => {
      const [, names, length = '1'] = /^(\([^)]*\)|[^:]+)(?::(.*))?$/.exec(word)!;
      const onset = at;
      at += parseLength(length);
      return names!
        .replace(/[()]/g, '')
        .split(' ')
        .map((name) => ({ onset, end: at, note: move(parseNote(name)), part, voice: String(part) }));
    });
  });
  const end = Math.max(...notes.map((note) => note.end));
  return { notes, bars: barsAfter(0, parseMetre(metre), end), signatures: [{ at: 0, fifths }], fermatas: [] };
}

const KEYS = [-6, -5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5, 6];
const LETTER_HALF_STEPS = [0, 2, 4, 5, 7, 9, 11];

/** Moves a note from C major or A minor to the key of a signature, letter by letter. */
function toSignature(fifths: number, mode: Mode): (note: Note) => Note {
  const from = keyFromSignature(0, mode).tonic;
  const to = keyFromSignature(fifths, mode).tonic;
  const letters = ((to.step - from.step + 10) % 7) - 3;
  const up = LETTER_HALF_STEPS[to.step]! + to.alteration - LETTER_HALF_STEPS[from.step]! - from.alteration;
  const halfSteps = up - 12 * Math.round((up - (letters * 12) / 7) / 12);
  return (note) => transposedNote(note, letters, halfSteps);
}

describe.each(PHRASES)('$name', (phrase) => {
  test.each(KEYS)('reads the same with a signature of %i', (fifths) => {
    const score = scoreOf(phrase, fifths, toSignature(fifths, phrase.mode));
    const { chords, keys } = analyseScore(score);
    expect(chords.map(({ numeral, key }) => printNumeral(numeral, key)).join(' ')).toBe(phrase.numerals);
    expect(keys.map(({ key }) => printKey(key))).toEqual([printKey(keyFromSignature(fifths, phrase.mode))]);
  });
});

describe('any score', () => {
  const pitch = fc.record({
    step: fc.integer({ min: 0, max: 6 }),
    alteration: fc.constantFrom(0, 0, 0, 1, -1),
    octave: fc.integer({ min: 3, max: 5 }),
  }) as fc.Arbitrary<Note>;
  const line = fc.array(fc.tuple(pitch, fc.integer({ min: 1, max: 4 })), { minLength: 1, maxLength: 10 });
  const scores = fc.tuple(fc.array(line, { minLength: 1, maxLength: 4 }), fc.integer({ min: -5, max: 5 }));
  const made = (voices: readonly (readonly (readonly [Note, number])[])[], fifths: number): ScoreToRead => {
    const notes = voices.flatMap((own, part) => {
      let at = 0;
      return own.map(([note, halves]): ScoreNote => {
        const onset = at;
        at += (halves * TICKS_A_QUARTER) / 2;
        return { onset, end: at, note, part, voice: String(part) };
      });
    });
    const end = Math.max(...notes.map((note) => note.end));
    return {
      notes,
      bars: barsAfter(0, parseMetre('4/4'), end),
      signatures: [{ at: 0, fifths }],
      fermatas: [],
    };
  };

  test('its chords fill its time without a gap, and each is the first of its own readings', () => {
    fc.assert(
      fc.property(scores, ([voices, fifths]) => {
        const score = made(voices, fifths);
        const { chords, slices, keys } = analyseScore(score);
        expect([chords[0]!.from, chords.at(-1)!.endSlice]).toEqual([0, slices.length]);
        chords.slice(1).forEach((chord, at) => expect(chord.from).toBe(chords[at]!.to));
        for (const { key, numeral, readings } of chords) {
          expect(sameKey(readings[0]!.key, key) && sameNumeral(readings[0]!.numeral, numeral)).toBe(true);
          const excess = readings.map((one) => one.excess);
          expect(excess).toEqual([...excess].sort((a, b) => a - b));
        }
        expect([keys[0]!.firstChord, keys.at(-1)!.endChord]).toEqual([0, chords.length]);
      }),
      { numRuns: 60 },
    );
  });

  test('every note that its chord does not hold is named, and no other', () => {
    fc.assert(
      fc.property(scores, ([voices, fifths]) => {
        const score = made(voices, fifths);
        for (const { chord, nonChord, from, to } of analyseScore(score).chords) {
          const own = chord.members.map(({ degree, alteration }) =>
            nameAbove(chord.root, { number: degree, deviation: alteration }),
          );
          const inChord = ({ step, alteration }: Note) =>
            own.some((one) => one.step === step && one.alteration === alteration);
          for (const { note } of nonChord) expect(inChord(score.notes[note]!.note)).toBe(false);
          const foreign = score.notes.filter(
            ({ onset, note }) => onset >= from && onset < to && !inChord(note),
          );
          expect(nonChord.length).toBeGreaterThanOrEqual(foreign.length);
        }
      }),
      { numRuns: 60 },
    );
  });

  // C and A♯ over nothing else spell augmented sixths of keys far from three flats.
  test('a note spelled for a distant key hides none of the chords of the near ones', () => {
    const [c, aSharp] = [parseNote('C3'), parseNote('A#3')];
    const score = made(
      [
        [[c, 2]],
        [
          [c, 1],
          [aSharp, 1],
        ],
        [
          [c, 1],
          [aSharp, 1],
          [c, 1],
        ],
      ],
      -3,
    );
    const [chord] = analyseScore(score).chords;
    expect([printNumeral(chord!.numeral, chord!.key), printKey(chord!.key)]).toEqual(['i', 'C minor']);
    const ruling = { kind: 'key', from: 0, to: score.bars[0]!.to, key: parseKey('Bb major') } as const;
    const ruled = analyseScore(score, { rulings: [ruling] });
    expect(ruled.keys.map(({ key }) => printKey(key))).toEqual(['Bb major']);
  });

  test('any other reading that covers a chord alone can be ruled, and then stands', () => {
    fc.assert(
      fc.property(scores, fc.nat(), ([voices, fifths], pick) => {
        const score = made(voices, fifths);
        const offered = analyseScore(score).chords.flatMap((chord) => chord.readings.slice(1));
        if (offered.length === 0) return;
        const { from, to, key, numeral } = offered[pick % offered.length]!;
        const now = analyseScore(score, { rulings: [{ kind: 'numeral', from, to, key, numeral }] });
        const ruled = now.chords.find((chord) => chord.from === from)!;
        expect([ruled.to, ruled.ruled, printKey(ruled.key)]).toEqual([to, true, printKey(key)]);
        expect(sameNumeral(ruled.numeral, numeral)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('keys lie within three fifths of the signature', () => {
    fc.assert(
      fc.property(scores, ([voices, fifths]) => {
        for (const { key } of analyseScore(made(voices, fifths)).keys)
          expect(Math.abs(signatureFifths(key) - fifths)).toBeLessThanOrEqual(3);
      }),
      { numRuns: 40 },
    );
  });
});
