/** Degrees, by mode. */
export type ByMode = Readonly<Record<'major' | 'minor', readonly number[]>>;

/** Degrees not yet taught, by mode; those of which only the triad was; and keys that come later. */
export type NotYetTaught = ByMode & { readonly sevenths?: ByMode; readonly keys?: readonly string[] };

/** A class, and what it has not been taught. */
export interface SchoolClass {
  readonly name: string;
  readonly notYetTaught: NotYetTaught;
  readonly pupils?: readonly ClassPupil[];
  readonly lessons?: readonly Lesson[];
}

/** A pupil of a class. One who has left is kept away from new piles; what was done before stays. */
export interface ClassPupil {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  /** The day the pupil came. */
  readonly since: string;
  readonly left: boolean;
}

/** A lesson: what was taught, what was set, and what there is to say. */
export interface Lesson {
  readonly id: string;
  readonly date: string;
  readonly taught: string;
  readonly set: string;
  readonly remark: string;
}

export const MOST_IN_CLASS = 300;
export const MOST_LESSONS = 500;

export const NO_DEGREES: ByMode = { major: [], minor: [] };
export const FIRST_CLASS: SchoolClass = { name: 'My class', notYetTaught: { major: [], minor: [] } };
