import type { Member } from '../chord/chord';
import type { Direction, Interval } from '../interval/interval';
import type { Key } from '../key/key';
import type { Figure } from '../label/figures';
import type { Numeral } from '../label/numeral';
import type { Note, NoteName } from '../pitch/note';
import type { AnswerStep } from './answerStep';

/** Steps of measuring, building and inverting an interval. */
export type IntervalStep =
  | { readonly step: 'count-letters'; readonly letters: readonly NoteName[]; readonly number: number }
  | {
      readonly step: 'take-octaves';
      readonly interval: Interval;
      readonly simple: Interval;
      readonly octaves: number;
    }
  | {
      readonly step: 'scale-note';
      readonly tonic: NoteName;
      readonly number: number;
      readonly note: NoteName;
    }
  | {
      readonly step: 'compare';
      readonly note: NoteName;
      readonly scaleNote: NoteName;
      readonly difference: number;
      readonly interval: Interval;
    }
  | {
      readonly step: 'strip';
      readonly from: NoteName;
      readonly to: NoteName;
      readonly bareFrom: NoteName;
      readonly bareTo: NoteName;
      readonly taken: number;
    }
  | {
      readonly step: 'bare-size';
      readonly from: NoteName;
      readonly to: NoteName;
      readonly interval: Interval;
    }
  | {
      readonly step: 'put-back';
      readonly end: 'top' | 'bottom';
      readonly note: NoteName;
      readonly change: number;
      readonly wider: boolean;
      readonly interval: Interval;
    }
  | { readonly step: 'count-half-steps'; readonly from: Note; readonly to: Note; readonly halfSteps: number }
  | {
      readonly step: 'look-up';
      readonly number: number;
      readonly halfSteps: number;
      readonly plain: Interval;
      readonly plainHalfSteps: number;
      readonly interval: Interval;
    }
  | {
      readonly step: 'turn-over';
      readonly from: NoteName;
      readonly to: NoteName;
      readonly inversion: Interval;
    }
  | { readonly step: 'turn-back'; readonly inversion: Interval; readonly interval: Interval }
  | { readonly step: 'no-inversion'; readonly interval: Interval }
  | { readonly step: 'result'; readonly interval: Interval; readonly direction: Direction }
  | {
      readonly step: 'reach-letter';
      readonly from: NoteName;
      readonly number: number;
      readonly below: boolean;
      readonly letter: NoteName;
    }
  | {
      readonly step: 'adjust';
      readonly bare: NoteName;
      readonly bareInterval: Interval;
      readonly wanted: Interval;
      readonly note: NoteName;
    };

/** Steps of building and naming a chord. */
export type ChordStep =
  | { readonly step: 'every-other'; readonly degree: number; readonly notes: readonly NoteName[] }
  | { readonly step: 'drop-doublings'; readonly notes: readonly NoteName[] }
  | { readonly step: 'restack'; readonly notes: readonly NoteName[]; readonly root: NoteName }
  | {
      readonly step: 'third';
      readonly from: NoteName;
      readonly to: NoteName;
      readonly halfSteps: number;
      readonly interval: Interval;
    }
  | { readonly step: 'gaps'; readonly gaps: readonly number[]; readonly quality: string }
  | {
      readonly step: 'thirds-make';
      readonly intervals: readonly Interval[];
      readonly quality: string;
      readonly numeral: Numeral | null;
      readonly key: Key | null;
    }
  | {
      readonly step: 'lowest';
      readonly note: NoteName;
      readonly member: Member | null;
      readonly inversion: string;
      readonly figures: readonly string[];
    }
  | { readonly step: 'root-scale'; readonly root: NoteName; readonly notes: readonly NoteName[] }
  | {
      readonly step: 'formula-member';
      readonly member: Member;
      readonly scaleNote: NoteName;
      readonly note: NoteName;
    }
  | { readonly step: 'formula'; readonly formula: string; readonly quality: string }
  | { readonly step: 'count-up'; readonly from: NoteName; readonly to: NoteName; readonly gap: number }
  | {
      readonly step: 'in-signature';
      readonly key: Key;
      readonly notes: readonly NoteName[];
      readonly foreign: readonly NoteName[];
    }
  | { readonly step: 'raised-leading'; readonly note: NoteName; readonly plain: NoteName; readonly key: Key }
  | {
      readonly step: 'degree-of-root';
      readonly root: NoteName;
      readonly degree: number;
      readonly alteration: number;
      readonly key: Key;
    }
  | { readonly step: 'above-gap'; readonly below: NoteName | null; readonly root: NoteName }
  | { readonly step: 'letter-triple'; readonly letters: readonly NoteName[]; readonly root: NoteName }
  | { readonly step: 'missing'; readonly degrees: readonly number[] }
  | {
      readonly step: 'understood';
      readonly degrees: readonly number[];
      readonly notes: readonly NoteName[];
      readonly stack: readonly NoteName[];
      readonly key: Key;
    }
  | { readonly step: 'added'; readonly members: readonly Member[] }
  | {
      readonly step: 'seventh-from-octave';
      readonly root: NoteName;
      readonly seventh: NoteName;
      readonly halfSteps: number;
      readonly interval: Interval;
    }
  | {
      readonly step: 'what-it-is';
      readonly members: readonly Member[];
      readonly quality: string;
      readonly asked: string | null;
    };

/** Steps of finding a signature. */
export type KeyStep =
  | { readonly step: 'relative-major'; readonly key: Key; readonly relative: Key }
  | { readonly step: 'same-signature'; readonly key: Key; readonly relative: Key }
  | { readonly step: 'mode-of'; readonly key: Key; readonly major: Key }
  | { readonly step: 'no-signature'; readonly key: Key }
  | { readonly step: 'respelled'; readonly from: Note; readonly to: Note; readonly key: Key }
  | { readonly step: 'theoretical'; readonly key: Key; readonly notes: readonly NoteName[] }
  | {
      readonly step: 'last-sharp';
      readonly key: Key;
      readonly sharp: NoteName;
      readonly notes: readonly NoteName[];
    }
  | { readonly step: 'one-flat'; readonly key: Key; readonly flat: NoteName }
  | {
      readonly step: 'last-flat-but-one';
      readonly key: Key;
      readonly last: NoteName;
      readonly notes: readonly NoteName[];
    };

/** Steps of reading and writing figured bass. */
export type FiguresStep =
  | {
      readonly step: 'full-figures';
      readonly written: readonly Figure[];
      readonly full: readonly Figure[];
      /** What each sign does: the note by the signature, and the note that it becomes. */
      readonly signed: readonly {
        readonly number: number;
        readonly plain: NoteName;
        readonly note: NoteName;
      }[];
    }
  | {
      readonly step: 'figure';
      readonly figure: Figure;
      readonly bass: NoteName;
      readonly note: NoteName;
      readonly changed: boolean;
    }
  | { readonly step: 'short-figures'; readonly full: readonly string[]; readonly short: readonly string[] };

/** Steps of finding a numeral, and of working one back. */
export type NumeralStep =
  | { readonly step: 'foreign-note'; readonly note: NoteName; readonly key: Key }
  | {
      readonly step: 'leads-to';
      readonly note: NoteName;
      readonly target: NoteName;
      readonly targetNumeral: Numeral;
      readonly key: Key;
    }
  | {
      readonly step: 'dominant-of';
      readonly root: NoteName;
      readonly target: NoteName;
      readonly targetNumeral: Numeral;
      readonly key: Key;
    }
  | { readonly step: 'local-key'; readonly target: Numeral; readonly local: Key; readonly key: Key }
  | {
      readonly step: 'arrow-to';
      readonly target: NoteName;
      readonly targetNumeral: Numeral;
      readonly key: Key;
    }
  | { readonly step: 'fifth-above'; readonly root: NoteName; readonly of: NoteName }
  | { readonly step: 'bracket-back'; readonly root: NoteName; readonly of: NoteName; readonly minor: boolean }
  | { readonly step: 'named'; readonly numeral: Numeral; readonly key: Key }
  | { readonly step: 'special'; readonly numeral: Numeral; readonly root: NoteName; readonly key: Key };

/**
 * One step of a working, as data. Words are made from it at the edge by
 * sayStep, so that a school's vocabulary can change them.
 */
export type WorkingStep = IntervalStep | ChordStep | KeyStep | FiguresStep | NumeralStep | AnswerStep;

/** A stretch of a sentence: plain, strong, or a numeral to be set in type. */
export type SentencePart =
  string | { readonly strong: string } | { readonly numeral: Numeral; readonly key: Key };

/** A sentence with its strong words and numerals kept apart. */
export type Sentence = readonly SentencePart[];
