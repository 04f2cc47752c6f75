import { parseKey } from '../../key/key';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import { keyTextAt, type MayGiveKeys } from '../givenReading';
import type { LabelStyle } from '../../school/school';
import { isText, isTexts, listOf, partMark, textOf, type AnswerForm, type PartMark } from './answerForm';
import { sameAnswer } from './sameAnswer';
import { closeNumeral } from './spokenText';

/** How many chords a question shows; null where it shows none. */
function chordsGiven(given: object): number | null {
  const { chords, voices, notes } = given as Partial<Record<'chords' | 'voices' | 'notes', unknown>>;
  const shown = chords ?? voices ?? notes;
  return Array.isArray(shown) ? shown.length : null;
}

/** A numeral of any style in the plain text of the house. Throws TheoryError `numeral`. */
export function parseNumeralAnswer(
  text: string,
  { key: keyText }: Pick<MayGiveKeys, 'key'>,
  school: LabelStyle,
): string {
  const key = parseKey(keyText ?? 'C major');
  return printNumeral(parseNumeral(closeNumeral(text), key, school), key);
}

const FIGURES = /^(?:[°ºoø+]?[2-9](?:\/?[2-9])*|[°ºoø+])$/;
/** The cadential six-four and what it goes to, written as one: `V6/4–5/3`. */
const OVER_DOMINANT = /^(V)6\/?4[–-]5\/?3$/;

/**
 * The labels of a line as they were typed, `count` of them where that is known: figures that stand apart belong to the
 * numeral before them, and `V6/4–5/3` is two chords.
 */
export function labelsTyped(raw: unknown, count: number | null): string[] {
  const said = listOf(typeof raw === 'string' ? raw.replace(OVER_IN_LINE, ' $1') : raw);
  const labels = said.flatMap((one) => (OVER_DOMINANT.test(one) ? ['V64', 'V'] : [one]));
  let excess = count === null ? Infinity : labels.length - count;
  return labels.reduce<string[]>((all, one) => {
    const before = all.at(-1);
    if (excess <= 0 || before === undefined || !FIGURES.test(one) || !/[IVXiv]/.test(before))
      return [...all, one];
    excess--;
    return [...all.slice(0, -1), before + one];
  }, []);
}
const OVER_IN_LINE = /(?:^|\s)(V6\/?4\s*[–-]\s*5\/?3)(?=\s|$)/g;

const CADENTIAL = ['Cad64', 'I64', 'i64', 'V64'];
const isDominant = (label: string | undefined) => label !== undefined && /^V7?$/.test(label);

/** Whether a label says what another says: the Neapolitan by its degree is the same chord. */
export const sameLabel = (right: string | undefined, said: string | undefined): boolean =>
  right === said || (right !== undefined && said !== undefined && neapolitan(right) === neapolitan(said));
const neapolitan = (label: string) => label.replace(/^bII(?=(?:6|64)?(?:\/.*)?$)/, 'N');

/**
 * Labels as the right ones call them: before the dominant the tonic six-four is the cadential one, whether it is
 * written over the tonic or over the dominant (docs/conventions.md).
 */
export const labelsAs = (right: readonly string[], said: readonly string[]): string[] =>
  said.map((one, at) => {
    const wanted = right[at];
    if (wanted === undefined || one === wanted) return one;
    if (sameLabel(wanted, one)) return wanted;
    const cadential = /^(?:Cad|I|i)64$/.test(wanted) && isDominant(right[at + 1]) && isDominant(said[at + 1]);
    return cadential && CADENTIAL.includes(one) ? wanted : one;
  });

const NUMERAL = /^([b#]*[IViv]+)(o|ø|\+)?(\d*)((?:\/.*)?)$/;

/** Degree, case and quality, figures, and the target of an applied chord. */
export function markNumeralParts(right: string, said: string): PartMark[] {
  const wanted = NUMERAL.exec(right);
  const own = NUMERAL.exec(said);
  if (!wanted || !own) return [partMark('numeral', right === said)];
  const degree = (match: RegExpExecArray) => match[1]!.toUpperCase();
  const quality = (match: RegExpExecArray) => `${match[1] === match[1]!.toLowerCase()}${match[2] ?? ''}`;
  return [
    partMark('degree', degree(wanted) === degree(own)),
    partMark('quality', quality(wanted) === quality(own)),
    partMark('figures', wanted[3] === own[3]),
    ...(wanted[4] || own[4] ? [partMark('target', wanted[4] === own[4])] : []),
  ];
}

/** One numeral in the key of the question. */
export const NUMERAL_ANSWER: AnswerForm<string, MayGiveKeys> = {
  name: 'numeral',
  isAnswer: isText,
  read: (raw, given, school) => parseNumeralAnswer(textOf(raw), given, school),
  parts: (right, said) => markNumeralParts(right, sameLabel(right, said) ? right : said),
  isRight: (said, right) => right.some((one) => sameLabel(one, said)),
  inParts: true,
  typed: (answer) => answer,
};

/** A numeral for each chord. */
export const LABELS_ANSWER: AnswerForm<readonly string[], MayGiveKeys> = {
  name: 'labels',
  isAnswer: (value) => isTexts(value) && value.length > 0,
  read: (raw, given, school) =>
    labelsTyped(raw, chordsGiven(given)).map((text, at) =>
      parseNumeralAnswer(text, { key: keyTextAt(given, at) }, school),
    ),
  parts(right, said) {
    const own = labelsAs(right, said);
    return right.map((one, at) => partMark(`chord ${at + 1}`, one === own[at]));
  },
  isRight: (said, right) =>
    right.some((one) => one.length === said.length && sameAnswer(one, labelsAs(one, said))),
  typed: (answer) => answer.join(' '),
};
