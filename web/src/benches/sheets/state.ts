import {
  usualMarks,
  OWN_WORDS,
  type GivenData,
  type MaterialText,
  type Pinned,
  type WorkingWays,
} from '@diatonix/core';
import { newId } from '../../documents/store/ids';
import type { Scrap, SheetBody, SheetSectionBody, StaffSize } from '../../documents/kinds/sheet/type';
import { addDocument, editDocument, removeDocument } from '../../documents/store/store';
import { sheetNow, SHEETS_DESK } from './desk';
import { freeSeed } from '../../documents/kinds/sheet/addQuestions';
import { STARTS } from './starts';

function change(words: string, update: (sheet: SheetBody) => SheetBody, burst?: string): void {
  const open = sheetNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

const editSection = (
  id: string,
  words: string,
  update: (section: SheetSectionBody) => SheetSectionBody,
  burst?: string,
) =>
  change(
    words,
    (sheet) => ({ ...sheet, sections: sheet.sections.map((one) => (one.id === id ? update(one) : one)) }),
    burst && `${burst} ${id}`,
  );

export const openSheet = (id: string) =>
  SHEETS_DESK.set({ open: id, version: 0, section: null, question: 0, printing: false });

/** Adds a sheet that begins as one of the starts; without a name it is empty. */
export function addSheet(start: string | null): void {
  const found = STARTS.find(({ name }) => name === start);
  const sections = (found?.sections ?? []).map((section, seed): SheetSectionBody => ({
    ...section,
    id: newId(),
    seed,
    instruction: '',
    exchanged: [],
  }));
  const seed = Math.floor(Math.random() * 1_000_000);
  const body: SheetBody = { title: found?.name ?? 'New sheet', seed, versions: 2, sections };
  openSheet(addDocument('sheet', newId(), body, 'the new sheet'));
}

/** Adds a copy of the open sheet, with other questions. */
export function copySheet(): void {
  const open = sheetNow();
  if (!open) return;
  const seed = (open.body.seed + 1) % 1_000_000;
  const body = { ...open.body, seed, title: `${open.body.title} (another)`.slice(0, 200) };
  openSheet(addDocument('sheet', newId(), body, 'the copied sheet'));
}

export function removeSheet(id: string): void {
  removeDocument(id, 'the removed sheet');
  openSheet('');
}

export const renameSheet = (title: string) =>
  change('the title', (sheet) => ({ ...sheet, title }), 'sheet-title');

export const printVersions = (versions: number) =>
  change('how many versions there are', (sheet) => ({ ...sheet, versions }));

/** Asks other questions everywhere. */
export const otherQuestions = () =>
  change('the other questions', (sheet) => ({
    ...sheet,
    seed: (sheet.seed + 1) % 1_000_000,
    sections: sheet.sections.map((one) => ({ ...one, exchanged: [] })),
  }));

export function addSection(kind: string): void {
  const id = newId();
  change('the added section', (sheet) => ({
    ...sheet,
    sections: [
      ...sheet.sections,
      {
        id,
        kind,
        count: 4,
        marks: usualMarks(kind),
        instruction: '',
        seed: freeSeed(sheet.sections),
        material: {},
        exchanged: [],
      },
    ],
  }));
  SHEETS_DESK.set({ section: id, question: 0 });
}

export const removeSection = (id: string) =>
  change('the removed section', (sheet) => ({
    ...sheet,
    sections: sheet.sections.filter((one) => one.id !== id),
  }));

/** Moves a section up or down; its questions stay. */
export const moveSection = (id: string, by: 1 | -1) =>
  change('the moved section', (sheet) => {
    const at = sheet.sections.findIndex((one) => one.id === id);
    const to = at + by;
    if (at < 0 || to < 0 || to >= sheet.sections.length) return sheet;
    const sections = [...sheet.sections];
    [sections[at], sections[to]] = [sections[to]!, sections[at]!];
    return { ...sheet, sections };
  });

export const countQuestions = (id: string, count: number) =>
  editSection(id, 'how many questions there are', ({ order: _, ...one }) => ({
    ...one,
    count,
    ...(one.pinned ? { pinned: one.pinned.filter(({ place }) => place < count) } : {}),
  }));

export const giveMarks = (id: string, marks: number) =>
  editSection(id, 'the marks', (one) => ({ ...one, marks }));

/** Gives each part of an answer its own marks; none at all goes back to marks for the whole. */
export const giveParts = (id: string, parts: Readonly<Record<string, number>> | null) =>
  editSection(id, 'the marks by part', ({ parts: _, ...one }) => (parts === null ? one : { ...one, parts }));

export const instruct = (id: string, instruction: string) =>
  editSection(id, 'the instruction', (one) => ({ ...one, instruction }), 'instruction');

/** The place in the section's own order of the question that stands at a place. */
export const placeOfQuestion = ({ order, count }: SheetSectionBody, at: number): number =>
  order?.length === count ? order[at]! : at;

const unpinned = (pinned: readonly Pinned[] | undefined, place: number) =>
  pinned?.filter((one) => one.place !== place) ?? [];

/** Puts another question in the place of one. */
export const exchange = (id: string, at: number) =>
  editSection(id, 'the exchanged question', (one) => {
    const place = placeOfQuestion(one, at);
    return { ...one, exchanged: [...one.exchanged, place], pinned: unpinned(one.pinned, place) };
  });

/** Keeps a question, as it is or changed, in every version and whatever the dice say. */
export const pin = (id: string, at: number, given: GivenData, answers?: readonly unknown[]) =>
  editSection(
    id,
    'the kept question',
    (one) => {
      const place = placeOfQuestion(one, at);
      const kept = { place, given, ...(answers ? { answers } : {}) };
      return { ...one, pinned: [...unpinned(one.pinned, place), kept] };
    },
    `question ${at}`,
  );

/** Gives a place back to the dice. */
export const unpin = (id: string, at: number) =>
  editSection(id, 'the freed question', (one) => ({
    ...one,
    pinned: unpinned(one.pinned, placeOfQuestion(one, at)),
  }));

/** Moves a question by one place; all stay what they are. */
export const moveQuestion = (id: string, at: number, by: 1 | -1) =>
  editSection(id, 'the moved question', (one) => {
    const order = Array.from({ length: one.count }, (_, place) => placeOfQuestion(one, place));
    const to = at + by;
    if (to < 0 || to >= order.length) return one;
    [order[at], order[to]] = [order[to]!, order[at]!];
    return { ...one, order };
  });

/** Adds a section with a question in the teacher's own words. */
export function writeQuestion(): void {
  const id = newId();
  change('the written question', (sheet) => ({
    ...sheet,
    sections: [
      ...sheet.sections,
      {
        id,
        kind: OWN_WORDS,
        count: 1,
        marks: 2,
        instruction: '',
        seed: freeSeed(sheet.sections),
        material: {},
        exchanged: [],
        pinned: [{ place: 0, given: { question: 'A question' }, answers: ['its answer'] }],
      },
    ],
  }));
  SHEETS_DESK.set({ section: id, question: 0 });
}

/** Adds another question in words to such a section. */
export const writeAnother = (id: string) =>
  editSection(id, 'the written question', ({ order: _, ...one }) => ({
    ...one,
    count: one.count + 1,
    pinned: [
      ...(one.pinned ?? []),
      { place: one.count, given: { question: 'A question' }, answers: ['its answer'] },
    ],
  }));

export const setClass = (classId: string | null) =>
  change('the class', ({ classId: _, ...sheet }) => (classId === null ? sheet : { ...sheet, classId }));

export const setDate = (date: string) =>
  change('the date', ({ date: _, ...sheet }) => (date === '' ? sheet : { ...sheet, date }));

export const setSize = (size: StaffSize) => change('the size of the staves', (sheet) => ({ ...sheet, size }));

/** In which way intervals or chords are worked out on answer pages; the usual one for an empty name. */
export const setWay = (of: keyof WorkingWays, way: string) =>
  change('the way of working', (sheet) => {
    const ways = Object.fromEntries(
      Object.entries<string>({ ...sheet.ways, [of]: way }).filter(([, one]) => one !== ''),
    ) as WorkingWays;
    return { ...sheet, ways };
  });
export const setScrap = (scrap: Scrap) => change('the room for working', (sheet) => ({ ...sheet, scrap }));

/** Changes one field of the material; undefined gives the usual one back. */
export const setMaterial = (id: string, field: keyof MaterialText, value: unknown) =>
  editSection(id, 'the material', ({ material, ...one }) => {
    const next: Record<string, unknown> = { ...material };
    if (value === undefined) delete next[field];
    else next[field] = value;
    return { ...one, material: next, exchanged: [] };
  });
