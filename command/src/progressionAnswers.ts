import {
  analyseProgression,
  chordOfNumeral,
  contextReasonWords,
  printKey,
  printNoteName,
  printNumeral,
  printSymbol,
  REQUEST_LIMITS,
  TheoryError,
  type ChordIn,
  type ModalCentre,
  type Key,
  type Numeral,
  type LabelStyle,
} from '@diatonix/core';
import { ChordOfLine, KeySpan, NotesOfChord, readAs, type ProgressionRequest } from '@diatonix/doors';
import { atMost, oneTo } from './limits';
import {
  cadentialOverDominant,
  readEither,
  keyRequested,
  readNumeralsIn,
  symbolRequested,
  schoolOf,
} from './reading';

/**
 * The labels of a progression in context: key, numeral, figures, symbol, function and readings of each chord,
 * key areas, cadences, brackets and arrows.
 */
export function progressionAnswer(request: ProgressionRequest): unknown {
  const school = schoolOf(request);
  const key =
    request.key === undefined || request.key === null ? undefined : keyRequested(request.key, school);
  const { chords: given } = request;
  oneTo(REQUEST_LIMITS.chords.progression, given.length, 'chords', 'Give "chords" as a list of them.');
  const asked = given.map((chord, at) =>
    readAs(ChordOfLine, chord, 'chord', () => `chord ${at + 1} ${JSON.stringify(chord)}`),
  );
  const numerals = key ? readNumeralsIn(asked.map(numeralSaid), key, request) : [];
  const chords = asked.map((chord, at) => chordIn(chord, at, { key, numeral: numerals[at] ?? null, school }));
  const { signature } = request;
  const phraseEnds = (request.phraseEnds ?? []).map((end) => phraseEnd(end, chords.length));
  const over = cadentialOverDominant(request);
  const keys = keysOf(request.keys, chords.length, school);
  const { chords: labelled, ...analysis } = analyseProgression(chords, {
    ...(key ? { key } : {}),
    ...(signature === undefined || signature === null ? {} : { signature }),
    ...(keys ? { keys } : {}),
    phraseEnds,
    splitCadences: request.splitCadences === true || school?.cadences === 'split',
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
const numeralSaid = ({ symbol, numeral }: ChordOfLine): string | null => (symbol ? null : (numeral ?? null));

interface ReadAs {
  readonly key: Key | undefined;
  /** What its numeral was read as among its neighbours. */
  readonly numeral: Numeral | null;
  readonly school: LabelStyle | undefined;
}

function chordIn(chord: ChordOfLine, at: number, { key, numeral, school }: ReadAs): ChordIn {
  if (typeof chord.symbol === 'string') return { chord: symbolRequested(chord.symbol, school) };
  if (typeof chord.numeral === 'string') {
    if (!key || !numeral)
      throw new TheoryError(
        'request',
        chord.numeral,
        'a numeral is a chord only in a key.',
        'Give "key" beside "chords".',
      );
    // What is typed as a numeral stays that numeral.
    return { chord: chordOfNumeral(numeral, key), numeral, key };
  }
  const given = readAs(NotesOfChord, chord, 'chord').notes.map(String);
  atMost(given.length, REQUEST_LIMITS.notes, 'notes of a chord');
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
function keysOf(
  spans: ProgressionRequest['keys'],
  count: number,
  school: LabelStyle | undefined,
): (Key | null)[] | null {
  if (!spans) return null;
  const keys: (Key | null)[] = Array.from({ length: count }, () => null);
  for (const { key, from } of spans.map((one) => readAs(KeySpan, one, 'span'))) {
    if ((from ?? 0) >= count)
      throw new TheoryError(
        'request',
        String(from),
        '“from” is not the number of a chord.',
        `Number the chords from 0 to ${count - 1}.`,
      );
    keys.fill(keyRequested(key, school), from ?? 0);
  }
  return keys;
}

/** `{"from":0,"to":3,"key":"G mixolydian"}`. */
function centreOut({ from, to, tonic, mode }: ModalCentre) {
  return { from, to, key: `${printNoteName(tonic)} ${mode}` };
}
