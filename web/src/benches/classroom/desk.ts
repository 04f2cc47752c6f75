import { createDesk, oneOf } from '../../documents/store/desk';

export const VIEWS = ['join', 'pupils', 'questions'] as const;
export type ClassView = (typeof VIEWS)[number];

/** How the class is looked at. */
export const CLASSROOM_DESK = createDesk<{ readonly view: ClassView }>('classroom', {
  view: oneOf(VIEWS, 'join'),
});
