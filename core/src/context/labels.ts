import { describe, qualityName } from '../chord/describe';
import { printSymbol } from '../chord/symbolPrint';
import { stackedNotes, type Chord } from '../chord/chord';
import { attempt, type TheoryError } from '../errors';
import { degreeOf } from '../key/scale';
import type { Key } from '../key/key';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { printFigure, shortFigures } from '../label/figures';
import type { Numeral } from '../label/numeral';
import { type NumeralParts } from '../label/numeralParts';
import { typesetParts } from '../label/numeralPrint';
import type { NumeralReading } from '../label/numeralReading';
import { displayNoteName, accidentalGlyph } from '../pitch/print';
import type { Note, NoteName } from '../pitch/note';
import { chordOfEntry, type Entry, type ReadEntry } from '../line/entry';

export type ChordFunction = 'tonic' | 'pre-dominant' | 'dominant';

/** Everything the grid says about one column. */
export interface ColumnLabels {
  readonly chord: Chord;
  readonly numeral: Numeral;
  readonly numeralParts: NumeralParts;
  readonly figures: readonly string[];
  readonly symbol: string;
  readonly letters: readonly string[];
  readonly degrees: string;
  readonly quality: string;
  readonly function: ChordFunction | null;
  readonly readings: readonly NumeralReading[];
  readonly notes: readonly Note[] | null;
}

export type LabelledColumn =
  { readonly ok: true; readonly labels: ColumnLabels } | { readonly ok: false; readonly error: TheoryError };

/** Labels one stored entry in a key and a school. An unreadable entry gives its error in place. */
export function labelEntry(entry: Entry, key: Key, school: LabelStyle = DEFAULT_LABEL_STYLE): LabelledColumn {
  const result = attempt((): ColumnLabels => labelsInContext(chordOfEntry(entry, key), key, school));
  return result.ok ? { ok: true, labels: result.value } : { ok: false, error: result.error };
}

/** Everything the grid says about a chord that is read. */
export function labelsInContext(
  { chord, numeral, readings, notes }: ReadEntry,
  key: Key,
  school: LabelStyle,
): ColumnLabels {
  return {
    chord,
    numeral,
    numeralParts: typesetParts(numeral, key, school),
    figures: shortFigures(chord, key).map(printFigure),
    symbol: printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols }),
    letters: stackedNotes(chord).map((note) => displayNoteName(note, school.letters)),
    degrees: stackedNotes(chord)
      .map((note) => degreeText(note, key))
      .join(' '),
    quality: qualityName(describe(chord.members)),
    function: functionOf(numeral),
    readings,
    notes,
  };
}

/** Labels a whole progression, in order. */
export function labelProgression(
  entries: readonly Entry[],
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): LabelledColumn[] {
  return entries.map((entry) => labelEntry(entry, key, school));
}

function degreeText(note: NoteName, key: Key): string {
  const { degree, alteration } = degreeOf(key, note);
  return accidentalGlyph(alteration) + degree;
}

/**
 * Function by degree (common practice): I iii vi tonic, ii IV pre-dominant, V vii° dominant; an applied chord
 * leads elsewhere.
 */
export function functionOf(numeral: Numeral): ChordFunction | null {
  if (numeral.target) return null;
  switch (numeral.special) {
    case 'N':
    case 'It':
    case 'Fr':
    case 'Ger':
      return 'pre-dominant';
    case 'Cad':
    case 'sub':
      return 'dominant';
    case 'CT':
      return null;
    default:
      return (['tonic', 'pre-dominant', 'tonic', 'pre-dominant', 'dominant', 'tonic', 'dominant'] as const)[
        numeral.degree - 1
      ]!;
  }
}
