import { TheoryError } from '../../errors';
import { askQuestions, MOST_VERSIONS, versionLetter, type Pinned } from '../generating/questions';
import { Dice } from '../generating/dice';
import { kindOf } from '../kindRegister';
import type { MaterialText } from '../generating/material';
import type { Question } from '../question';

/** A section of a sheet as it is written: a kind, how many questions, of what, and the marks for each. */
export interface SectionSpec {
  readonly kind: string;
  readonly count: number;
  readonly material?: MaterialText;
  /** Marks for a question; 1 where nothing is said. */
  readonly marks?: number;
  /** Marks for each part of an answer, by its name: root, quality, number; they stand in the place of `marks`. */
  readonly parts?: Readonly<Record<string, number>>;
  /** What stands over it in the place of the usual instruction. */
  readonly instruction?: string;
  /** Questions that were exchanged for others, by their places in the order in which it was done. */
  readonly exchanged?: readonly number[];
  /** Questions that stand whatever the dice say: kept, changed, written by hand, or brought from another bench. */
  readonly pinned?: readonly Pinned[];
  /** The places of the questions in the order in which they stand; as they come where nothing is said. */
  readonly order?: readonly number[];
  /** Tells its questions from those of another section of its kind; its place where nothing is said. */
  readonly seed?: number;
}

/** A sheet as it is written. */
export interface SheetSpec {
  readonly title: string;
  readonly seed: number;
  readonly sections: readonly SectionSpec[];
}

export interface SheetSection {
  readonly kind: string;
  readonly instruction: string | null;
  readonly marks: number;
  /** Marks by part, where each has its own. */
  readonly parts?: Readonly<Record<string, number>>;
  readonly questions: readonly Question[];
  readonly remarks: readonly string[];
}

/** A version of a sheet with all its questions and answers. */
export interface Sheet {
  readonly title: string;
  readonly version: string;
  /** Known again on every page: the same for the same sections and seed, and the letter of the version. */
  readonly code: string;
  readonly marks: number;
  readonly sections: readonly SheetSection[];
}

export const MOST_SECTIONS = 30;
export const MOST_ON_A_SHEET = 1000;
export const MOST_MARKS = 100;
/** Letters and figures that are not taken for each other on paper. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

/**
 * Makes a version of a sheet, 0 for A. The same spec gives the same sheet on every machine. Throws TheoryError
 * `request` naming the section and the field.
 */
export function makeSheet(spec: SheetSpec, version = 0): Sheet {
  checkSpec(spec, version);
  const sections = spec.sections.map((section, at): SheetSection => {
    const { kind, count, material = {}, parts, instruction, exchanged = [], pinned = [], order } = section;
    const made = named(at, kind, () =>
      askQuestions({
        kind,
        seed: spec.seed * 100 + (section.seed ?? at),
        count,
        material,
        version,
        exchanged,
        pinned,
      }),
    );
    const questions = order ? order.map((place) => made.questions[place]!) : made.questions;
    const marks = parts ? total(parts) : (section.marks ?? 1);
    const own = { kind, marks, instruction: instruction ?? null, questions, remarks: made.remarks };
    return parts ? { ...own, parts } : own;
  });
  const marks = sections.reduce((sum, section) => sum + section.marks * section.questions.length, 0);
  return {
    title: spec.title,
    version: versionLetter(version),
    code: `${sheetCode(spec)}-${versionLetter(version)}`,
    marks,
    sections,
  };
}

const total = (parts: Readonly<Record<string, number>>) =>
  Object.values(parts).reduce((sum, marks) => sum + marks, 0);

/** Four signs by which a sheet is known again. */
export function sheetCode({ seed, sections }: Pick<SheetSpec, 'seed' | 'sections'>): string {
  const dice = new Dice(JSON.stringify([seed, sections]));
  return Array.from({ length: 4 }, () => dice.pick([...SIGNS])).join('');
}

/** What a spec means; that its fields hold what they should is checked where it comes in. */
function checkSpec({ sections }: SheetSpec, version: number): void {
  if (!Number.isInteger(version) || version < 0 || version >= MOST_VERSIONS)
    throw wrong(`version: ${version}`, 'there is no such version.', 'Versions go from A to Z.');
  const all = sections.reduce((sum, { count }) => sum + (Number.isFinite(count) ? count : 0), 0);
  if (all > MOST_ON_A_SHEET)
    throw wrong(`${all} questions`, `a sheet has ${MOST_ON_A_SHEET} at most.`, 'Ask for fewer.');
  sections.forEach((section, at) => named(at, section.kind, () => checkSection(section)));
}

function checkSection({ kind, count, pinned = [], order }: SectionSpec): void {
  kindOf(kind);
  const example = 'Give for example "pinned": [{"place": 0, "given": {…}}].';
  const taken = pinned.map(({ place }) => place);
  if (taken.some((place) => place >= count))
    throw wrong('pinned', `a question has no place among the ${count}.`, example);
  if (new Set(taken).size < taken.length) throw wrong('pinned', 'two questions have one place.', example);
  const places = order && [...order].sort((a, b) => a - b);
  if (places && (places.length !== count || places.some((place, index) => place !== index)))
    throw wrong(
      'order',
      `it has not each of the ${count} places once.`,
      'Give for example "order": [1, 0, 2], or leave it out.',
    );
}

/** Says in which section something is wrong. */
function named<Value>(at: number, kind: string, make: () => Value): Value {
  try {
    return make();
  } catch (error) {
    if (!(error instanceof TheoryError)) throw error;
    throw new TheoryError(error.code, `section ${at + 1}, ${kind}: ${error.read}`, error.wrong, error.right);
  }
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}
