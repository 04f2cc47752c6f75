import { newId } from '../../store/ids';
import { CLASS_DESK } from '../../store/openClass';
import { documentsOf, openOf } from '../../store/select';
import { addDocument, editDocument, removeDocument, useDocuments } from '../../store/store';
import { FIRST_CLASS, type SchoolClass } from './type';

/** The open class; null where the workbook has none. */
export const classNow = () =>
  openOf(useDocuments.getState().documents, 'class', CLASS_DESK.get().open ?? undefined);

/** What a class is called where it has no name. */
export const className = (name: string): string => (name.trim() === '' ? 'Unnamed class' : name);

/** Changes the open class, or the first where the workbook has none. */
export function changeClass(words: string, update: (open: SchoolClass) => SchoolClass, burst?: string): void {
  const open = classNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
  else CLASS_DESK.set({ open: addDocument('class', newId(), update(FIRST_CLASS), words) });
}

export const chooseClass = (id: string): void => CLASS_DESK.set({ open: id });

/** A class without pupils; what has been taught begins as in the open one. */
export function addClass(): void {
  const { documents } = useDocuments.getState();
  const name = `Class ${documentsOf(documents, 'class').length + 1}`;
  const { notYetTaught } = classNow()?.body ?? FIRST_CLASS;
  CLASS_DESK.set({ open: addDocument('class', newId(), { name, notYetTaught }, 'the new class') });
}

export const renameClass = (name: string): void =>
  changeClass('the name of the class', (open) => ({ ...open, name }), 'class-name');

/** Deletes the open class with its list and lessons; its piles stay. */
export function deleteClass(): void {
  const open = classNow();
  if (!open) return;
  removeDocument(open.id, 'the deleted class');
  CLASS_DESK.set({ open: null });
}
