import { attempt, LIMITS } from '@diatonix/core';
import { newId } from '../../documents/store/ids';
import type { PileBody, PileEntry } from '../../documents/kinds/pile/type';
import type { SchoolClass } from '../../documents/kinds/schoolClass/type';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { withResults } from '../../documents/marking/pileRecord';
import { takeReturned, type ReturnedFile, type TakenAnswers } from '../../documents/marking/returned';
import { joinPupils } from '../../documents/marking/joinPupils';
import { pileOf } from '../../documents/marking/pileOf';
import { addDocument, editDocument, removeDocument, tell } from '../../documents/store/store';
import { schoolNow } from '../../documents/store/use';
import { MARKING_DESK, pileNow } from './desk';

function change(words: string, update: (pile: PileBody) => PileBody, burst?: string): void {
  const open = pileNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

export const openPile = (id: string) =>
  MARKING_DESK.set({ open: id, pupil: null, question: 0, view: 'page' });

/** A pile of a sheet as it is now: what is changed on the sheet later does not change what was set. */
export function addPile(sheet: SheetBody, schoolClass: SchoolClass | null): void {
  openPile(addDocument('pile', newId(), pileOf(sheet, schoolClass), 'the new pile'));
}

export function removePile(id: string): void {
  removeDocument(id, 'the removed pile');
  openPile('');
}

export const renamePile = (title: string) =>
  change('the title', (pile) => ({ ...pile, title }), 'pile-title');

/** Adds pupils by their names; neighbours have different versions. Names that stand already are passed over. */
export function addPupils(names: readonly string[]): void {
  change('the added pupils', (pile) => {
    const known = new Set(pile.pupils.map(({ name }) => name));
    const added = [...new Set(names)]
      .filter((name) => !known.has(name))
      .map((name, at) => ({ id: newId(), name, version: (pile.pupils.length + at) % pile.sheet.versions }));
    return { ...pile, pupils: [...pile.pupils, ...added] };
  });
}

/** Takes a pupil out with all that was entered, for good. */
export const removePupil = (id: string) =>
  change('the removed pupil', (pile) => ({
    ...pile,
    pupils: pile.pupils.filter((one) => one.id !== id),
    entries: pile.entries.filter(({ pupil }) => pupil !== id),
  }));

/** What was handed in under one name belongs to another pupil: the two become one, and it is said. */
export function joinOnPile(from: string, to: string): void {
  const pile = pileNow()?.body;
  const nameOf = (id: string) => pile?.pupils.find((one) => one.id === id)?.name ?? '';
  const joined = attempt(() => pile && joinPupils(pile, from, to));
  if (!joined.ok) return tell(joined.error.message);
  const said = `${nameOf(from)} and ${nameOf(to)} are one pupil now. Undo parts them again.`;
  change('the joined pupils', (now) => withResults(joinPupils(now, from, to), schoolNow(), [to]));
  tell(said);
}

export const chooseVersion = (id: string, version: number) =>
  change('the version', (pile) =>
    withResults(
      { ...pile, pupils: pile.pupils.map((one) => (one.id === id ? { ...one, version } : one)) },
      schoolNow(),
      [id],
    ),
  );

/** Enters an answer after all that was entered: nothing of that is lost. */
export function enter(entry: Omit<PileEntry, 'at' | 'id' | 'by'>): void {
  change('the answer', (pile) =>
    withResults(
      { ...pile, entries: [...pile.entries, { id: newId(), ...entry, at: Date.now() }] },
      schoolNow(),
      [entry.pupil],
    ),
  );
}

/** Puts what pupils handed in as files on the pile; gives what is to be told of them. */
export async function takeFiles(
  files: readonly File[],
  onPart: (done: number, all: number) => void,
): Promise<{ readonly files: number; readonly told: readonly string[] }> {
  const read: ReturnedFile[] = [];
  const tooLarge: string[] = [];
  for (const [at, file] of files.entries()) {
    // What no pupil can have written is not looked into.
    if (file.size > LIMITS.answersFile)
      tooLarge.push(`${file.name}: it is larger than 2 MB and was left out.`);
    else read.push({ name: file.name, text: await file.text() });
    onPart(at + 1, files.length);
  }
  let taken: TakenAnswers | null = null;
  change('what was handed in', (pile) => {
    const now = takeReturned(pile, read, Date.now());
    taken = now;
    return withResults(now.pile, schoolNow());
  });
  const { files: count, told } = taken ?? { files: 0, told: [] };
  return { files: count, told: [...told, ...tooLarge] };
}

export const giveFollow = (follow: number) =>
  change('what following through earns', (pile) => withResults({ ...pile, follow }, schoolNow()));
