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
const MOST_ON_A_SHEET = 1000;
const MOST_MARKS = 100;
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

function checkSpec({ title, seed, sections }: SheetSpec, version: number): void {
  if (typeof title !== 'string' || title.length > 200)
    throw wrong('title', 'a sheet has a title of 200 letters at most.', 'Give "title": "Intervals".');
  if (!Number.isSafeInteger(seed) || Math.abs(seed) > 1e9)
    throw wrong(
      `seed: ${String(seed)}`,
      'this is not a whole number up to a billion.',
      'Give for example "seed": 7.',
    );
  if (!Number.isInteger(version) || version < 0 || version >= MOST_VERSIONS)
    throw wrong(`version: ${version}`, 'there is no such version.', 'Versions go from A to Z.');
  if (!Array.isArray(sections) || sections.length === 0 || sections.length > MOST_SECTIONS)
    throw wrong(
      'sections',
      `a sheet has 1 to ${MOST_SECTIONS} sections.`,
      'Give "sections": [{"kind":"interval-name","count":6}].',
    );
  const all = sections.reduce((sum, { count }) => sum + (Number.isFinite(count) ? count : 0), 0);
  if (all > MOST_ON_A_SHEET)
    throw wrong(`${all} questions`, `a sheet has ${MOST_ON_A_SHEET} at most.`, 'Ask for fewer.');
  sections.forEach((section, at) => named(at, String(section.kind), () => checkSection(section)));
}

function checkSection({
  kind,
  count,
  marks = 1,
  parts = {},
  instruction = '',
  exchanged = [],
  pinned = [],
  order,
  seed: own = 0,
}: SectionSpec): void {
  kindOf(String(kind));
  checkPinned(pinned, count);
  const places = order && [...order].sort((a, b) => a - b);
  if (places && (places.length !== count || places.some((place, index) => place !== index)))
    throw wrong(
      'order',
      `it has not each of the ${count} places once.`,
      'Give for example "order": [1, 0, 2], or leave it out.',
    );
  if (!Number.isInteger(marks) || marks < 0 || marks > MOST_MARKS)
    throw wrong(
      `marks: ${String(marks)}`,
      `marks are whole numbers up to ${MOST_MARKS}.`,
      'Give for example "marks": 2.',
    );
  const isPart = ([name, value]: [string, unknown]) =>
    name.length <= 40 && Number.isInteger(value) && (value as number) >= 0 && (value as number) <= MOST_MARKS;
  if (typeof parts !== 'object' || parts === null || !Object.entries(parts).every(isPart))
    throw wrong(
      'parts',
      `these are not marks by part, whole numbers up to ${MOST_MARKS}.`,
      'Give for example "parts": {"root": 1, "quality": 2}.',
    );
  if (!Number.isInteger(own) || own < 0 || own > 99)
    throw wrong(
      `seed: ${String(own)}`,
      'the seed of a section is a whole number from 0 to 99.',
      'Leave it out.',
    );
  if (!Array.isArray(exchanged) || exchanged.length > MOST_ON_A_SHEET || !exchanged.every(isPlace))
    throw wrong('exchanged', 'these are not places of questions.', 'Give for example "exchanged": [0, 2].');
  if (typeof instruction !== 'string' || instruction.length > 500)
    throw wrong(
      'instruction',
      'this is not a text of 500 letters at most.',
      'Leave it out for the usual one.',
    );
}

function checkPinned(pinned: unknown, count: number): void {
  const isPinned = (one: unknown) => {
    if (typeof one !== 'object' || one === null) return false;
    const { place, given, answers = [] } = one as Record<string, unknown>;
    const inside = isPlace(place) && (place as number) < count;
    return (
      inside && typeof given === 'object' && given !== null && !Array.isArray(given) && Array.isArray(answers)
    );
  };
  const example = 'Give for example "pinned": [{"place": 0, "given": {…}}].';
  if (!Array.isArray(pinned) || pinned.length > MOST_ON_A_SHEET || !pinned.every(isPinned))
    throw wrong('pinned', 'these are not questions with their places.', example);
  const places = (pinned as Pinned[]).map(({ place }) => place);
  if (new Set(places).size < places.length) throw wrong('pinned', 'two questions have one place.', example);
}

const isPlace = (place: unknown) => Number.isInteger(place) && (place as number) >= 0;

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
