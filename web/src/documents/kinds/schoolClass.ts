/** Degrees not yet taught, by mode. */
export type NotYetTaught = Readonly<Record<'major' | 'minor', readonly number[]>>;

/** A class, and what it has not been taught. */
export interface SchoolClass {
  readonly name: string;
  readonly notYetTaught: NotYetTaught;
}

export const FIRST_CLASS: SchoolClass = { name: 'My class', notYetTaught: { major: [], minor: [] } };
