import { memberNote, type Member } from '../../chord/chord';
import { lineOfFifths, type NoteName } from '../../pitch/note';

/** A kind of chord that is sought in a score. */
export interface Template {
  readonly name: string;
  readonly members: readonly Member[];
  /** Places of its members on the line of fifths, counted from the root. */
  readonly places: readonly number[];
}

const C: NoteName = { step: 0, alteration: 0 };

function template(name: string, ...members: readonly (readonly [number, number])[]): Template {
  const list = members.map(([degree, alteration]): Member => ({ degree, alteration }));
  return { name, members: list, places: list.map((member) => lineOfFifths(memberNote(C, member))) };
}

/** Triads and seventh chords of common practice; augmented sixths stand by their own spelling. */
export const TEMPLATES: readonly Template[] = [
  template('major', [1, 0], [3, 0], [5, 0]),
  template('minor', [1, 0], [3, -1], [5, 0]),
  template('diminished', [1, 0], [3, -1], [5, -1]),
  template('augmented', [1, 0], [3, 0], [5, 1]),
  template('dominant-seventh', [1, 0], [3, 0], [5, 0], [7, -1]),
  template('major-seventh', [1, 0], [3, 0], [5, 0], [7, 0]),
  template('minor-seventh', [1, 0], [3, -1], [5, 0], [7, -1]),
  template('half-diminished', [1, 0], [3, -1], [5, -1], [7, -1]),
  template('diminished-seventh', [1, 0], [3, -1], [5, -1], [7, -2]),
  template('minor-major-seventh', [1, 0], [3, -1], [5, 0], [7, 0]),
  template('It', [1, 0], [3, 0], [6, 1]),
  template('Fr', [1, 0], [3, 0], [4, 1], [6, 1]),
  template('Ger', [1, 0], [3, 0], [5, 0], [6, 1]),
];
