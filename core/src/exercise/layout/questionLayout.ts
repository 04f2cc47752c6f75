import type { MapRow } from '../mapRows';
import type { Prompt } from './prompt';
import { NO_STAFF, type StaffLayout } from './staffLayout';

/** What stands in a cell of a map: a text, or notes from the lowest up. */
export type MapCell = string | readonly string[];

/**
 * How a question stands on a page, in one of a few forms: in words; notes on staves with lines to fill in; a line of
 * chords with something under each; a table; a target with the chords that go to it; somebody's own words.
 */
export interface QuestionLayout {
  readonly form: 'words' | 'staff' | 'line' | 'table' | 'target' | 'own-words';
  readonly prompt: Prompt | null;
  readonly staff: StaffLayout;
  /** What stands under the moments of the staff: blanks for the answer, or what is given there. */
  readonly under: 'blank' | readonly (string | readonly string[])[] | null;
  /** Rows of a table that are given, in the order of the table. */
  readonly rows: readonly (readonly [MapRow, readonly MapCell[]])[];
  /** Whether the names of what stands there are asked for: nobody may read them out. */
  readonly namesAsked: boolean;
}

const PLAIN = { staff: NO_STAFF, under: null, rows: [], namesAsked: false } as const;

/** A question in words. */
export const inWords = (prompt: Prompt): QuestionLayout => ({ ...PLAIN, form: 'words', prompt });

/** Notes on staves, with lines to fill in under them. */
export const onStaves = (
  staff: StaffLayout,
  prompt: Prompt | null = null,
  namesAsked = false,
): QuestionLayout => ({ ...PLAIN, form: 'staff', prompt, staff, namesAsked });

/** A line of chords or notes: under each stands a blank, or what is given. */
export const inLine = (
  staff: StaffLayout,
  prompt: Prompt,
  under: NonNullable<QuestionLayout['under']>,
): QuestionLayout => ({ ...PLAIN, form: 'line', prompt, staff, under });

/** A table with blank rows. */
export const inTable = (prompt: Prompt, rows: QuestionLayout['rows']): QuestionLayout => ({
  ...PLAIN,
  form: 'table',
  prompt,
  rows,
});

/** Blanks, an arrow and the chord that it goes to. */
export const toTarget = (prompt: Prompt): QuestionLayout => ({ ...PLAIN, form: 'target', prompt });

/** A question in somebody's own words. */
export const inOwnWords = (text: string): QuestionLayout => ({
  ...PLAIN,
  form: 'own-words',
  prompt: { say: 'text', text },
});
