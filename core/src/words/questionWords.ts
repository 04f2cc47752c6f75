import { INVERSION_WORDS } from '../chord/inversionNames';
import { alsoIn, dividedAnswer } from '../exercise/ask/also';
import type { Question } from '../exercise/ask/question';
import { parseInterval } from '../interval/interval';
import { parseKey } from '../key/key';
import { parseNoteName } from '../pitch/parse';
import { displayNoteName, withSigns } from '../pitch/print';
import { DEFAULT_SCHOOL, type School } from '../school/school';
import type { Fault } from '../voicing/rules';
import { intervalWords } from './intervals';
import { faultWords } from './rules';
import { keyWords } from './names';

/** What is printed beside the notes of a question: what is to be written, in words; empty where notes say it all. */
export function promptWords(
  { kind, given }: Pick<Question, 'kind' | 'given'>,
  school: School = DEFAULT_SCHOOL,
): string {
  const text = (field: string) => String(given[field] ?? '');
  const key = () => keyWords(parseKey(text('key')), school);
  const name = (note: string) => displayNoteName(parseNoteName(note), school.letters);
  switch (kind) {
    case 'note-name':
      return given['earlier'] === undefined ? '' : 'the last note';
    case 'signature-name':
      return text('mode');
    case 'signature-write':
      return key();
    case 'scale-write':
      return text('form') === 'natural' ? key() : `${key()}, ${text('form')}`;
    case 'degree-name':
      return `${name(text('note'))} in ${key()}`;
    case 'interval-build':
      return `${intervalWords(parseInterval(text('name')))} ${given['below'] === true ? 'below' : 'above'}`;
    case 'interval-invert':
      return intervalWords(parseInterval(text('name')));
    case 'transpose':
      return `${intervalWords(parseInterval(text('by')))} ${given['below'] === true ? 'lower' : 'higher'}`;
    case 'triad-build':
    case 'seventh-build':
    case 'extended-build': {
      const turned = INVERSION_WORDS[Number(given['inversion'])];
      return `${name(text('root'))} ${text('quality').replace(/-/g, ' ')}, ${turned ?? INVERSION_WORDS[0]!}`;
    }
    case 'cadence-write':
      return `${text('cadence')} cadence in ${key()}`;
    case 'key-find':
      return (given['candidates'] as readonly string[])
        .map((one) => keyWords(parseKey(one), school))
        .join(' or ');
    case 'chord-map':
      return `${key()}, ${given['stack'] === 7 ? 'sevenths' : 'triads'}`;
    case 'work-back':
      return `${sought(given['roles'])} ${text('target')} in ${key()}`;
    case 'harmonise':
      return `${key()}: ${(given['numerals'] as readonly string[]).join(' ')}`;
    case 'written':
      return text('question');
    case 'listen':
      return HEARD_WORDS[text('of')] ?? '';
    case 'parts-faults':
    case 'parts-complete':
    case 'figures-realise':
    case 'score-label':
      return key();
    case 'numeral-build':
      return `${text('numeral')} in ${key()}`;
    case 'numeral-label':
    case 'progression-label':
    case 'cadence-name':
      return key();
    case 'figures-name':
      return [(given['figures'] as readonly string[]).join(' '), key()]
        .filter((one) => one !== '')
        .join(' · ');
    default:
      return '';
  }
}

/** What is heard, as it is asked for. */
const HEARD_WORDS: Readonly<Record<string, string>> = {
  interval: 'an interval',
  triad: 'the quality of a triad',
  seventh: 'the quality of a seventh chord',
  inversion: 'the inversion of a triad',
  cadence: 'a cadence',
};

/** Blanks joined as they are drawn: a ii and its V under a bracket, an arrow to the target. */
const sought = (roles: unknown) => (Array.isArray(roles) && roles.length > 1 ? '[ ____  ____ ] →' : '____ →');

const BLANKS: Readonly<Record<string, readonly string[]>> = {
  'triad-name': ['root', 'quality', 'inversion'],
  'seventh-name': ['root', 'quality', 'inversion'],
  'extended-name': ['root', 'quality'],
  'figures-name': ['notes', 'numeral'],
};

/** The blank rows of a chord map, the degrees from left to right. */
function mapParts(answer: Readonly<Record<string, readonly unknown[]>>): string[] {
  const cellText = (cell: unknown) =>
    Array.isArray(cell) ? cell.join(' ') : String(cell).replace(/-/g, ' ');
  return Object.entries(answer).map(([row, cells]) => `${row}: ${cells.map(cellText).join(', ')}`);
}

/** What is filled in under a question, a line each; one without a name where there is only one. */
export function blankNames(kind: string): readonly string[] {
  return BLANKS[kind] ?? [''];
}

/** A line to fill in under a question: its name, empty where it is the only one, and what is right there. */
export interface BlankLine {
  readonly name: string;
  readonly text: string;
}

/** The lines to fill in under a question, beside what is written on its staff, under its chords or in its map. */
export function blankLines(
  { kind, given, answers }: Question,
  school: School = DEFAULT_SCHOOL,
): readonly BlankLine[] {
  const divided = answers.map((answer) => dividedAnswer(given, answer));
  const names = FILLED_IN.has(kind) ? [] : blankNames(kind);
  const all = names.length === 0 ? [] : divided.map(({ own }) => answerParts(kind, own, school));
  // Where one line is asked for and several answers are right, all stand on it.
  const texts = names.length === 1 ? [all.map(([text]) => text).join(' or ')] : (all[0] ?? []);
  const also = alsoIn(given);
  return [
    ...names.map((name, at) => ({ name, text: texts[at] ?? '' })),
    ...(also ? [{ name: also, text: withSigns(String(divided[0]?.also)) }] : []),
  ];
}
const FILLED_IN = new Set([
  ...['chord-map', 'work-back', 'progression-label', 'score-label', 'harmonise'],
  ...['parts-complete', 'figures-realise'],
]);

/** A fault as it is answered: the chord counted from 1. */
type AnsweredFault = Pick<Fault, 'rule' | 'voices'> & { readonly at: number };

/** An answer in the parts of its blanks, with signs as they are printed. */
export function answerParts(kind: string, answer: unknown, school: School = DEFAULT_SCHOOL): string[] {
  if (typeof answer === 'object' && answer !== null && !Array.isArray(answer)) {
    if (kind === 'chord-map')
      return [
        mapParts(answer as Record<string, unknown[]>)
          .map(withSigns)
          .join('; '),
      ];
    const { root, quality, inversion, notes, numeral } = answer as Record<string, unknown>;
    if (Array.isArray(notes)) return [withSigns(notes.join(' ')), String(numeral)];
    const parts = [
      displayNoteName(parseNoteName(String(root)), school.letters),
      String(quality).replace(/-/g, ' '),
      INVERSION_WORDS[Number(inversion)] ?? String(inversion),
    ];
    return parts.slice(0, blankNames(kind).length);
  }
  if (kind === 'parts-faults')
    return [
      (answer as readonly AnsweredFault[])
        .map(({ at, ...fault }) => `${at}: ${faultWords(fault, school)}`)
        .join('; '),
    ];
  if (kind === 'listen' && typeof answer === 'number') return [INVERSION_WORDS[answer] ?? String(answer)];
  if (kind === 'listen') return [String(answer).replace(/-/g, ' ')];
  if (kind === 'parts-complete' || kind === 'figures-realise')
    return [
      (answer as readonly (readonly string[])[])
        .map((own) => withSigns([...own].reverse().join(' ')))
        .join(' | '),
    ];
  const list = (one: unknown): string => (Array.isArray(one) ? one.map(list).join(' ') : String(one));
  return [withSigns(list(answer))];
}
