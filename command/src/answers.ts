import {
  nonTertian,
  nonTertianWords,
  isFarFetched,
  chordMap,
  chordOfNumeral,
  degreeNote,
  describe,
  halfSteps,
  identify,
  intervalBetween,
  inversionOf,
  invert,
  isAugmentedSixthName,
  mapSymbol,
  notesFromBass,
  notesOfFigures,
  isMoving,
  notesOfMovingFigures,
  numeralsForChord,
  numeralsForNotes,
  parseFigure,
  parseInterval,
  parseNumeral,
  printFigure,
  printInterval,
  printMember,
  printNote,
  printNoteName,
  printNumeral,
  plainTriadBySound,
  printSymbol,
  qualityName,
  qualityWord,
  readRomanNumeral,
  REQUEST_LIMITS,
  scaleOf,
  SCALE_FORMS,
  shortFigures,
  signatureNotes,
  stackedNotes,
  TheoryError,
  TextMemo,
  transpose,
  attempt,
  DEFAULT_LABEL_STYLE,
  type Chord,
  type Figure,
  type Key,
  type MapColumn,
  type NoteName,
  type Numeral,
  type ScaleForm,
  type LabelStyle,
  chordFingering,
  homesOf,
  printKey,
  stackUp,
} from '@diatonix/core';
import { atMost } from './limits';
import { readEither, keyRequested, noteNameRequested, noteRequested, symbolRequested } from './reading';

const names = (list: readonly NoteName[]) => list.map(printNoteName);

/**
 * `{"name":"M7","number":7,"quality":"major","halfSteps":11,"direction":"up","inversion":"m2"}`; inversion
 * null where there is none.
 */
export function intervalAnswer(from: string, to: string, school?: LabelStyle) {
  const interval = intervalBetween(noteRequested(from, school), noteRequested(to, school));
  const inversion = attempt(() => printInterval(invert(interval)));
  return {
    name: printInterval(interval),
    number: interval.number,
    quality: qualityWord(interval),
    halfSteps: Math.abs(halfSteps(interval)),
    direction: interval.direction,
    inversion: inversion.ok ? inversion.value : null,
  };
}

export function transposeAnswer(from: string, by: string, below: boolean, school?: LabelStyle) {
  return { note: printNote(transpose(noteRequested(from, school), parseInterval(by), below)) };
}

export interface Notation {
  readonly notation?: 'romantext' | undefined;
  readonly school?: LabelStyle | undefined;
}

/** Reads a numeral in the house grammar or as RomanText. */
export function numeralRequested(text: string, key: Key, { notation, school }: Notation): Numeral {
  return notation === 'romantext' ? readRomanNumeral(text, key) : parseNumeral(text, key, school);
}

/** Notes from the bass upward, root, inversion, quality, figures and symbol of a numeral in a key. */
export function numeralAnswer(text: string, keyText: string, notation: Notation) {
  const key = keyRequested(keyText, notation.school);
  const numeral = numeralRequested(text, key, notation);
  const chord = chordOfNumeral(numeral, key);
  // An augmented sixth is named by its bass and has no root of its own.
  const rootless = isAugmentedSixthName(numeral.special);
  return {
    notes: names(notesFromBass(chord)),
    root: rootless ? null : printNoteName(chord.root),
    bass: printNoteName(chord.bass),
    inversion: rootless ? null : inversionOf(chord),
    quality: qualityName(describe(chord.members)),
    figures: shortFigures(chord, key).map(printFigure),
    symbol: printSymbol(chord),
  };
}

/** One reading of a chord; numeral only where a key is given. */
export function readingAnswer(
  chord: Chord,
  key: Key | null,
  numeral: Numeral | null,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
  named: Chord = chord,
) {
  const description = describe(named.members);
  const lacking = named.members.filter((m) => !chord.members.some((one) => one.degree === m.degree));
  const bare = describe(chord.members).triad === 'power';
  const rootless = numeral !== null && isAugmentedSixthName(numeral.special);
  const { altered, added, omitted } = description;
  return {
    root: rootless ? null : printNoteName(chord.root),
    quality: qualityName(description),
    notes: names(notesFromBass(chord)),
    bass: printNoteName(chord.bass),
    inversion: rootless ? null : inversionOf(chord),
    symbol: printSymbol(bare ? chord : named, {
      detail: 'bare',
      school: school.symbols,
      letters: school.letters,
    }),
    numeral: numeral && key ? printNumeral(numeral, key, school, 'bare') : null,
    figures: shortFigures(chord, key).map(printFigure),
    missing: [...omitted, ...lacking.map(({ degree }) => degree)].sort((a, b) => a - b).map(String),
    added: rootless ? [] : [...altered, ...added].map(printMember),
  };
}

export function symbolAnswer(symbol: string, keyText: string | undefined, school?: LabelStyle) {
  const chord = symbolRequested(symbol, school);
  const key = keyText === undefined ? null : keyRequested(keyText, school);
  return {
    readings: [
      readingAnswer(chord, key, key ? (numeralsForChord(chord, key)[0]?.numeral ?? null) : null, school),
    ],
  };
}

/** Readings of notes, lowest first, best first; with a key their numerals, one reading a chord. */
export function answerNotes(notes: readonly string[], keyText: string | undefined, school?: LabelStyle) {
  atMost(notes.length, REQUEST_LIMITS.notes, 'notes of a chord');
  if (notes.length === 0)
    throw new TheoryError(
      'chord',
      '[]',
      'a chord has notes.',
      'Give them from the lowest up: ["F3","A3","D4"].',
    );
  const read = notes.map((note) => readEither(note, school));
  const other = nonTertian(read);
  const beyond = other
    ? { beyondThirds: { kind: other.kind, sentence: nonTertianWords(other, school) } }
    : {};
  const unexplained = other !== null && isFarFetched(identify(read)[0]!);
  // What is heard as a plain triad is offered as one, however it is spelled.
  const heard = plainTriadBySound(read);
  if (keyText === undefined)
    return {
      readings: [
        ...(unexplained
          ? []
          : identify(read).map(({ chord, named }) => readingAnswer(chord, null, null, school, named))),
        ...(heard ? [readingAnswer(heard, null, null, school)] : []),
      ],
      ...beyond,
    };
  const key = keyRequested(keyText, school);
  const found = numeralsForNotes(read, key);
  // An augmented sixth is explained by its key, whatever its thirds are.
  if (found[0]?.reason !== 'augmented-sixth' && unexplained) return { readings: [], ...beyond };
  const seen = new Set<string>();
  const readings = found.flatMap(({ chord, numeral, named }) => {
    const place = printSymbol(chord) + (isAugmentedSixthName(numeral.special) ? numeral.special : '');
    if (seen.has(place)) return [];
    seen.add(place);
    return [readingAnswer(chord, key, numeral, school, named)];
  });
  const plain = heard && readingAnswer(heard, key, numeralsForChord(heard, key)[0]?.numeral ?? null, school);
  return { readings: [...readings, ...(plain ? [plain] : [])], ...(other?.kind === 'none' ? {} : beyond) };
}

/**
 * Notes over a figured bass, from the bass upward, and the numeral they make; for a pair also its resolution.
 */
export function figuresAnswer(
  keyText: string,
  bassText: string,
  figures: readonly string[],
  school?: LabelStyle,
) {
  const key = keyRequested(keyText, school);
  atMost(figures.length, REQUEST_LIMITS.figures, 'figures');
  const bass = noteNameRequested(bassText.replace(/-?\d$/, ''), school);
  if (figures.some(isMoving)) {
    const { before, after } = notesOfMovingFigures(bass, figures, key);
    return { notes: names(before), numeral: numeralOf(after, key, school), resolution: names(after) };
  }
  const notes = notesOfFigures(
    bass,
    figures.map((figure): Figure => parseFigure(figure)),
    key,
  );
  return { notes: names(notes), numeral: numeralOf(notes, key, school) };
}

function numeralOf(notes: readonly NoteName[], key: Key, school?: LabelStyle): string | null {
  const read = attempt(() => numeralsForNotes(notes, key)[0]);
  return read.ok && read.value ? printNumeral(read.value.numeral, key, school, 'bare') : null;
}

export function readForm(text: string | undefined): ScaleForm {
  const form = text ?? 'natural';
  if (!(SCALE_FORMS as readonly string[]).includes(form)) {
    throw new TheoryError(
      'key',
      form,
      'this is not a form of the scale.',
      'The forms are natural, harmonic and melodic.',
    );
  }
  return form as ScaleForm;
}

const KEYS = new TextMemo<ReturnType<typeof buildKeyAnswer>>();

/** Signature, scale and the stacks on every degree: triads, sevenths, thirteenths. */
export function keyAnswer(keyText: string, formText: string | undefined, school?: LabelStyle) {
  const compute = () => buildKeyAnswer(keyText, formText, school);
  return school ? compute() : KEYS.of(`${keyText} ${formText}`, compute);
}

function buildKeyAnswer(keyText: string, formText: string | undefined, school?: LabelStyle) {
  const key = keyRequested(keyText, school);
  const form = readForm(formText);
  const stack = (column: MapColumn) => ({
    notes: names(stackedNotes(column.chord)),
    quality: column.quality,
    numeral: printNumeral(column.numeral, key, school, 'short'),
    symbol: mapSymbol(column, school),
  });
  const [triads, sevenths, thirteenths] = ([5, 7, 13] as const).map((top) => chordMap(key, top, form));
  return {
    signature: names(signatureNotes(key)),
    scale: names(scaleOf(key, form)),
    degrees: triads!.map((triad, index) => ({
      degree: triad.degree,
      note: printNoteName(degreeNote(key, triad.degree, form)),
      triad: stack(triad),
      seventh: stack(sevenths![index]!),
      thirteenth: stack(thirteenths![index]!),
    })),
  };
}

/** Every ordinary key in which a chord lives, and its numeral there. */
export function homesAnswer(chord: Chord, school?: LabelStyle) {
  return homesOf(chord).map(({ key, numeral }) => ({
    key: printKey(key),
    numeral: printNumeral(numeral, key, school),
  }));
}

/**
 * Suggested fingers of a chord in close position from its bass, lowest first; null where it has more notes
 * than a hand.
 */
export function fingeringAnswer(chord: Chord) {
  const fingering = chordFingering(stackUp(notesFromBass(chord), { step: 0, alteration: 0, octave: 4 }));
  return fingering ? { right: fingering.right, left: fingering.left, stretch: fingering.stretch } : null;
}
