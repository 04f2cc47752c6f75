import { newId } from '../../documents/ids';
import type { ClassPupil, Lesson, SchoolClass } from '../../documents/kinds/schoolClass';
import { CLASS_DESK } from '../../documents/openClass';
import { listOf, openOf } from '../../documents/select';
import { edit, editDocument, useDocuments } from '../../documents/store';

const openNow = () => openOf(useDocuments.getState().documents, 'class', CLASS_DESK.get().open ?? undefined);

function change(words: string, update: (open: SchoolClass) => SchoolClass, burst?: string): void {
  const open = openNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

export const chooseClass = (id: string) => CLASS_DESK.set({ open: id });

/** Adds pupils by their names; those who are there already are passed over. */
export function addClassPupils(names: readonly string[], since: string): void {
  change('the new pupils', (open) => {
    const pupils = open.pupils ?? [];
    const known = new Set(pupils.map(({ name }) => name));
    const added = [...new Set(names)]
      .filter((name) => !known.has(name))
      .map((name): ClassPupil => ({ id: newId(), name, note: '', since, left: false }));
    return { ...open, pupils: [...pupils, ...added] };
  });
}

export const changePupil = (id: string, update: Partial<ClassPupil>) =>
  change(
    'the pupil',
    (open) => ({
      ...open,
      pupils: (open.pupils ?? []).map((one) => (one.id === id ? { ...one, ...update } : one)),
    }),
    `class-pupil ${id}`,
  );

/** Takes a pupil out of the class and of every pile of it, with all that was answered. */
export function deletePupil(pupil: ClassPupil): void {
  const open = openNow();
  if (!open) return;
  edit('the deleted pupil', (documents) => {
    const next = { ...documents };
    next[open.id] = {
      ...open,
      body: { ...open.body, pupils: (open.body.pupils ?? []).filter(({ id }) => id !== pupil.id) },
    };
    for (const pile of listOf(documents, 'pile')) {
      const gone = new Set(pile.body.pupils.filter(({ name }) => name === pupil.name).map(({ id }) => id));
      if (gone.size === 0 || pile.body.classId !== open.id) continue;
      const pupils = pile.body.pupils.filter(({ id }) => !gone.has(id));
      const entries = pile.body.entries.filter((entry) => !gone.has(entry.pupil));
      next[pile.id] = { ...pile, body: { ...pile.body, pupils, entries } };
    }
    return next;
  });
}

export const addLesson = (date: string) =>
  change('the new lesson', (open) => ({
    ...open,
    lessons: [...(open.lessons ?? []), { id: newId(), date, taught: '', set: '', remark: '' }],
  }));

export const changeLesson = (id: string, update: Partial<Lesson>) =>
  change(
    'the lesson',
    (open) => ({
      ...open,
      lessons: (open.lessons ?? []).map((one) => (one.id === id ? { ...one, ...update } : one)),
    }),
    `lesson ${id}`,
  );

export const removeLesson = (id: string) =>
  change('the removed lesson', (open) => ({
    ...open,
    lessons: (open.lessons ?? []).filter((one) => one.id !== id),
  }));

/** Marks a degree as taught, or not yet. */
export const teach = (mode: 'major' | 'minor', degree: number) =>
  change('what has been taught', (open) => {
    const now = open.notYetTaught[mode];
    const next = now.includes(degree)
      ? now.filter((one) => one !== degree)
      : [...now, degree].sort((a, b) => a - b);
    return { ...open, notYetTaught: { ...open.notYetTaught, [mode]: next } };
  });
