import { attempt } from '../../errors';
import {
  keyFromSignature,
  parallelKey,
  parseKey,
  printedFifths,
  printKey,
  relativeKey,
  type Key,
} from '../../key/key';
import { scaleOf, signatureAlteration } from '../../key/scale';
import { lineOfFifths } from '../../pitch/note';
import { parseNoteName } from '../../pitch/parse';
import { printNoteName } from '../../pitch/print';
import { keyIn } from '../givenReading';
import type { Mistake, AnswerSlip } from './mistake';

type InKey = { readonly key?: string | undefined };

/** A way of taking one key for another. */
export interface KeyTurn {
  readonly id: string;
  readonly turn: (key: Key) => Key | null;
}

function other(text: string, turn: KeyTurn['turn']): string[] {
  const read = attempt(() => turn(parseKey(text)));
  return read.ok && read.value ? [printKey(read.value)] : [];
}

/** A mistake about the key that is asked for. */
export const inKeyName = ({ id, turn }: KeyTurn): AnswerSlip<string> => ({
  id,
  slips: (right) => other(right, turn),
});

/** A mistake about the key that is given: everything is counted in another. */
export const inGivenKey = <Given extends InKey>({ id, turn }: KeyTurn): Mistake<Given> => ({
  id,
  misreads: (given) =>
    given.key === undefined ? [] : other(given.key, turn).map((key) => ({ ...given, key })),
});

const isPlain = ({ mode }: Key) => mode === 'major' || mode === 'minor';

/** Keys that are taken for each other, the likeliest first. */
export const OTHER_KEYS: readonly KeyTurn[] = [
  { id: 'relative-key', turn: (key) => (isPlain(key) ? relativeKey(key) : null) },
  { id: 'parallel-key', turn: (key) => (isPlain(key) ? parallelKey(key) : null) },
];

/** The key of the signature that has so many accidentals more or fewer; null where there is none. */
export function keyAside(key: Key, by: number): Key | null {
  const fifths = printedFifths(key) + by;
  return Math.abs(fifths) <= 7 ? keyFromSignature(fifths, key.mode) : null;
}

export const isSharp = (sign: string): boolean => lineOfFifths(parseNoteName(sign)) > 5;

type Notes = readonly string[];

/** Notes of the key without what its signature does to them. */
export const signatureLeftOut: AnswerSlip<Notes, InKey> = {
  id: 'signature-forgotten',
  slips(right, given) {
    const fifths = printedFifths(keyIn(given));
    const plain = (text: string) => {
      const name = parseNoteName(text);
      const signed = signatureAlteration(fifths, name.step);
      return signed !== 0 && signed === name.alteration ? printNoteName({ ...name, alteration: 0 }) : text;
    };
    return [right.map(plain)];
  },
};

/** One note of the key without what its signature does to it. */
export const signatureAccidentalLeftOut: AnswerSlip<Notes, InKey> = {
  id: 'signature-accidental-forgotten',
  slips(right, given) {
    const fifths = printedFifths(keyIn(given));
    return right.flatMap((text, at) => {
      const name = parseNoteName(text);
      const signed = signatureAlteration(fifths, name.step);
      if (signed === 0 || signed !== name.alteration) return [];
      return [right.map((one, index) => (index === at ? one[0]! : one))];
    });
  },
};

/** A degree of minor as its signature has it, and raised. */
export function minorDegree(key: Key, degree: 6 | 7): { readonly plain: string; readonly raised: string } {
  const name = scaleOf(key)[degree - 1]!;
  return {
    plain: printNoteName(name),
    raised: printNoteName({ ...name, alteration: name.alteration + 1 }),
  };
}

/** Notes with one of them exchanged for another. */
export const swapNote = (notes: Notes, from: string, to: string): string[] =>
  notes.map((one) => (one === from ? to : one));

/** The seventh degree of minor as the signature has it, where it should be raised; and the other way. */
const leadingNote = (id: string, raise: boolean): AnswerSlip<Notes, InKey> => ({
  id,
  slips(right, given) {
    const key = keyIn(given);
    if (key.mode !== 'minor') return [];
    const { plain, raised } = minorDegree(key, 7);
    return [raise ? swapNote(right, plain, raised) : swapNote(right, raised, plain)];
  },
});

/** The leading note among notes that are written, the likeliest first. */
export const LEADING_NOTES: readonly AnswerSlip<Notes, InKey>[] = [
  leadingNote('leading-note-not-raised', false),
  leadingNote('leading-note-raised', true),
];
