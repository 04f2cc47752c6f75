import {
  bestVoicing,
  checkVoicing,
  faultsOfChords,
  harmonise,
  parseLength,
  parseMetre,
  nearestSetting,
  printNote,
  printNumeral,
  RULES,
  settingsInOrder,
  TheoryError,
  type Fault,
  type HarmoniseProblem,
  type FourNotes,
  type Lock,
  type Numeral,
  type RuleWeights,
  type LabelStyle,
  type SettingFound,
  type SettingProblem,
} from '@diatonix/core';
import { atMost, COMMAND_LIMITS, oneTo } from './limits';
import { readEither, keyRequested, noteRequested, readNumeralIn, readNumeralsIn, schoolOf } from './reading';
import {
  asObject,
  listRequested,
  ifRequested,
  textRequested,
  textsRequested,
  wholeNumberRequested,
  type Request,
} from './request';

/** The best four-part setting of numerals, or where it is blocked; `count` gives the next best ones too. */
export function settingAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const key = keyRequested(textRequested(request, 'key'), school);
  const chords = textsRequested(request, 'chords');
  oneTo(COMMAND_LIMITS.chords.setting, chords.length, 'chords', 'Give "chords": ["I","V7","I"].');
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
  const count = wholeNumberRequested(request, 'count', 1, 50);
  const found = bestVoicing(problem);
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

function voiceOf(request: Request, voice: string, count: number, school: LabelStyle | undefined): Lock[] {
  if (request[voice] === undefined || request[voice] === null)
    return Array.from({ length: count }, () => null);
  const notes = listRequested(request, voice);
  if (notes.length > count)
    throw new TheoryError(
      'request',
      `${notes.length} notes`,
      `“${voice}” is longer than the ${count} chords.`,
      'Give one note or null for each chord.',
    );
  return Array.from({ length: count }, (_, at) => lockOf(notes[at] ?? null, voice, school));
}

function lockOf(note: unknown, voice: string, school: LabelStyle | undefined): Lock {
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
  if (request['off'] !== undefined)
    for (const rule of textsRequested(request, 'off')) weights[named(rule)] = 0;
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
  const key = keyRequested(textRequested(request, 'key'), school);
  const voices = listRequested(request, 'voices');
  atMost(voices.length, COMMAND_LIMITS.chords.check, 'chords');
  return {
    faults: checkVoicing(
      voices.map((chord, at) => fourNotes(chord, at, school)),
      key,
    ),
  };
}

function fourNotes(chord: unknown, at: number, school: LabelStyle | undefined): FourNotes {
  if (!Array.isArray(chord) || chord.length !== 4 || chord.some((note) => typeof note !== 'string'))
    throw new TheoryError(
      'request',
      JSON.stringify(chord),
      `chord ${at + 1} is not four notes.`,
      'Give soprano, alto, tenor and bass: ["B4","G4","D4","G2"].',
    );
  const [soprano, alto, tenor, bass] = (chord as string[]).map((note) => noteRequested(note, school));
  return [soprano!, alto!, tenor!, bass!];
}

/** Ranked harmonisations of a melody or a bass with the given chords. */
export function harmoniseAnswer(request: Request): unknown {
  const school = schoolOf(request);
  const key = keyRequested(textRequested(request, 'key'), school);
  const voice = request['melody'] === undefined ? 'bass' : 'melody';
  const line = textsRequested(request, voice);
  const chords = textsRequested(request, 'chords');
  atMost(line.length, COMMAND_LIMITS.harmonise.notes, `notes of “${voice}”`);
  atMost(chords.length, COMMAND_LIMITS.harmonise.chords, 'chords to choose from');
  const notes = line.map((note) => noteRequested(note, school));
  const numerals = chords.map((numeral): Numeral => readNumeralIn(numeral, key, school));
  return {
    harmonisations: harmonise({ key, voice, notes, numerals, ...timeOf(request, notes.length) }).map(
      ({ numerals: chosen, voices, cost, reasons, passing, faults }) => ({
        chords: chosen.map((numeral) => printNumeral(numeral, key, school)),
        voices: voices && voices.map((chord) => chord.map(printNote)),
        cost: Math.round(cost * 1000) / 1000,
        reasons,
        passing,
        ...(faults.length > 0 ? { faults } : {}),
      }),
    ),
  };
}

/** `"lengths":["1","1/2",…],"time":"3/4","pickup":"1"`: the lengths of the notes in quarters and their metre. */
function timeOf(request: Request, count: number): Pick<HarmoniseProblem, 'time'> {
  if (request['lengths'] === undefined || request['lengths'] === null) return {};
  const ticks = textsRequested(request, 'lengths').map(parseLength);
  if (ticks.length !== count)
    throw new TheoryError(
      'request',
      `${ticks.length} lengths`,
      `there are ${count} notes.`,
      'Give one length for each note.',
    );
  const pickup = ifRequested(request, 'pickup');
  return {
    time: {
      ticks,
      metre: parseMetre(ifRequested(request, 'time') ?? '4/4'),
      ...(pickup === undefined ? {} : { pickup: parseLength(pickup) }),
    },
  };
}
