import { INVERSION_WORDS } from '../chord/inversionNames';
import type { Question } from '../exercise/ask/question';
import { parseInterval } from '../interval/interval';
import { parseKey } from '../key/key';
import { parseNoteName } from '../pitch/parse';
import { displayNoteName } from '../pitch/print';
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
    case 'parts-faults':
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

const BLANKS: Readonly<Record<string, readonly string[]>> = {
  'triad-name': ['root', 'quality', 'inversion'],
  'seventh-name': ['root', 'quality', 'inversion'],
  'extended-name': ['root', 'quality'],
  'figures-name': ['notes', 'numeral'],
};

/** What is filled in under a question, a line each; one without a name where there is only one. */
export function blankNames(kind: string): readonly string[] {
  return BLANKS[kind] ?? [''];
}

/** A fault as it is answered: the chord counted from 1. */
type AnsweredFault = Pick<Fault, 'rule' | 'voices'> & { readonly at: number };

/** An answer in the parts of its blanks, with signs as they are printed. */
export function answerParts(kind: string, answer: unknown, school: School = DEFAULT_SCHOOL): string[] {
  const shown = (text: string) =>
    text.replace(/([A-G])(bb|b|##|#)(?![a-z])/g, (_, letter: string, sign: string) => letter + SIGNS[sign]!);
  if (typeof answer === 'object' && answer !== null && !Array.isArray(answer)) {
    const { root, quality, inversion, notes, numeral } = answer as Record<string, unknown>;
    if (Array.isArray(notes)) return [shown(notes.join(' ')), String(numeral)];
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
  const list = (one: unknown): string => (Array.isArray(one) ? one.map(list).join(' ') : String(one));
  return [shown(list(answer))];
}

const SIGNS: Readonly<Record<string, string>> = { '#': '♯', '##': '𝄪', b: '♭', bb: '𝄫' };
