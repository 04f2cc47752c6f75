import { DEFAULT_LABEL_STYLE, type LabelStyle } from '@diatonix/core';
import { FIRST_CHORD, type ChordStudy } from '../kinds/chord/type';
import { EMPTY_INTERVALS, type IntervalLine } from '../kinds/intervals/type';
import { FIRST_KEY_MAP, type KeyMap } from '../kinds/key/type';
import { FIRST_PROGRESSION, type Progression } from '../kinds/progression/type';
import type { ScorePiece } from '../kinds/score/type';
import type { PileBody } from '../kinds/pile/type';
import type { PlanBody } from '../kinds/plan/type';
import type { SheetBody } from '../kinds/sheet/type';
import { FIRST_CLASS, type SchoolClass } from '../kinds/schoolClass/type';

/** What a document of each kind holds. */
export interface Bodies {
  readonly key: KeyMap;
  readonly intervals: IntervalLine;
  readonly chord: ChordStudy;
  readonly labels: LabelStyle;
  readonly class: SchoolClass;
  readonly progression: Progression;
  readonly score: ScorePiece;
  readonly sheet: SheetBody;
  readonly pile: PileBody;
  readonly plan: PlanBody;
}

export type DocumentKind = keyof Bodies;

/** Kinds of which a workbook has one document, under the kind's own name. */
export const SINGLE_KINDS = ['key', 'intervals', 'chord', 'labels'] as const;
export type SingleKind = (typeof SINGLE_KINDS)[number];

/** Kinds of which a workbook has many. */
export const MANY_KINDS = ['class', 'progression', 'score', 'sheet', 'pile', 'plan'] as const;
export type ManyKind = (typeof MANY_KINDS)[number];

export const DOCUMENT_KINDS: readonly DocumentKind[] = [...SINGLE_KINDS, ...MANY_KINDS];

/** One thing that the teacher made, saved by itself. */
export type Document<K extends DocumentKind = DocumentKind> = {
  readonly [Name in K]: {
    readonly id: string;
    readonly kind: Name;
    /** Its place among those of its kind. */
    readonly order: number;
    readonly body: Bodies[Name];
  };
}[K];

/** The documents of a workbook by their ids. */
export type Documents = Readonly<Record<string, Document>>;

/** What a document begins with where a workbook has none. */
export const FIRST: { readonly [K in SingleKind]: Bodies[K] } = {
  key: FIRST_KEY_MAP,
  intervals: EMPTY_INTERVALS,
  chord: FIRST_CHORD,
  labels: DEFAULT_LABEL_STYLE,
};

/** The documents of a new workbook: a class, and a progression to begin with. */
export function firstDocuments(newId: () => string): Document[] {
  return [
    { id: newId(), kind: 'class', order: 1, body: FIRST_CLASS },
    { id: newId(), kind: 'progression', order: 1, body: { ...FIRST_PROGRESSION, title: 'Progression 1' } },
  ];
}

/** A document's name for messages: its title, or what it is. */
export function nameOf({ kind, body }: { readonly kind: string; readonly body: unknown }): string {
  if (kind in SINGLE_NAMES) return SINGLE_NAMES[kind as SingleKind];
  const { title, name } = (body ?? {}) as { title?: unknown; name?: unknown };
  const said = [title, name].find((text) => typeof text === 'string' && text.trim() !== '');
  return said === undefined ? `an unnamed ${kind}` : `“${String(said)}”`;
}

const SINGLE_NAMES: Record<SingleKind, string> = {
  key: 'the key map',
  intervals: 'the line of intervals',
  chord: 'the chord',
  labels: 'the labels',
};
