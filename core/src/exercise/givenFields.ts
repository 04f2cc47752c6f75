import { TheoryError } from '../errors';
import { CLEFS, type Clef } from '../key/scale';
import type { GivenData } from './question';

/** A field of what is given in a question: what it holds, how that is said, and whether it may be left out. */
export interface Field<Value> {
  readonly holds: (value: unknown) => value is Value;
  /** What it holds, to follow “is not”. */
  readonly inWords: string;
  readonly optional: boolean;
}

/** The fields of a kind: one for each that its questions have. */
export type GivenFields<Given> = {
  readonly [Name in keyof Given]-?: Field<Exclude<Given[Name], undefined>>;
};

/** A clef, or the two staves of a keyboard. */
export type ClefGiven = Clef | 'grand';

function field<Value>(inWords: string, holds: (value: unknown) => boolean): Field<Value> {
  return { inWords, holds: holds as Field<Value>['holds'], optional: false };
}

/** The field may be left out. */
export const optionalField = <Value>(own: Field<Value>): Field<Value> => ({ ...own, optional: true });

const isText = (value: unknown) => typeof value === 'string';
const isTexts = (value: unknown) => Array.isArray(value) && value.every(isText);

export const textField: Field<string> = field('a text in quotes', isText);
export const wholeNumberField: Field<number> = field('a whole number', Number.isInteger);
export const flagField: Field<boolean> = field('true or false', (value) => typeof value === 'boolean');
/** A list that may be empty: a signature without signs, a bass without figures. */
export const textsField: Field<readonly string[]> = field('a list of texts', isTexts);
export const someTextsField: Field<readonly string[]> = field(
  'a list of texts',
  (value) => isTexts(value) && (value as unknown[]).length > 0,
);
/** Lists of notes, one for each chord. */
export const textListsField: Field<readonly (readonly string[])[]> = field(
  'a list of lists of texts',
  (value) => Array.isArray(value) && value.length > 0 && value.every(isTexts),
);

const VOICES = 4;
const areVoices = (isVoice: (value: unknown) => boolean) => (value: unknown) =>
  Array.isArray(value) &&
  value.length > 0 &&
  value.every((chord) => Array.isArray(chord) && chord.length === VOICES && chord.every(isVoice));

/** Four voices for each chord, from the soprano down. */
export const fourVoicesField: Field<readonly (readonly string[])[]> = field(
  'a list of chords of four voices',
  areVoices(isText),
);
/** Four voices for each chord, null for those that are to be written. */
export const openVoicesField: Field<readonly (readonly (string | null)[])[]> = field(
  'a list of chords of four voices, null for one that is to be written',
  areVoices((voice) => voice === null || isText(voice)),
);

/** One of a few values. */
export const oneOfField = <Value>(known: readonly Value[]): Field<Value> =>
  field(`one of ${known.map(String).join(', ')}`, (value) => (known as readonly unknown[]).includes(value));
/** Several of a few values. */
export const someOfField = <Value>(known: readonly Value[]): Field<readonly Value[]> =>
  field(
    `a list of some of ${known.map(String).join(', ')}`,
    (value) => Array.isArray(value) && value.every((one) => (known as readonly unknown[]).includes(one)),
  );

export const clefField: Field<Clef> = oneOfField(CLEFS);
export const anyClefField: Field<ClefGiven> = oneOfField<ClefGiven>([...CLEFS, 'grand']);

/** Throws TheoryError `request` where a field holds something else than it should, or is missing. */
export function checkGiven<Given>(fields: GivenFields<Given>, given: GivenData): void {
  for (const [name, { holds, inWords, optional: mayBeLeftOut }] of Object.entries<Field<unknown>>(fields)) {
    const value = given[name];
    if (value === undefined) {
      if (!mayBeLeftOut) throw wrong(name, `the question has no “${name}”.`);
    } else if (!holds(value)) throw wrong(name, `“${name}” is not ${inWords}.`);
  }
}

const wrong = (read: string, what: string) =>
  new TheoryError('request', read, what, 'Give the question as ask gave it.');
