/** Requests about lines of chords. */
import { REQUEST_LIMITS, RULES } from '@diatonix/core';
import { Allow } from 'class-validator';
import { MayBeNull, Told } from '../decorators';
import { isObject } from '../sound';
import { together, List, MayFlag, MayList, MayText, MayWholeNumber, Text, Texts } from './fields';
import { InSchool } from './theory';

/** `{"symbol":"D7","length":"3/2"}`, or with a numeral or notes. */
export class ChordOfLine {
  @MayText() symbol?: string | null;
  @MayText() numeral?: string | null;
  @Allow() notes?: unknown;
  /** In quarters. */
  @MayBeNull()
  @Told('its length is not in quarters.', 'Write a whole number or a fraction: "1", "3/2".', (length) =>
    /^\d{1,6}(?:\/[1-9]\d{0,5})?$/.test(String(length)),
  )
  length?: string | number | null;
}

/** A chord that is given by its notes, from the lowest up. */
export class NotesOfChord {
  @Texts() notes!: (string | number)[];
}

/** `{"from":0,"key":"G major"}`; how many chords there are is checked where they are counted. */
export class KeySpan {
  @Text() key!: string;
  @MayWholeNumber(0, REQUEST_LIMITS.chords.progression - 1) from?: number | null;
}

export class ProgressionRequest extends InSchool {
  @MayText() key?: string | null;
  @List() chords!: unknown[];
  @MayWholeNumber(-7, 7) signature?: number | null;
  @MayList() phraseEnds?: unknown[] | null;
  @MayList() keys?: unknown[] | null;
  @MayFlag() splitCadences?: boolean | null;
}

const known = `The rules are ${RULES.join(', ')}.`;
const isRule = (name: unknown) => (RULES as readonly unknown[]).includes(name);
const unknownOf = (names: readonly unknown[]) =>
  `there is no such rule as “${String(names.find((one) => !isRule(one)))}”.`;

export class SettingRequest extends InSchool {
  @Text() key!: string;
  @Texts() chords!: (string | number)[];
  @MayList() melody?: unknown[] | null;
  @MayList() alto?: unknown[] | null;
  @MayList() tenor?: unknown[] | null;
  @MayList() bass?: unknown[] | null;
  @MayWholeNumber(1, REQUEST_LIMITS.settings) count?: number | null;
  @MayFlag() strict?: boolean | null;

  /** Rules that cost nothing. */
  @together(
    MayBeNull(),
    Texts(),
    Told<string[]>(unknownOf, known, (names) => (names as unknown[]).every(isRule)),
  )
  off?: (typeof RULES)[number][] | null;

  /** What rules cost. */
  @together(
    MayBeNull(),
    Told('“weights” is not an object.', 'Give "weights" in braces: {"overlap": 2}.', isObject),
    Told<object>(
      (weights) => unknownOf(Object.keys(weights)),
      known,
      (weights) => Object.keys(weights as object).every(isRule),
    ),
    Told('a weight is a number from 0.', 'Leave a rule out to forbid it.', (weights) =>
      Object.values(weights as object).every((weight) => typeof weight === 'number' && weight >= 0),
    ),
  )
  weights?: Partial<Record<(typeof RULES)[number], number>> | null;
}

export class CheckRequest extends InSchool {
  @Text() key!: string;
  @List() voices!: unknown[];
}

export class HarmoniseRequest extends InSchool {
  @Text() key!: string;
  @together(MayBeNull(), Texts()) melody?: (string | number)[] | null;
  @together(MayBeNull(), Texts()) bass?: (string | number)[] | null;
  @Texts() chords!: (string | number)[];
  /** In quarters, one for each note. */
  @together(MayBeNull(), Texts()) lengths?: (string | number)[] | null;
  @MayText() time?: string | null;
  @MayText() upbeat?: string | null;
  /** An older name of the upbeat. */
  @MayText() pickup?: string | null;
}
