/** A sheet as it is written for the command; what its sections ask is checked where it is made. */
import { MOST_MARKS, MOST_ON_A_SHEET, MOST_SECTIONS, type SectionSpec, type SheetSpec } from '@diatonix/core';
import { May, MayBeNull, Told } from './decorators';
import { readAs } from './readAs';
import { isObject } from './sound';

const isText = (value: unknown): value is string => typeof value === 'string';
const isWhole = (value: unknown, least: number, most: number) =>
  Number.isInteger(value) && (value as number) >= least && (value as number) <= most;
const isPlace = (place: unknown) => isWhole(place, 0, MOST_ON_A_SHEET);
const arePlaces = (value: unknown) =>
  Array.isArray(value) && value.length <= MOST_ON_A_SHEET && value.every(isPlace);
const areMarks = (parts: unknown) =>
  isObject(parts) &&
  Object.entries(parts).every(([name, marks]) => name.length <= 40 && isWhole(marks, 0, MOST_MARKS));

/** A question with its place in the section. */
const isPinned = (one: unknown) =>
  isObject(one) &&
  isPlace(one['place']) &&
  isObject(one['given']) &&
  (one['answers'] === undefined || Array.isArray(one['answers']));

class SheetSpecCheck {
  @MayBeNull()
  @Told(
    'a sheet has a title of 200 letters at most.',
    'Give "title": "Intervals".',
    (title) => isText(title) && title.length <= 200,
  )
  title?: string | null;

  @MayBeNull()
  @Told(
    (seed) => `its seed, ${JSON.stringify(seed)}, is not a whole number up to a billion.`,
    'Give for example "seed": 7.',
    (seed) => isWhole(seed, -1e9, 1e9),
  )
  seed?: number | null;

  @Told(
    `a sheet has 1 to ${MOST_SECTIONS} sections.`,
    'Give "sections": [{"kind":"interval-name","count":6}].',
    (sections) => Array.isArray(sections) && sections.length > 0 && sections.length <= MOST_SECTIONS,
  )
  sections!: unknown[];
}

class SectionSpecCheck {
  @Told('it has no kind.', 'Give for example "kind": "interval-name".', isText)
  kind!: string;

  @Told(
    '“count” is not a whole number.',
    'Say how many questions there are, for example "count": 6.',
    (count) => typeof count === 'number',
  )
  count!: number;

  @May()
  @Told('“material” is not an object.', 'Give it in braces, or leave it out.', isObject)
  material?: SectionSpec['material'];

  @May()
  @Told(
    (marks) => `its marks, ${JSON.stringify(marks)}, are not a whole number up to ${MOST_MARKS}.`,
    'Give for example "marks": 2.',
    (marks) => isWhole(marks, 0, MOST_MARKS),
  )
  marks?: number;

  @May()
  @Told(
    `these are not marks by part, whole numbers up to ${MOST_MARKS}.`,
    'Give for example "parts": {"root": 1, "quality": 2}.',
    areMarks,
  )
  parts?: SectionSpec['parts'];

  @May()
  @Told(
    'its instruction is not a text of 500 letters at most.',
    'Leave it out for the usual one.',
    (instruction) => isText(instruction) && instruction.length <= 500,
  )
  instruction?: string;

  @May()
  @Told('“exchanged” holds no places of questions.', 'Give for example "exchanged": [0, 2].', arePlaces)
  exchanged?: number[];

  @May()
  @Told(
    '“pinned” holds no questions with their places.',
    'Give for example "pinned": [{"place": 0, "given": {…}}].',
    (pinned) => Array.isArray(pinned) && pinned.length <= MOST_ON_A_SHEET && pinned.every(isPinned),
  )
  pinned?: SectionSpec['pinned'];

  @May()
  @Told('“order” holds no places of questions.', 'Give for example "order": [1, 0, 2].', arePlaces)
  order?: number[];

  @May()
  @Told(
    (seed) => `its seed, ${JSON.stringify(seed)}, is not a whole number from 0 to 99.`,
    'Leave it out.',
    (seed) => isWhole(seed, 0, 99),
  )
  seed?: number;
}

/**
 * Reads a spec of a sheet, its title and seed those that are usual where it says none. Throws TheoryError `request`
 * naming the section and what is wrong in it.
 */
export function readSheetSpec(value: unknown, usual: Pick<SheetSpec, 'title' | 'seed'>): SheetSpec {
  const { title, seed, sections } = readAs(SheetSpecCheck, value, 'spec');
  return {
    title: title ?? usual.title,
    seed: seed ?? usual.seed,
    sections: sections.map((section, at): SectionSpec => {
      const name = isObject(section) && isText(section['kind']) ? `, ${section['kind']}` : '';
      return readAs(SectionSpecCheck, section, 'section', `section ${at + 1}${name}`) as SectionSpec;
    }),
  };
}
