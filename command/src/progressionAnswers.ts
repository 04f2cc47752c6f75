import {
  analyseProgression,
  chordOfNumeral,
  contextReasonWords,
  printKey,
  printNoteName,
  printNumeral,
  printSymbol,
  TheoryError,
  type ChordIn,
  type ModalCentre,
  type Key,
  type Numeral,
  type LabelStyle,
} from '@diatonix/core';
import { atMost, COMMAND_LIMITS, oneTo } from './limits';
import {
  cadentialOverDominant,
  readEither,
  keyRequested,
  readNumeralsIn,
  symbolRequested,
  schoolOf,
} from './reading';
import {
  asObject,
  listRequested,
  ifRequested,
  textRequested,
  textsRequested,
  wholeNumberRequested,
  type Request,
} from './request';

/**
 * The labels of a progression in context: key, numeral, figures, symbol, function and readings of each chord,
 * key areas, cadences, brackets and arrows.
 */
export function progressionAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const keyText = ifRequested(request, 'key');
  const key = keyText === undefined ? undefined : keyRequested(keyText, school);
  const given = listRequested(request, 'chords');
  oneTo(COMMAND_LIMITS.chords.progression, given.length, 'chords', 'Give "chords" as a list of them.');
  const asked = given.map((chord) => asObject(chord, 'chord'));
  const numerals = key ? readNumeralsIn(asked.map(numeralSaid), key, request) : [];
  const chords = asked.map((chord, at) => chordIn(chord, at, { key, numeral: numerals[at] ?? null, school }));
  const signature = wholeNumberRequested(request, 'signature', -7, 7);
  const phraseEnds =
    request['phraseEnds'] === undefined || request['phraseEnds'] === null
      ? []
      : listRequested(request, 'phraseEnds').map((end) => phraseEnd(end, chords.length));
  const over = cadentialOverDominant(request);
  const keys = keysOf(request, chords.length, school);
  const { chords: labelled, ...analysis } = analyseProgression(chords, {
    ...(key ? { key } : {}),
    ...(signature === undefined ? {} : { signature }),
    ...(keys ? { keys } : {}),
    phraseEnds,
    splitCadences: request['splitCadences'] === true || school?.cadences === 'split',
  });
  return {
    chords: labelled.map(({ best, figures, symbol, function: role, readings }) => ({
      key: printKey(best.key),
      numeral:
        over && best.reason === 'cadential-six-four' ? 'V64' : printNumeral(best.numeral, best.key, school),
      figures,
      symbol: school ? printSymbol(best.chord, { school: school.symbols, letters: school.letters }) : symbol,
      function: role,
      readings: readings.map((reading) => ({
        key: printKey(reading.key),
        numeral: printNumeral(reading.numeral, reading.key, school),
        reason: contextReasonWords(reading, school),
      })),
    })),
    keys: analysis.keys.map(({ from, key: area }) => ({ from, key: printKey(area) })),
    cadences: analysis.cadences,
    brackets: analysis.brackets,
    arrows: analysis.arrows,
    ...(analysis.centres.length > 0 ? { centres: analysis.centres.map(centreOut) } : {}),
  };
}

/** The numeral that a chord of a request is given as, or null. */
function numeralSaid(chord: Request): string | null {
  return chord['symbol'] === undefined && chord['numeral'] !== undefined
    ? textRequested(chord, 'numeral')
    : null;
}

interface ReadAs {
  readonly key: Key | undefined;
  /** What its numeral was read as among its neighbours. */
  readonly numeral: Numeral | null;
  readonly school: LabelStyle | undefined;
}

function chordIn(chord: Request, at: number, { key, numeral, school }: ReadAs): ChordIn {
  const length = chord['length'];
  const written = typeof length === 'string' ? length : JSON.stringify(length);
  if (written !== undefined && !/^\d{1,6}(?:\/[1-9]\d{0,5})?$/.test(written))
    throw new TheoryError(
      'request',
      written,
      `the length of chord ${at + 1} is not in quarters.`,
      'Write a whole number or a fraction: "1", "3/2".',
    );
  if (chord['symbol'] !== undefined)
    return { chord: symbolRequested(textRequested(chord, 'symbol'), school) };
  if (chord['numeral'] !== undefined) {
    if (!key || !numeral)
      throw new TheoryError(
        'request',
        textRequested(chord, 'numeral'),
        'a numeral is a chord only in a key.',
        'Give "key" beside "chords".',
      );
    // What is typed as a numeral stays that numeral.
    return { chord: chordOfNumeral(numeral, key), numeral, key };
  }
  const given = textsRequested(chord, 'notes');
  atMost(given.length, COMMAND_LIMITS.notes, 'notes of a chord');
  const notes = given.map((note) => readEither(note, school));
  if (notes.length === 0)
    throw new TheoryError(
      'chord',
      JSON.stringify(chord),
      `chord ${at + 1} has no notes.`,
      'Give its notes from the lowest up: ["B","D","G"].',
    );
  return { notes };
}

function phraseEnd(end: unknown, count: number): number {
  if (typeof end !== 'number' || !Number.isInteger(end) || end < 0 || end >= count)
    throw new TheoryError(
      'request',
      JSON.stringify(end),
      'this phrase end is not the number of a chord.',
      `Number the chords from 0 to ${count - 1}.`,
    );
  return end;
}

/** `"keys":[{"from":0,"key":"G major"}]`: the key of each span, where it is given. */
function keysOf(request: Request, count: number, school: LabelStyle | undefined): (Key | null)[] | null {
  if (request['keys'] === undefined || request['keys'] === null) return null;
  const keys: (Key | null)[] = Array.from({ length: count }, () => null);
  for (const span of listRequested(request, 'keys').map((one) => asObject(one, 'span')))
    keys.fill(
      keyRequested(textRequested(span, 'key'), school),
      wholeNumberRequested(span, 'from', 0, count - 1) ?? 0,
    );
  return keys;
}

/** `{"from":0,"to":3,"key":"G mixolydian"}`. */
function centreOut({ from, to, tonic, mode }: ModalCentre) {
  return { from, to, key: `${printNoteName(tonic)} ${mode}` };
}
