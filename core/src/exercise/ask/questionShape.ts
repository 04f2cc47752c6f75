import { TheoryError } from '../../errors';
import { SCALE_FORMS } from '../../key/scale';
import { MAP_ROWS } from '../kinds/chordMap/rows';
import { alsoIn } from './also';
import type { Given, ToMark } from './question';

/** What a field of a question holds. */
type Shape = 'text' | 'number' | 'flag' | 'texts' | 'lists';

const IN_WORDS: Readonly<Record<Shape, string>> = {
  text: 'a text in quotes',
  number: 'a number',
  flag: 'true or false',
  texts: 'a list of texts',
  lists: 'a list of lists of texts',
};

/** What is given in a question is called the same in every kind, and holds the same. */
const GIVEN: Readonly<Record<string, readonly Shape[]>> = {
  ...texts('clef key note mode form from to name root quality numeral bass target cadence by of also text'),
  ...{ below: ['flag'], inversion: ['number'], stack: ['number'] },
  ...{ signature: ['texts'], notes: ['texts'], blank: ['texts'], basses: ['texts'], roles: ['texts'] },
  ...{ candidates: ['texts'], numerals: ['texts'], figures: ['texts', 'lists'] },
  ...{ chords: ['lists'], voices: ['lists'], sound: ['lists'] },
};

function texts(names: string): Record<string, readonly Shape[]> {
  return Object.fromEntries(names.split(' ').map((name) => [name, ['text']]));
}

/** What a question of a kind is nothing without. */
const NEEDED: Readonly<Record<string, string>> = {
  'note-name': 'note',
  'signature-name': 'signature',
  'signature-write': 'key',
  'scale-write': 'key form',
  'degree-name': 'key note',
  'interval-name': 'from to',
  'interval-build': 'from name',
  'interval-invert': 'from to',
  'triad-name': 'notes',
  'triad-build': 'root quality inversion',
  'seventh-name': 'notes',
  'seventh-build': 'root quality inversion',
  'extended-name': 'notes',
  'extended-build': 'root quality inversion',
  'inversion-turn': 'notes',
  'chord-map': 'key stack blank',
  'numeral-label': 'key notes',
  'numeral-build': 'key numeral',
  'figures-name': 'key bass figures',
  'figures-realise': 'key basses figures',
  'work-back': 'key target roles',
  'progression-label': 'key chords',
  'cadence-name': 'key chords',
  'cadence-write': 'key cadence',
  'key-find': 'chords',
  'parts-complete': 'key numerals voices',
  'parts-faults': 'voices',
  transpose: 'notes by',
  harmonise: 'key notes numerals',
  'score-label': 'key voices',
  listen: 'of sound',
};

/** What the right answers of a kind are; those that are not here are texts. */
const ANSWERS: Readonly<Record<string, 'texts' | 'lists' | 'chord' | 'figured' | 'map' | 'faults'>> = {
  ...kinds('texts', 'signature-write scale-write triad-build seventh-build extended-build inversion-turn'),
  ...kinds(
    'texts',
    'numeral-build work-back progression-label cadence-write transpose harmonise score-label',
  ),
  ...kinds('lists', 'figures-realise parts-complete'),
  ...kinds('chord', 'triad-name seventh-name extended-name'),
  ...{ 'figures-name': 'figured', 'chord-map': 'map', 'parts-faults': 'faults' },
};

function kinds<T>(shape: T, names: string): Record<string, T> {
  return Object.fromEntries(names.split(' ').map((name) => [name, shape]));
}

/**
 * A question that came from outside: every field holds what its name says, what its kind cannot be without is there,
 * and its right answers, where it brings them, are of its kind. Throws TheoryError `request` otherwise.
 */
export function checkQuestion({ kind, given, answers }: ToMark): void {
  for (const [name, value] of Object.entries(given)) {
    const shapes = Object.hasOwn(GIVEN, name) ? GIVEN[name]! : null;
    if (shapes && !shapes.some((shape) => is(shape, value)))
      throw wrong(name, `“${name}” is not ${shapes.map((shape) => IN_WORDS[shape]).join(' or ')}.`);
  }
  for (const name of (Object.hasOwn(NEEDED, kind) ? NEEDED[kind]! : '').split(' '))
    if (name !== '' && isNothing(name, given[name])) throw wrong(name, `the question has no “${name}”.`);
  const { voices } = given;
  for (const [name, known] of Object.entries(ONE_OF[kind] ?? {}))
    for (const one of [given[name]].flat())
      if (!known.includes(one)) throw wrong(name, `“${String(one)}” is not one of ${known.join(', ')}.`);
  if (/^parts-/.test(kind) && !(voices as unknown[][]).every((chord) => chord.length === VOICES))
    throw wrong('voices', 'every chord has four voices.');
  answers?.forEach((answer, at) => {
    if (!isAnswer(kind, given, answer))
      throw wrong(`answer ${at + 1}`, 'it is no answer to a question of this kind.');
  });
}

const VOICES = 4;
/** Fields of which only some values say something. */
const ONE_OF: Readonly<Record<string, Readonly<Record<string, readonly unknown[]>>>> = {
  'scale-write': { form: SCALE_FORMS },
  'chord-map': { stack: [5, 7, 9, 11, 13], blank: MAP_ROWS },
};

/** A signature without signs and a bass without figures say something; a list of notes without notes does not. */
const isNothing = (name: string, value: unknown): boolean =>
  value === undefined ||
  (Array.isArray(value) && value.length === 0 && !['signature', 'figures', 'blank'].includes(name));

const wrong = (read: string, what: string) =>
  new TheoryError('request', read, what, 'Give the question as ask gave it.');

const isObject = (value: unknown): value is Given =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isTexts = (value: unknown): boolean =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

function is(shape: Shape, value: unknown): boolean {
  switch (shape) {
    case 'text':
      return typeof value === 'string';
    case 'number':
      return Number.isInteger(value);
    case 'flag':
      return typeof value === 'boolean';
    case 'texts':
      return isTexts(value);
    case 'lists':
      // A voice that is to be found is null.
      return (
        Array.isArray(value) &&
        value.every((one) => Array.isArray(one) && one.every((x) => x === null || typeof x === 'string'))
      );
  }
}

/** Whether a right answer has the shape of its kind; what is asked besides is its last entry. */
function isAnswer(kind: string, given: Given, answer: unknown): boolean {
  const shape = Object.hasOwn(ANSWERS, kind) ? ANSWERS[kind] : undefined;
  if (alsoIn(given) && Array.isArray(answer) && !isTexts(answer))
    return answer.length === 2 && isAnswer(kind, { ...given, also: undefined }, answer[0]);
  switch (shape) {
    case undefined:
      return typeof answer === 'string' || (alsoIn(given) !== null && isTexts(answer));
    case 'texts':
      return isTexts(answer) && (kind === 'signature-write' || (answer as string[]).length > 0);
    case 'lists':
      return is('lists', answer) && (answer as unknown[][]).every(isTexts);
    case 'chord':
      return (
        isObject(answer) &&
        typeof answer['root'] === 'string' &&
        typeof answer['quality'] === 'string' &&
        (answer['inversion'] === undefined || Number.isInteger(answer['inversion']))
      );
    case 'figured':
      return (
        isObject(answer) &&
        isTexts(answer['notes']) &&
        (answer['notes'] as string[]).length > 0 &&
        typeof answer['numeral'] === 'string'
      );
    case 'map':
      return isObject(answer) && Object.values(answer).every((row) => is('texts', row) || is('lists', row));
    case 'faults':
      return (
        Array.isArray(answer) &&
        answer.every((one) => isObject(one) && Number.isInteger(one['at']) && typeof one['rule'] === 'string')
      );
  }
}
