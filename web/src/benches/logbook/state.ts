import { withDegree } from '../../documents/kinds/schoolClass/taught';
import { LONGEST_NAME } from '@diatonix/server/class';
import type { Document, Documents } from '../../documents/store/document';
import { newId } from '../../documents/store/ids';
import { changeClass, classNow } from '../../documents/kinds/schoolClass/edit';
import type { ClassPupil, Lesson, SchoolClass } from '../../documents/kinds/schoolClass/type';
import { documentsOf } from '../../documents/store/select';
import { edit, useDocuments } from '../../documents/store/store';

/** Changes the open class, where there is one. */
function change(words: string, update: (open: SchoolClass) => SchoolClass, burst?: string): void {
  if (classNow()) changeClass(words, update, burst);
}

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

/** Takes a pupil out of the class and of every pile and plan of it, with all that was answered. */
export function deletePupil(pupil: ClassPupil): void {
  const open = classNow();
  if (!open) return;
  edit('the deleted pupil', (documents) => {
    const next: Record<string, Document> = { ...documents };
    const pupils = (open.body.pupils ?? []).filter(({ id }) => id !== pupil.id);
    next[open.id] = { ...open, body: { ...open.body, pupils } };
    for (const pile of pilesOf(documents, open.id)) {
      const gone = new Set(pile.body.pupils.filter(({ name }) => name === pupil.name).map(({ id }) => id));
      if (gone.size === 0) continue;
      const left = pile.body.pupils.filter(({ id }) => !gone.has(id));
      const entries = pile.body.entries.filter((entry) => !gone.has(entry.pupil));
      next[pile.id] = { ...pile, body: { ...pile.body, pupils: left, entries } };
    }
    for (const plan of plansOf(documents, open.id, pupil.name)) delete next[plan.id];
    return next;
  });
}

const pilesOf = (documents: Documents, classId: string) =>
  documentsOf(documents, 'pile').filter(({ body }) => body.classId === classId);

const plansOf = (documents: Documents, classId: string, name: string) =>
  documentsOf(documents, 'plan').filter(({ body }) => body.classId === classId && body.pupil === name);

/**
 * Gives a pupil another name, in the class and wherever the old one stands in its piles and plans. Gives in words
 * why not, where the name is empty or another pupil's.
 */
export function renamePupilOfClass(pupil: ClassPupil, wanted: string): string | null {
  const open = classNow();
  const name = wanted.trim().slice(0, LONGEST_NAME);
  if (!open || name === pupil.name) return null;
  if (name === '') return 'A pupil needs a name. The old one was kept.';
  if ((open.body.pupils ?? []).some((one) => one.name === name))
    return `There is a “${name}” in this class already: answers are known by the name. Write it differently.`;
  edit('the name of the pupil', (documents) => {
    const next: Record<string, Document> = { ...documents };
    const named = <T extends { readonly name: string }>(one: T): T =>
      one.name === pupil.name ? { ...one, name } : one;
    next[open.id] = { ...open, body: { ...open.body, pupils: (open.body.pupils ?? []).map(named) } };
    for (const pile of pilesOf(documents, open.id))
      if (pile.body.pupils.some((one) => one.name === pupil.name))
        next[pile.id] = { ...pile, body: { ...pile.body, pupils: pile.body.pupils.map(named) } };
    for (const plan of plansOf(documents, open.id, pupil.name))
      next[plan.id] = {
        ...plan,
        body: { ...plan.body, pupil: name, title: plan.body.title.replace(pupil.name, () => name) },
      };
    return next;
  });
  return null;
}

/**
 * Moves a pupil with the own plans to another class. What was answered stays in the log of the class it was
 * answered in. Gives in words why not, where that class has somebody of the name.
 */
export function movePupil(pupil: ClassPupil, to: string): string | null {
  const open = classNow();
  const other = documentsOf(useDocuments.getState().documents, 'class').find(({ id }) => id === to);
  if (!open || !other || other.id === open.id) return null;
  if ((other.body.pupils ?? []).some(({ name }) => name === pupil.name))
    return `There is a “${pupil.name}” in “${other.body.name}” already. Rename one of the two first.`;
  edit('the move of the pupil', (documents) => {
    const next: Record<string, Document> = { ...documents };
    const left = (open.body.pupils ?? []).filter(({ id }) => id !== pupil.id);
    next[open.id] = { ...open, body: { ...open.body, pupils: left } };
    next[other.id] = { ...other, body: { ...other.body, pupils: [...(other.body.pupils ?? []), pupil] } };
    for (const plan of plansOf(documents, open.id, pupil.name))
      next[plan.id] = { ...plan, body: { ...plan.body, classId: other.id } };
    return next;
  });
  return null;
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
  change('what has been taught', (open) => withDegree(open, mode, degree));
