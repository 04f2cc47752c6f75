import {
  analyseProgression,
  bestSetting,
  checkSetting,
  chordOfNumeral,
  contextReasonWords,
  faultsOfChords,
  harmonise,
  nearestSetting,
  printKey,
  printNote,
  printNumeral,
  printSymbol,
  RULES,
  settingsInOrder,
  TheoryError,
  type ChordIn,
  type Fault,
  type FourNotes,
  type Key,
  type Lock,
  type Numeral,
  type RuleWeights,
  type School,
  type SettingFound,
  type SettingProblem,
} from '@diatonix/core';
import { atMost, LIMITS, oneTo } from './limits';
import {
  cadentialOverDominant,
  readEither,
  readKey,
  readNote,
  readNumeralIn,
  readNumeralsIn,
  readSymbol,
  schoolOf,
} from './reading';
import { asObject, list, optional, text, texts, wholeNumber, type Request } from './request';

/**
 * The labels of a progression in context: key, numeral, figures, symbol, function and readings of each chord,
 * key areas, cadences, brackets and arrows.
 */
export function progressionAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const keyText = optional(request, 'key');
  const key = keyText === undefined ? undefined : readKey(keyText, school);
  const given = list(request, 'chords');
  oneTo(LIMITS.chords.progression, given.length, 'chords', 'Give "chords" as a list of them.');
  const asked = given.map((chord) => asObject(chord, 'chord'));
  const numerals = key ? readNumeralsIn(asked.map(numeralText), key, request) : [];
  const chords = asked.map((chord, at) => chordIn(chord, at, { key, numeral: numerals[at] ?? null, school }));
  const signature = wholeNumber(request, 'signature', -7, 7);
  const phraseEnds =
    request['phraseEnds'] === undefined || request['phraseEnds'] === null
      ? []
      : list(request, 'phraseEnds').map((end) => phraseEnd(end, chords.length));
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
  };
}

/** The numeral that a chord of a request is given as, or null. */
function numeralText(chord: Request): string | null {
  return chord['symbol'] === undefined && chord['numeral'] !== undefined ? text(chord, 'numeral') : null;
}

interface ReadAs {
  readonly key: Key | undefined;
  /** What its numeral was read as among its neighbours. */
  readonly numeral: Numeral | null;
  readonly school: School | undefined;
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
  if (chord['symbol'] !== undefined) return { chord: readSymbol(text(chord, 'symbol'), school) };
  if (chord['numeral'] !== undefined) {
    if (!key || !numeral)
      throw new TheoryError(
        'request',
        text(chord, 'numeral'),
        'a numeral is a chord only in a key.',
        'Give "key" beside "chords".',
      );
    // What is typed as a numeral stays that numeral.
    return { chord: chordOfNumeral(numeral, key), numeral, key };
  }
  const given = texts(chord, 'notes');
  atMost(given.length, LIMITS.notes, 'notes of a chord');
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
function keysOf(request: Request, count: number, school: School | undefined): (Key | null)[] | null {
  if (request['keys'] === undefined || request['keys'] === null) return null;
  const keys: (Key | null)[] = Array.from({ length: count }, () => null);
  for (const span of list(request, 'keys').map((one) => asObject(one, 'span')))
    keys.fill(readKey(text(span, 'key'), school), wholeNumber(span, 'from', 0, count - 1) ?? 0);
  return keys;
}

/** The best four-part setting of numerals, or where it is blocked; `count` gives the next best ones too. */
export function settingAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const key = readKey(text(request, 'key'), school);
  const chords = texts(request, 'chords');
  oneTo(LIMITS.chords.setting, chords.length, 'chords', 'Give "chords": ["I","V7","I"].');
  const numerals = readNumeralsIn(chords, key, request).flatMap((numeral) => numeral ?? []);
  const lines = (['melody', 'alto', 'tenor', 'bass'] as const).map((voice) =>
    voiceOf(request, voice, numerals.length, school),
  );
  const locks = numerals.map((_, at): readonly [Lock, Lock, Lock, Lock] => [
    lines[0]![at]!,
    lines[1]![at]!,
    lines[2]![at]!,
    lines[3]![at]!,
  ]);
  const problem = { key, numerals, locks, weights: weightsOf(request) };
  const count = wholeNumber(request, 'count', 1, 50);
  const found = bestSetting(problem);
  if (!('voices' in found)) {
    // When not every rule can be kept the best that can be is shown, with what it breaks.
    const nearest = request['strict'] === true ? null : nearestSetting(problem);
    return nearest ? { ...settingOut(nearest), faults: faultsOf(nearest, problem) } : { blocked: found };
  }
  if (count === undefined) return { ...settingOut(found), faults: faultsOf(found, problem) };
  const settings: unknown[] = [];
  for (const setting of settingsInOrder(problem)) {
    settings.push(settingOut(setting));
    if (settings.length >= count) break;
  }
  return { ...settingOut(found), faults: faultsOf(found, problem), settings };
}

function faultsOf({ voices }: SettingFound, { key, numerals, weights = {} }: SettingProblem): Fault[] {
  const chords = numerals.map((numeral) => ({ key, numeral }));
  return faultsOfChords(voices, chords, key, weights);
}

function settingOut({ voices, cost }: SettingFound) {
  return { voices: voices.map((notes) => notes.map(printNote)), cost: Math.round(cost * 1000) / 1000 };
}

function voiceOf(request: Request, voice: string, count: number, school: School | undefined): Lock[] {
  if (request[voice] === undefined || request[voice] === null)
    return Array.from({ length: count }, () => null);
  const notes = list(request, voice);
  if (notes.length > count)
    throw new TheoryError(
      'request',
      `${notes.length} notes`,
      `“${voice}” is longer than the ${count} chords.`,
      'Give one note or null for each chord.',
    );
  return Array.from({ length: count }, (_, at) => lockOf(notes[at] ?? null, voice, school));
}

function lockOf(note: unknown, voice: string, school: School | undefined): Lock {
  if (note === null) return null;
  if (typeof note !== 'string')
    throw new TheoryError(
      'request',
      JSON.stringify(note),
      `a note of “${voice}” is neither a text nor null.`,
      'Write "B4", or null for a free note.',
    );
  return readEither(note, school);
}

/** `"weights":{"direct-fifths":2}`, `"off":["overlap"]`: a rule costs so much, or nothing. */
function weightsOf(request: Request): RuleWeights {
  const weights: Partial<Record<(typeof RULES)[number], number>> = {};
  const named = (rule: string) => {
    const known = RULES.find((one) => one === rule);
    if (!known)
      throw new TheoryError('request', rule, 'there is no such rule.', `The rules are ${RULES.join(', ')}.`);
    return known;
  };
  if (request['off'] !== undefined) for (const rule of texts(request, 'off')) weights[named(rule)] = 0;
  if (request['weights'] !== undefined) {
    for (const [rule, weight] of Object.entries(asObject(request['weights'], 'weights'))) {
      if (typeof weight !== 'number' || !(weight >= 0))
        throw new TheoryError(
          'request',
          JSON.stringify(weight),
          'a weight is a number from 0.',
          'Leave a rule out to forbid it.',
        );
      weights[named(rule)] = weight;
    }
  }
  return weights;
}

/** The faults of a setting in four voices. */
export function checkAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const key = readKey(text(request, 'key'), school);
  const voices = list(request, 'voices');
  atMost(voices.length, LIMITS.chords.check, 'chords');
  return {
    faults: checkSetting(
      voices.map((chord, at) => fourNotes(chord, at, school)),
      key,
    ),
  };
}

function fourNotes(chord: unknown, at: number, school: School | undefined): FourNotes {
  if (!Array.isArray(chord) || chord.length !== 4 || chord.some((note) => typeof note !== 'string'))
    throw new TheoryError(
      'request',
      JSON.stringify(chord),
      `chord ${at + 1} is not four notes.`,
      'Give soprano, alto, tenor and bass: ["B4","G4","D4","G2"].',
    );
  const [soprano, alto, tenor, bass] = (chord as string[]).map((note) => readNote(note, school));
  return [soprano!, alto!, tenor!, bass!];
}

/** Ranked harmonisations of a melody or a bass with the given chords. */
export function harmoniseAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const key = readKey(text(request, 'key'), school);
  const voice = request['melody'] === undefined ? 'bass' : 'melody';
  const line = texts(request, voice);
  const chords = texts(request, 'chords');
  atMost(line.length, LIMITS.harmonise.notes, `notes of “${voice}”`);
  atMost(chords.length, LIMITS.harmonise.chords, 'chords to choose from');
  const notes = line.map((note) => readNote(note, school));
  const numerals = chords.map((numeral): Numeral => readNumeralIn(numeral, key, school));
  return {
    harmonisations: harmonise({ key, voice, notes, numerals }).map(
      ({ numerals: chosen, voices, cost, reasons, passing }) => ({
        chords: chosen.map((numeral) => printNumeral(numeral, key, school)),
        voices: voices && voices.map((chord) => chord.map(printNote)),
        cost: Math.round(cost * 1000) / 1000,
        reasons,
        passing,
      }),
    ),
  };
}
