import type { MaterialText } from '@diatonix/core';
import { newId } from '../../documents/ids';
import type { SheetBody, SheetSectionBody } from '../../documents/kinds/sheet';
import { addDocument, editDocument, removeDocument } from '../../documents/store';
import { openNow, SHEETS_DESK } from './desk';
import { STARTS } from './starts';

function change(words: string, update: (sheet: SheetBody) => SheetBody, burst?: string): void {
  const open = openNow();
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

/** The least seed that no section of the sheet has. */
function freeSeed(sections: readonly SheetSectionBody[]): number {
  let seed = 0;
  while (sections.some((one) => one.seed === seed)) seed++;
  return seed;
}

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
  const open = openNow();
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
        marks: 2,
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
  editSection(id, 'how many questions there are', (one) => ({ ...one, count }));

export const giveMarks = (id: string, marks: number) =>
  editSection(id, 'the marks', (one) => ({ ...one, marks }));

export const instruct = (id: string, instruction: string) =>
  editSection(id, 'the instruction', (one) => ({ ...one, instruction }), 'instruction');

/** Puts one question in the place of another. */
export const exchange = (id: string, place: number) =>
  editSection(id, 'the exchanged question', (one) => ({ ...one, exchanged: [...one.exchanged, place] }));

/** Changes one field of the material; undefined gives the usual one back. */
export const setMaterial = (id: string, field: keyof MaterialText, value: unknown) =>
  editSection(id, 'the material', ({ material, ...one }) => {
    const next: Record<string, unknown> = { ...material };
    if (value === undefined) delete next[field];
    else next[field] = value;
    return { ...one, material: next, exchanged: [] };
  });
