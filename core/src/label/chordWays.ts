import { attempt, TheoryError } from '../errors';
import type { Key } from '../key/key';
import { scaleOf } from '../key/scale';
import { chordOfNumeral, type Numeral } from './numeral';
import { numeralsForChord, numeralsForNotes } from './numeralsFor';
import { parseNumeral } from './numeralParse';
import { printNumeral } from './numeralPrint';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { accidentalGlyph, displayNoteName } from '../pitch/print';
import { parseNoteName } from '../pitch/parse';
import { chordFromFormula, chordFromHalfSteps, gapsOf, stackOnDegree } from '../chord/build';
import { inversionOf, makeChord, notesFromBass, sameChord, type Chord } from '../chord/chord';
import { identify, type ReadingReason } from '../chord/identify';
import { plainTriadBySound } from '../chord/plainBySound';
import { parseSymbol } from '../chord/symbolParse';
import { printSymbol } from '../chord/symbolPrint';

/** The six ways into a chord. */
export const WAYS_IN = ['symbol', 'notes', 'formula', 'half-steps', 'numeral', 'degree'] as const;
export type WayIn = (typeof WAYS_IN)[number];

/**
 * The chord said in each of the six ways, with real accidental signs, as it can be typed again; empty where a
 * way cannot say it.
 */
export function chordInWays(
  chord: Chord,
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): Record<WayIn, string> {
  const numeral = numeralsForChord(chord, key)[0];
  const stacked = gapsOf(chord);
  const thirds =
    stacked.every((gap) => gap >= 2 && gap <= 5) && chord.members.every((m, i) => m.degree === 2 * i + 1);
  return {
    symbol: printSymbol(chord, { school: school.symbols, letters: school.letters, glyphs: true }),
    notes: notesFromBass(chord)
      .map((note) => displayNoteName(note))
      .join(' '),
    formula: chord.members.map((m) => accidentalGlyph(m.alteration) + m.degree).join(' '),
    'half-steps': thirds ? stacked.join(' ') : '',
    numeral: numeral ? numeralText(numeral.numeral, key, school) : '',
    degree: degreeText(chord, key),
  };
}

/**
 * The numeral, where it can be typed again: far from the key it would need more accidentals than are read.
 */
function numeralText(numeral: Numeral, key: Key, school: LabelStyle): string {
  const text = printNumeral(numeral, key, school);
  return attempt(() => parseNumeral(text, key, school)).ok ? text : '';
}

/** `2`, `2 7`, `5 13`: the degree and the top of the stack, where the key's scale gives the chord. */
function degreeText(chord: Chord, key: Key): string {
  if (inversionOf(chord) !== 0) return '';
  for (let degree = 1; degree <= 7; degree++) {
    for (const top of [5, 7, 9, 11, 13] as const) {
      if (sameChord(stackInKey(key, degree, top), chord))
        return top === 5 ? String(degree) : `${degree} ${top}`;
    }
  }
  return '';
}

/**
 * The key's own stack on a degree: in minor V and vii° with the leading note, the rest from the natural form.
 */
function stackInKey(key: Key, degree: number, top: 5 | 7 | 9 | 11 | 13): Chord {
  const dominant = key.mode === 'minor' && (degree === 5 || degree === 7);
  return stackOnDegree(scaleOf(key, dominant ? 'harmonic' : 'natural'), degree, top);
}

/**
 * Reads a chord in one of the six ways. A formula and half steps stand on the
 * root of the chord that was there before. Throws TheoryError.
 */
export function readChordInWay(
  way: WayIn,
  text: string,
  before: Chord,
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): Chord {
  switch (way) {
    case 'symbol':
      return parseSymbol(text, school.letters);
    case 'notes':
      return readNotes(text, key);
    case 'formula':
      return chordFromFormula(before.root, text);
    case 'half-steps':
      return chordFromHalfSteps(
        before.root,
        text
          .trim()
          .split(/[\s·,]+/)
          .map(Number),
      );
    case 'numeral':
      return chordOfNumeral(parseNumeral(text, key, school), key);
    case 'degree': {
      const match = /^\s*([1-7])(?:[\s·,]+(5|7|9|11|13))?\s*$/.exec(text);
      if (!match)
        throw new TheoryError(
          'degree',
          text,
          'this is not a degree.',
          'Write a degree from 1 to 7, and after it 7, 9, 11 or 13 for a higher stack: 2 7.',
        );
      return stackInKey(key, Number(match[1]), Number(match[2] ?? 5) as 5 | 7 | 9 | 11 | 13);
    }
  }
}

function readNotes(text: string, key: Key): Chord {
  const notes = text
    .trim()
    .split(/[\s,]+/)
    .map((note) => parseNoteName(note.replace(/-?\d$/, '')));
  // An augmented sixth is known only in its key; elsewhere the notes alone decide.
  const inKey = attempt(() => numeralsForNotes(notes, key)[0]);
  if (inKey.ok && inKey.value?.reason === 'augmented-sixth') return inKey.value.chord;
  return identify(notes)[0]!.chord;
}

/** Another reading of a chord's notes, and why it stands. */
export interface OtherReading {
  readonly chord: Chord;
  readonly reasons: readonly ReadingReason[];
}

/**
 * Other sensible readings of a chord's notes, best first: whole stacks, sixths
 * and suspensions, nothing altered or far-fetched. With a key, nearness to it
 * decides too.
 */
export function otherReadings(chord: Chord, key?: Key): OtherReading[] {
  const readings = attempt(() => identify(notesFromBass(chord), key ? { key } : {}));
  if (!readings.ok) return [];
  // What is heard as a plain triad is one, however it is spelled.
  const heard = plainTriadBySound(notesFromBass(chord));
  const plain: OtherReading[] = heard ? [{ chord: heard, reasons: [{ kind: 'respelled' }] }] : [];
  const others = readings.value
    .filter(
      ({ description: { altered, added, omitted } }) =>
        altered.length === 0 && omitted.length === 0 && added.every((m) => m.alteration === 0),
    )
    .map(({ chord: other, reasons }) => ({
      chord: makeChord(other.root, other.members, other.bass),
      reasons,
    }))
    .filter((other) => !sameChord(other.chord, chord));
  return [...plain, ...others];
}
