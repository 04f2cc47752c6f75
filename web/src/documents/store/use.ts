import type { LabelStyle } from '@diatonix/core';
import type { Bodies, Document, SingleKind } from './document';
import type { SchoolClass } from '../kinds/schoolClass/type';
import { FIRST_CLASS } from '../kinds/schoolClass/type';
import { CLASS_DESK } from './openClass';
import { bodyOf, openOf } from './select';
import { useDocuments } from './store';

/** The body of the one document of a kind. */
export function useSingle<K extends SingleKind>(kind: K): Bodies[K] {
  return useDocuments((state) => bodyOf(state.documents, kind));
}

/** How labels are printed and read. */
export function useSchool(): LabelStyle {
  return useSingle('labels');
}

export function schoolNow(): LabelStyle {
  return bodyOf(useDocuments.getState().documents, 'labels');
}

/** The class that is open, and the document it stands in. */
export function useOpenClass(): Document<'class'> | null {
  const open = CLASS_DESK.use(({ open }) => open);
  return useDocuments((state) => openOf(state.documents, 'class', open ?? undefined));
}

/** What the open class is and has not been taught. */
export function useTaught(): SchoolClass {
  return useOpenClass()?.body ?? FIRST_CLASS;
}
