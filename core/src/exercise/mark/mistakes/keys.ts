import { attempt } from '../../../errors';
import {
  keyFromSignature,
  keyOf,
  parallelKey,
  parseKey,
  printedFifths,
  printKey,
  relativeKey,
  signatureFifths,
  type Key,
} from '../../../key/key';
import { scaleOf, signatureAlteration, signatureNotes } from '../../../key/scale';
import { lineOfFifths } from '../../../pitch/note';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import type { Given } from '../../ask/question';
import type { Mistake } from '../mistake';

const NAMED = ['signature-name', 'key-find'];
const IN_A_KEY = [
  ...['signature-write', 'scale-write', 'degree-name', 'numeral-label', 'numeral-build', 'cadence-write'],
];

/** A mistake about the key: in the answer where it is asked for, in what is counted where it is given. */
function aboutKey(id: string, turn: (key: Key) => Key | null, kinds = [...NAMED, ...IN_A_KEY]): Mistake {
  const other = (text: unknown): string[] => {
    const read = attempt(() => turn(parseKey(String(text))));
    return read.ok && read.value ? [printKey(read.value)] : [];
  };
  return {
    id,
    kinds,
    slips: (right, _, kind) => (NAMED.includes(kind) ? other(right) : []),
    misreads: (given, kind) =>
      NAMED.includes(kind) ? [] : other(given['key']).map((key) => ({ ...given, key })),
  };
}

const isPlain = ({ mode }: Key) => mode === 'major' || mode === 'minor';
const moved =
  (by: (fifths: number) => number) =>
  (key: Key): Key | null => {
    const fifths = by(printedFifths(key));
    return Math.abs(fifths) <= 7 && fifths !== printedFifths(key) ? keyFromSignature(fifths, key.mode) : null;
  };

const ofSigns = (given: Given, pick: (signs: readonly string[]) => string | undefined): string[] => {
  const tonic = pick((given['signature'] as string[] | undefined) ?? []);
  if (tonic === undefined) return [];
  const mode = given['mode'] === 'minor' ? 'minor' : 'major';
  return [printKey(keyOf(parseNoteName(tonic), mode))];
};
const isSharp = (sign: string) => lineOfFifths(parseNoteName(sign)) > 5;

const lastSharp: Mistake = {
  id: 'last-sharp-for-tonic',
  kinds: ['signature-name'],
  slips: (_, given) => ofSigns(given, (signs) => signs.filter(isSharp).at(-1)),
};
const lastFlat: Mistake = {
  id: 'last-flat-for-tonic',
  kinds: ['signature-name'],
  slips: (_, given) => ofSigns(given, (signs) => (signs.some(isSharp) ? undefined : signs.at(-1))),
};

const oneOff = (right: unknown): string[][] => {
  const signs = right as string[];
  const fifths = signs.length * (signs.every(isSharp) ? 1 : -1);
  const more = [fifths + Math.sign(fifths || 1), fifths - Math.sign(fifths || 1)];
  return more
    .filter((one) => Math.abs(one) <= 7)
    .map((one) => signatureNotes(keyFromSignature(one, 'major')).map(printNoteName));
};
const signatureOneOff: Mistake = {
  id: 'signature-one-off',
  kinds: ['signature-write', 'signature-name'],
  slips: (right, _, kind) =>
    kind === 'signature-write'
      ? oneOff(right)
      : [1, -1].flatMap((by) => {
          const key = moved((fifths) => fifths + by)(parseKey(String(right)));
          return key ? [printKey(key)] : [];
        }),
};
const orderChanged: Mistake = {
  id: 'signature-order',
  kinds: ['signature-write'],
  slips(right) {
    const signs = right as string[];
    const swapped = signs.slice(1).map((_, at) => {
      const next = [...signs];
      [next[at], next[at + 1]] = [next[at + 1]!, next[at]!];
      return next;
    });
    return [[...signs].reverse(), ...swapped];
  },
};
const otherSigns: Mistake = {
  id: 'sharps-for-flats',
  kinds: ['signature-write', 'signature-name'],
  slips(right, _, kind) {
    const signs = right as string[];
    const fifths =
      kind === 'signature-write'
        ? signs.length * (signs.every(isSharp) ? 1 : -1)
        : signatureFifths(parseKey(String(right)));
    if (fifths === 0) return [];
    if (kind === 'signature-write')
      return [signatureNotes(keyFromSignature(-fifths, 'major')).map(printNoteName)];
    const { mode } = parseKey(String(right));
    return [printKey(keyFromSignature(-fifths, mode))];
  },
};

const WRITTEN = ['scale-write', 'numeral-build'];
/** Notes of the key without what its signature does to them. */
const unsigned: Mistake = {
  id: 'signature-forgotten',
  kinds: WRITTEN,
  slips(right, given) {
    const fifths = printedFifths(parseKey(String(given['key'])));
    const plain = (text: string) => {
      const name = parseNoteName(text);
      const signed = signatureAlteration(fifths, name.step);
      return signed !== 0 && signed === name.alteration ? printNoteName({ ...name, alteration: 0 }) : text;
    };
    return [(right as string[]).map(plain)];
  },
};
const oneUnsigned: Mistake = {
  id: 'signature-accidental-forgotten',
  kinds: WRITTEN,
  slips(right, given) {
    const fifths = printedFifths(parseKey(String(given['key'])));
    const notes = right as string[];
    return notes.flatMap((text, at) => {
      const name = parseNoteName(text);
      const signed = signatureAlteration(fifths, name.step);
      if (signed === 0 || signed !== name.alteration) return [];
      return [notes.map((one, index) => (index === at ? one[0]! : one))];
    });
  },
};

/** The seventh degree of minor as the signature has it, where it should be raised; and the other way. */
function leadingNote(id: string, raise: boolean): Mistake {
  return {
    id,
    kinds: [...WRITTEN, 'degree-name'],
    slips(right, given, kind) {
      const key = parseKey(String(given['key']));
      if (key.mode !== 'minor') return [];
      if (kind === 'degree-name') {
        const other = raise ? ['subtonic', 'leading'] : ['leading', 'subtonic'];
        return right === other[0] ? [other[1]] : [];
      }
      const plain = scaleOf(key)[6]!;
      const raised = { ...plain, alteration: plain.alteration + 1 };
      const [from, to] = raise ? [plain, raised] : [raised, plain];
      return [swapNote(right as string[], printNoteName(from), printNoteName(to))];
    },
  };
}

const swapNote = (notes: readonly string[], from: string, to: string) =>
  notes.map((one) => (one === from ? to : one));

const sixth: Mistake = {
  id: 'sixth-of-another-form',
  kinds: ['scale-write'],
  slips(right, given) {
    const key = parseKey(String(given['key']));
    if (key.mode !== 'minor') return [];
    const plain = scaleOf(key)[5]!;
    const raised = { ...plain, alteration: plain.alteration + 1 };
    const notes = right as string[];
    return [
      swapNote(notes, printNoteName(raised), printNoteName(plain)),
      swapNote(notes, printNoteName(plain), printNoteName(raised)),
    ];
  },
};

const DEGREES = [
  ...['tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant', 'leading'],
] as const;
const degreeOff: Mistake = {
  id: 'counted-from-zero',
  kinds: ['degree-name'],
  slips(right) {
    const at = DEGREES.indexOf((right === 'subtonic' ? 'leading' : right) as (typeof DEGREES)[number]);
    return at < 0 ? [] : [DEGREES[(at + 6) % 7]!];
  },
};
const ABOVE_AND_BELOW = [
  ['mediant', 'submediant'],
  ['dominant', 'subdominant'],
  ['supertonic', 'subtonic'],
] as const;
const degreeOverTonic: Mistake = {
  id: 'supertonic-for-mediant',
  kinds: ['degree-name'],
  slips(right) {
    return ABOVE_AND_BELOW.flatMap(([a, b]) => (right === a ? [b] : right === b ? [a] : []));
  },
};

/** What goes wrong with keys, signatures and scales, the likeliest first. */
export const KEY_MISTAKES: readonly Mistake[] = [
  leadingNote('leading-note-not-raised', false),
  leadingNote('leading-note-raised', true),
  aboutKey('relative-key', (key) => (isPlain(key) ? relativeKey(key) : null)),
  aboutKey('parallel-key', (key) => (isPlain(key) ? parallelKey(key) : null)),
  unsigned,
  lastSharp,
  lastFlat,
  signatureOneOff,
  otherSigns,
  orderChanged,
  oneUnsigned,
  sixth,
  degreeOverTonic,
  degreeOff,
];
