import { createDesk, idField, deskOneOf, type DeskField } from '../../documents/store/desk';

export const LOGBOOK_VIEWS = ['skills', 'time', 'causes', 'lessons', 'pupils'] as const;
export type LogbookView = (typeof LOGBOOK_VIEWS)[number];

const name: DeskField<string | null> = (stored) =>
  typeof stored === 'string' && stored.length <= 80 ? stored : null;

/** What the Logbook shows: how it is looked at, and of whom. */
export const LOGBOOK_DESK = createDesk<{
  readonly view: LogbookView;
  readonly pupil: string | null;
  /** The kind of exercise whose course is shown; null for all. */
  readonly skill: string | null;
  /** Another class beside the open one. */
  readonly beside: string | null;
}>('logbook', { view: deskOneOf(LOGBOOK_VIEWS, 'skills'), pupil: name, skill: idField, beside: idField });
