import {
  bestVoicing,
  checkVoicing,
  faultsOfChords,
  harmonise,
  parseLength,
  parseMetre,
  REQUEST_LIMITS,
  nearestSetting,
  printNote,
  printNumeral,
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
import type { CheckRequest, HarmoniseRequest, SettingRequest } from '@diatonix/doors';
import { atMost, oneTo } from './limits';
import { readEither, keyRequested, noteRequested, readNumeralIn, readNumeralsIn, schoolOf } from './reading';

/** The best four-part setting of numerals, or where it is blocked; `count` gives the next best ones too. */
export function settingAnswer(request: SettingRequest): unknown {
  const school = schoolOf(request);
  const key = keyRequested(request.key, school);
  const chords = request.chords.map(String);
  oneTo(REQUEST_LIMITS.chords.setting, chords.length, 'chords', 'Give "chords": ["I","V7","I"].');
  const numerals = readNumeralsIn(chords, key, request).flatMap((numeral) => numeral ?? []);
  const lines = (['melody', 'alto', 'tenor', 'bass'] as const).map((voice) =>
    voiceOf(request[voice] ?? null, voice, numerals.length, school),
  );
  const locks = numerals.map((_, at): readonly [Lock, Lock, Lock, Lock] => [
    lines[0]![at]!,
    lines[1]![at]!,
    lines[2]![at]!,
    lines[3]![at]!,
  ]);
  const problem = { key, numerals, locks, weights: weightsOf(request) };
  const found = bestVoicing(problem);
  if (!('voices' in found)) {
    // When not every rule can be kept the best that can be is shown, with what it breaks.
    const nearest = request.strict === true ? null : nearestSetting(problem);
    return nearest ? { ...settingOut(nearest), faults: faultsOf(nearest, problem) } : { blocked: found };
  }
  const { count } = request;
  if (count === undefined || count === null)
    return { ...settingOut(found), faults: faultsOf(found, problem) };
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

function voiceOf(
  notes: readonly unknown[] | null,
  voice: string,
  count: number,
  school: LabelStyle | undefined,
): Lock[] {
  if (notes === null) return Array.from({ length: count }, () => null);
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
const weightsOf = ({ off, weights }: SettingRequest): RuleWeights => ({
  ...Object.fromEntries((off ?? []).map((rule) => [rule, 0])),
  ...weights,
});

/** The faults of a setting in four voices. */
export function checkAnswer(request: CheckRequest): unknown {
  const school = schoolOf(request);
  const key = keyRequested(request.key, school);
  const { voices } = request;
  atMost(voices.length, REQUEST_LIMITS.chords.check, 'chords');
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

/** The line that is harmonised. Throws TheoryError where there is none. */
function lineOf({ melody, bass }: HarmoniseRequest): readonly (string | number)[] {
  const line = melody ?? bass;
  if (!line)
    throw new TheoryError(
      'request',
      'harmonise',
      'there is no line to be harmonised.',
      'Give "melody" or "bass" as a list: ["B4","A4","G4"].',
    );
  return line;
}

/** Ranked harmonisations of a melody or a bass with the given chords. */
export function harmoniseAnswer(request: HarmoniseRequest): unknown {
  const school = schoolOf(request);
  const key = keyRequested(request.key, school);
  const voice = request.melody ? 'melody' : 'bass';
  const line = lineOf(request).map(String);
  const chords = request.chords.map(String);
  atMost(line.length, REQUEST_LIMITS.harmonise.notes, `notes of “${voice}”`);
  atMost(chords.length, REQUEST_LIMITS.harmonise.chords, 'chords to choose from');
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

/** `"lengths":["1","1/2",…],"time":"3/4","upbeat":"1"`: the lengths of the notes in quarters and their metre. */
function timeOf(
  { lengths, time, upbeat: said, pickup }: HarmoniseRequest,
  count: number,
): Pick<HarmoniseProblem, 'time'> {
  if (lengths === undefined || lengths === null) return {};
  const ticks = lengths.map((length) => parseLength(String(length)));
  if (ticks.length !== count)
    throw new TheoryError(
      'request',
      `${ticks.length} lengths`,
      `there are ${count} notes.`,
      'Give one length for each note.',
    );
  const upbeat = said ?? pickup ?? null;
  return {
    time: {
      ticks,
      metre: parseMetre(time ?? '4/4'),
      ...(upbeat === null ? {} : { upbeat: parseLength(upbeat) }),
    },
  };
}
