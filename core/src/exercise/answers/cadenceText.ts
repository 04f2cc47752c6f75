import type { CadenceKind } from '../../context/cadences';
import type { LabelStyle } from '../../school/school';
import { textOf, unread } from './answerForm';
import { plainText } from './spokenText';

/** What a name of a cadence may mean; an authentic one may be told apart as perfect or imperfect. */
interface Meaning {
  readonly kind: CadenceKind;
  readonly close?: 'perfect' | 'imperfect';
  /** Only where nothing else can be said of the cadence, whatever the style tells apart. */
  readonly strict?: true;
}

/** The cadence that is really there: its kind, and how perfect its close may be called. */
export interface CadenceThere {
  readonly kind: CadenceKind;
  readonly closes: readonly ('perfect' | 'imperfect')[];
}

const PERFECT: Meaning = { kind: 'authentic', close: 'perfect' };
const IMPERFECT: Meaning = { kind: 'authentic', close: 'imperfect' };
const HALF: Meaning = { kind: 'half' };

/** Names of cadences in the words of different schools (common practice), the likeliest meaning first. */
const NAMES: Readonly<Record<string, readonly Meaning[]>> = {
  authentic: [{ kind: 'authentic' }],
  ac: [{ kind: 'authentic' }],
  full: [{ kind: 'authentic' }],
  closed: [{ kind: 'authentic' }],
  perfect: [PERFECT],
  pac: [PERFECT],
  'perfect authentic': [PERFECT],
  iac: [IMPERFECT],
  'imperfect authentic': [IMPERFECT],
  // Imperfect is what many schools call the half cadence, and others an authentic one that closes less firmly.
  imperfect: [HALF, { ...IMPERFECT, strict: true }],
  ic: [HALF, { ...IMPERFECT, strict: true }],
  half: [HALF],
  hc: [HALF],
  semi: [HALF],
  open: [HALF],
  dominant: [HALF],
  phrygian: [{ kind: 'phrygian-half' }],
  phc: [{ kind: 'phrygian-half' }],
  'phrygian half': [{ kind: 'phrygian-half' }],
  'half phrygian': [{ kind: 'phrygian-half' }],
  plagal: [{ kind: 'plagal' }],
  amen: [{ kind: 'plagal' }],
  church: [{ kind: 'plagal' }],
  pc: [{ kind: 'plagal' }, PERFECT],
  deceptive: [{ kind: 'deceptive' }],
  dc: [{ kind: 'deceptive' }],
  interrupted: [{ kind: 'deceptive' }],
  broken: [{ kind: 'deceptive' }],
  false: [{ kind: 'deceptive' }],
  surprise: [{ kind: 'deceptive' }],
  modal: [{ kind: 'modal' }],
  backdoor: [{ kind: 'backdoor' }],
  evaded: [{ kind: 'evaded' }],
  none: [],
  no: [],
};

/**
 * The name of a cadence, in the word of the house. Of a name with several meanings, or one that tells perfect from
 * imperfect, the one that is there is taken. Throws TheoryError `request`.
 */
export function parseCadenceText(
  raw: unknown,
  there: CadenceThere | null,
  style: LabelStyle,
): CadenceKind | 'none' {
  const text = textOf(raw);
  const said = plainText(text)
    .toLowerCase()
    .replace(/[\s-]*\b(?:cadence|close|cadential|ending)\b/g, '')
    .replace(/[\s-]+/g, ' ')
    .replace(/^semi ?cadence$/, 'semi')
    .trim();
  const meanings = Object.hasOwn(NAMES, said) ? NAMES[said]! : null;
  if (!meanings)
    throw unread(
      text,
      'this is not the name of a cadence.',
      'Write authentic, half, plagal or deceptive; perfect, imperfect and Phrygian are read too.',
    );
  if (meanings.length === 0) return 'none';
  const split = style.cadences === 'split';
  const meant = meanings.find(
    ({ kind, close, strict }) =>
      kind === there?.kind &&
      (close === undefined ||
        (strict ? there.closes.join() === close : there.closes.includes(close) || !split)),
  );
  if (meant) return meant.kind;
  const { kind, close } = meanings[0]!;
  // A perfect one where an imperfect one stands is another cadence.
  return kind === there?.kind ? (close ?? kind) : kind;
}
