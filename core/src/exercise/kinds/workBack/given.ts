import { type GivenFields, someOfField, textField } from '../../givenFields';

/** A target in a key, and the chords that are sought before it: a ii and its V, or one of them. */
export type WorkBackGiven = {
  readonly key: string;
  readonly target: string;
  readonly roles: readonly Role[];
};

/** What a sought chord does: the dominant of its target, or what comes before that. */
export type Role = 'ii' | 'V';

export const WORK_BACK_FIELDS: GivenFields<WorkBackGiven> = {
  key: textField,
  target: textField,
  roles: someOfField<Role>(['ii', 'V']),
};
