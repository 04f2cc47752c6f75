import { TheoryError } from '../../errors';
import { parseInterval, type Interval } from '../../interval/interval';
import { parseKey, type Key } from '../../key/key';
import { CLEFS, SCALE_FORMS, type Clef, type ScaleForm } from '../../key/scale';
import { HEARD_SCALES, type HeardScale } from '../heard/scales';
import { KEY_GIVEN, type KeyGivenBy } from '../heard/keyGiven';
import { MAP_ROWS, type MapRow } from '../mapRows';

/** How far accidentals may go: no sign and no signature, the signature alone, single signs, double ones. */
export const ACCIDENTALS = ['none', 'signature', 'single', 'double'] as const;
export type Accidentals = (typeof ACCIDENTALS)[number];
/** What the key itself does not have: nothing of it; what music in the key uses; whatever there is. */
export const CHROMATIC = ['none', 'some', 'any'] as const;
export type Chromatic = (typeof CHROMATIC)[number];
export const POSITIONS = ['close', 'open'] as const;
export type Position = (typeof POSITIONS)[number];
/** Voices that stand where the others are written. */
export const VOICES_GIVEN = ['outer', 'bass'] as const;
/** What is worked back: a ii with its V, or a V alone. */
export const ROLES = ['pair', 'dominant'] as const;
export const STACKS = ['triads', 'sevenths'] as const;
/** What is played to be named. */
export const LISTENED = ['interval', 'triad', 'seventh', 'inversion', 'cadence'] as const;
export type Listened = (typeof LISTENED)[number];

/** How the notes of an interval are played. */
export const HOW_PLAYED = ['together', 'up', 'down'] as const;
export type HowPlayed = (typeof HOW_PLAYED)[number];

/** What is spelled wrongly and written again. */
export const RESPELLED = ['note', 'interval', 'chord'] as const;
export type Respelled = (typeof RESPELLED)[number];

/** What questions are made of. A kind looks at what it takes and at nothing else. */
export interface Material {
  readonly keys: readonly Key[];
  readonly clefs: readonly Clef[];
  readonly intervals: readonly Interval[];
  readonly qualities: readonly string[];
  readonly inversions: readonly number[];
  /** In the grammar of the house; none for those of the key. */
  readonly numerals: readonly string[];
  readonly compound: boolean;
  readonly accidentals: Accidentals;
  readonly chromatic: Chromatic;
  readonly ledgerLines: number;
  readonly positions: readonly Position[];
  readonly forms: readonly ScaleForm[];
  readonly cadences: readonly string[];
  /** How many notes or chords a line has. */
  readonly length: number;
  /** Numerals that the class has not been taught: `iii`, `viio`. */
  readonly untaught: readonly string[];
  /** Rows of a chord map that are blank. */
  readonly rows: readonly MapRow[];
  readonly stacks: readonly (typeof STACKS)[number][];
  readonly voices: readonly (typeof VOICES_GIVEN)[number][];
  readonly roles: readonly (typeof ROLES)[number][];
  readonly listened: readonly Listened[];
  readonly respelled: readonly Respelled[];
  readonly how: readonly HowPlayed[];
  readonly scales: readonly HeardScale[];
  /** What gives the key before what is heard. */
  readonly before: KeyGivenBy;
  /** Beats a minute of what is heard. */
  readonly tempo: number;
  /** Whether notes stand after others of their bar, whose accidentals hold. */
  readonly bar: boolean;
  /** Whether something is asked besides: the cadence of a line, the note above the gap of an inversion. */
  readonly also: boolean;
}

export type MaterialField = keyof Material;

/** Material as it is written: names of keys and intervals, lists of texts, numbers. */
export type MaterialText = { readonly [Field in MaterialField]?: unknown };

const USUAL_KEYS = [
  ...['C', 'G', 'D', 'A', 'F', 'Bb', 'Eb'].map((tonic) => `${tonic} major`),
  ...['A', 'E', 'B', 'F#', 'D', 'G', 'C'].map((tonic) => `${tonic} minor`),
];
const USUAL_INTERVALS = ['m2', 'M2', 'm3', 'M3', 'P4', 'A4', 'd5', 'P5', 'm6', 'M6', 'm7', 'M7', 'P8'];
const MOST = 200;
const MOST_LENGTH = 16;
const SLOWEST = 40;
const FASTEST = 160;

/** The values that each field may have, in words or as a list, and what holds where nothing is said. */
export interface MaterialFieldValues {
  readonly values: readonly string[] | string;
  readonly default: unknown;
}

export const MATERIAL_FIELDS: Readonly<Record<MaterialField, MaterialFieldValues>> = {
  keys: { values: 'keys, such as D major and F# minor', default: USUAL_KEYS },
  clefs: { values: CLEFS, default: ['treble', 'bass'] },
  intervals: { values: 'intervals, such as m2, A4 and P8', default: USUAL_INTERVALS },
  qualities: { values: 'qualities of the kind', default: [] },
  inversions: { values: 'whole numbers from 0', default: [0] },
  numerals: { values: 'numerals, such as ii6 and V65/V; none for those of the key', default: [] },
  compound: { values: 'true or false', default: false },
  accidentals: { values: ACCIDENTALS, default: 'single' },
  chromatic: { values: CHROMATIC, default: 'some' },
  ledgerLines: { values: 'a whole number from 0 to 4', default: 1 },
  positions: { values: POSITIONS, default: ['close'] },
  forms: { values: SCALE_FORMS, default: ['natural'] },
  cadences: {
    values: ['authentic', 'half', 'plagal', 'deceptive'],
    default: ['authentic', 'half', 'plagal', 'deceptive'],
  },
  length: { values: `a whole number from 2 to ${MOST_LENGTH}`, default: 4 },
  untaught: { values: 'numerals, such as iii and viio', default: [] },
  rows: { values: MAP_ROWS, default: ['numerals', 'notes'] },
  stacks: { values: STACKS, default: ['triads'] },
  voices: { values: VOICES_GIVEN, default: ['outer'] },
  roles: { values: ROLES, default: ['pair'] },
  listened: { values: LISTENED, default: ['interval', 'triad', 'cadence'] },
  respelled: { values: RESPELLED, default: RESPELLED },
  how: { values: HOW_PLAYED, default: HOW_PLAYED },
  scales: { values: HEARD_SCALES, default: HEARD_SCALES.slice(0, 4) },
  before: { values: KEY_GIVEN, default: 'cadence' },
  tempo: { values: `a whole number from ${SLOWEST} to ${FASTEST}`, default: 72 },
  bar: { values: 'true or false', default: false },
  also: { values: 'true or false', default: false },
};

/**
 * Material of what was written. What a kind does not take changes nothing; fields that no kind takes are refused, as
 * are values that none has. Throws TheoryError `request` naming the field.
 */
export function parseMaterial(
  given: MaterialText,
  materialFields: readonly MaterialField[],
  defaults: MaterialText,
  qualities: readonly string[],
): Material {
  for (const field of Object.keys(given))
    if (!(field in MATERIAL_FIELDS))
      throw wrong(field, 'there is no such material.', `This kind takes ${materialFields.join(', ')}.`);
  const taken = (field: MaterialField) => (materialFields.includes(field) ? given[field] : undefined);
  const of = (field: MaterialField): unknown =>
    taken(field) ?? defaults[field] ?? MATERIAL_FIELDS[field].default;
  const list = (field: MaterialField): string[] => {
    const value = of(field);
    if (!Array.isArray(value) || value.length > MOST || value.some((one) => typeof one !== 'string'))
      throw wrong(field, 'this is not a list of texts.', `Give for example "${field}": ${example(field)}.`);
    return value as string[];
  };
  const among = <One extends string>(field: MaterialField, known: readonly One[], empty = false): One[] => {
    const value = list(field);
    for (const one of value)
      if (!(known as readonly string[]).includes(one))
        throw wrong(`${field}: ${one}`, 'there is none of this name.', `Choose from ${known.join(', ')}.`);
    if (value.length === 0 && !empty)
      throw wrong(field, 'the list is empty.', `Give one of ${known.join(', ')}.`);
    return value as One[];
  };
  const whole = (field: MaterialField, least: number, most: number): number => {
    const value = of(field);
    if (typeof value !== 'number' || !Number.isInteger(value) || value < least || value > most)
      throw wrong(
        `${field}: ${JSON.stringify(value)}`,
        'this cannot be.',
        `Give ${String(MATERIAL_FIELDS[field].values)}.`,
      );
    return value;
  };
  const one = <One extends string>(field: MaterialField, known: readonly One[]): One => {
    const value = of(field);
    if (!(known as readonly unknown[]).includes(value))
      throw wrong(
        `${field}: ${JSON.stringify(value)}`,
        'there is none of this name.',
        `Choose from ${known.join(', ')}.`,
      );
    return value as One;
  };
  const read = <One>(field: MaterialField, parse: (text: string) => One): One[] => {
    const value = list(field).map(parse);
    if (value.length === 0) throw wrong(field, 'the list is empty.', `Give for example ${example(field)}.`);
    return value;
  };
  const inversions = of('inversions');
  const isInversion = (value: unknown) =>
    typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= 6;
  if (!Array.isArray(inversions) || inversions.length === 0 || !inversions.every(isInversion))
    throw wrong('inversions', 'these are not inversions.', 'Give for example "inversions": [0, 1, 2].');
  const yes = (field: MaterialField): boolean => {
    const value = of(field);
    if (typeof value !== 'boolean') throw wrong(field, 'this is not true or false.', 'Give true or false.');
    return value;
  };
  return {
    keys: read('keys', (text) => parseKey(text)),
    clefs: among('clefs', CLEFS),
    intervals: read('intervals', parseInterval),
    qualities: among('qualities', qualities, qualities.length === 0),
    inversions: inversions as number[],
    numerals: list('numerals'),
    compound: yes('compound'),
    accidentals: one('accidentals', ACCIDENTALS),
    // Who asks for double signs asks for what lies far from the key.
    chromatic:
      taken('chromatic') === undefined && of('accidentals') === 'double'
        ? 'any'
        : one('chromatic', CHROMATIC),
    ledgerLines: whole('ledgerLines', 0, 4),
    positions: among('positions', POSITIONS),
    forms: among('forms', SCALE_FORMS),
    cadences: among('cadences', MATERIAL_FIELDS.cadences.values as readonly string[]),
    length: whole('length', 2, MOST_LENGTH),
    untaught: list('untaught'),
    rows: among('rows', MAP_ROWS),
    stacks: among('stacks', STACKS),
    voices: among('voices', VOICES_GIVEN),
    roles: among('roles', ROLES),
    listened: among('listened', LISTENED),
    respelled: among('respelled', RESPELLED),
    how: among('how', HOW_PLAYED),
    scales: among('scales', HEARD_SCALES),
    before: one('before', KEY_GIVEN),
    tempo: whole('tempo', SLOWEST, FASTEST),
    bar: yes('bar'),
    also: yes('also'),
  };
}

function example(field: MaterialField): string {
  const { default: usual } = MATERIAL_FIELDS[field];
  return JSON.stringify(Array.isArray(usual) ? (usual as unknown[]).slice(0, 2) : usual);
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}
