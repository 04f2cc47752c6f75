import { createDesk, deskOneOf } from '../../documents/store/desk';

export const CLASSROOM_VIEWS = ['join', 'pupils', 'questions'] as const;
export type ClassroomView = (typeof CLASSROOM_VIEWS)[number];

/** How the class is looked at. */
export const CLASSROOM_DESK = createDesk<{ readonly view: ClassroomView }>('classroom', {
  view: deskOneOf(CLASSROOM_VIEWS, 'join'),
});
