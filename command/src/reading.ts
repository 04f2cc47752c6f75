import {
  DEFAULT_LABEL_STYLE,
  parseKey,
  parseNoteIn,
  parseNoteNameIn,
  parseNumeral,
  parseSymbol,
  readSchool,
  type Chord,
  type Key,
  type Note,
  type NoteName,
  type Numeral,
  type LabelStyle,
} from '@diatonix/core';
import type { InSchool } from '@diatonix/doors';

/** The school of a request; undefined where it names none. Throws TheoryError `school`. */
export function schoolOf({ school }: InSchool): LabelStyle | undefined {
  return school === undefined ? undefined : readSchool(school);
}

const lettersOf = (school: LabelStyle | undefined) => (school ?? DEFAULT_LABEL_STYLE).letters;

/** A note with its octave in the letters of the school. Throws TheoryError `note`. */
export function noteRequested(text: string, school: LabelStyle | undefined): Note {
  return parseNoteIn(text, lettersOf(school));
}

/** A note name in the letters of the school. Throws TheoryError `note`. */
export function noteNameRequested(text: string, school: LabelStyle | undefined): NoteName {
  return parseNoteNameIn(text, lettersOf(school));
}

/** A note with or without its octave. */
export function readEither(text: string, school: LabelStyle | undefined): Note | NoteName {
  return /\d$/.test(text) ? noteRequested(text, school) : noteNameRequested(text, school);
}

/** A key in the letters of the school: `h-Moll`, `re minor`. Throws TheoryError `key`. */
export function keyRequested(text: string, school: LabelStyle | undefined): Key {
  return parseKey(text, lettersOf(school));
}

/** A chord symbol in the letters of the school: `H7`, `Sol7`. Throws TheoryError `symbol`. */
export function symbolRequested(text: string, school: LabelStyle | undefined): Chord {
  return parseSymbol(text, lettersOf(school));
}

/** A numeral as the school writes it. Throws TheoryError `numeral`. */
export function readNumeralIn(text: string, key: Key, school: LabelStyle | undefined): Numeral {
  return parseNumeral(text, key, school);
}

/**
 * Whether a request's school shows the cadential six-four over the dominant: then V64 before V or V7 in root
 * position is that six-four, and is printed so. Where the school says nothing, `I64` is.
 */
export function cadentialOverDominant({ school: said }: InSchool): boolean {
  return typeof said === 'string'
    ? /cadentialSixFour\s*=\s*dominant/.test(said)
    : typeof said === 'object' &&
        said !== null &&
        (said as Readonly<Record<string, unknown>>)['cadentialSixFour'] === 'dominant';
}

/** Numerals in a row as the school of the request writes them, null where none is given. */
export function readNumeralsIn(
  texts: readonly (string | null)[],
  key: Key,
  request: InSchool,
): (Numeral | null)[] {
  const school = schoolOf(request);
  const over = cadentialOverDominant(request);
  return texts.map((text, at) => {
    if (text === null) return null;
    const before = over && /^V6\/?4$/.test(text.trim()) && /^V7?$/.test(texts[at + 1]?.trim() ?? '');
    return readNumeralIn(before ? 'Cad64' : text, key, school);
  });
}
