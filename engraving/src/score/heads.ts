import { atPosition, transposedNote, type Note, type Score } from '@diatonix/core';
import { clefAt, octavesAt, STEP, FIRST_LINE_Y, type DrawnStaff, type StaffPlan } from './plan';
import { fifthsAt, writtenFifths, type Made } from './systemOptions';

/** Where a note head or a rest stands on its system, in staff units; `place` is that in the score. */
export interface DrawnHead {
  readonly place: number;
  readonly x: number;
  readonly y: number;
  readonly rest: boolean;
}

/** The heads and rests of a system, once for each note however many pieces it is drawn in. */
export function headsOf(made: readonly Made[]): DrawnHead[] {
  return made.flatMap(({ note, piece }): DrawnHead[] => {
    if (!piece.first) return [];
    const heads = note.noteHeads;
    const xOf = (at: number) => heads[at]!.getAbsoluteX() + heads[at]!.getWidth() / 2;
    const ys = note.getYs();
    if (piece.rest !== null) return [{ place: piece.rest, x: xOf(0), y: ys[0]!, rest: true }];
    return piece.places.map((place, at) => ({ place, x: xOf(at), y: ys[at]!, rest: false }));
  });
}

/** How far from a head one may point, sideways and up or down; a rest takes notes over a wider strip. */
const REACH = { x: 12, y: 7, rest: 18 };
const HALF_STAFF = 20;

/** What was pointed at: a note or a rest, or a height on the staff over a rest. */
export interface Pointed {
  readonly place: number;
  /** The sounding pitch that the height means, where a note may be put. */
  readonly note: Note | null;
}

/** What stands at a point of a system, in staff units; null for nothing. */
export function pointedAt(
  score: Score,
  plan: StaffPlan,
  heads: readonly DrawnHead[],
  x: number,
  y: number,
): Pointed | null {
  const near = (reach: number) => heads.filter((head) => Math.abs(head.x - x) <= reach);
  const nearest = (list: readonly DrawnHead[]) =>
    list.reduce<DrawnHead | null>(
      (best, head) =>
        best && Math.hypot(best.x - x, best.y - y) <= Math.hypot(head.x - x, head.y - y) ? best : head,
      null,
    );
  const head = nearest(near(REACH.x).filter((one) => !one.rest && Math.abs(one.y - y) <= REACH.y));
  if (head) return { place: head.place, note: null };
  const staff = staffAt(plan, y);
  const onStaff = (one: DrawnHead) => {
    const { part, staff: own } = score.notes[one.place]!;
    return staff.holds.includes(`${part} ${own}`);
  };
  const rest = nearest(near(REACH.rest).filter((one) => one.rest && onStaff(one)));
  if (rest) {
    const { onset } = score.notes[rest.place]!;
    // A rest itself is selected, the lines over and under it take a note.
    const note = Math.hypot(rest.x - x, rest.y - y) <= REACH.y ? null : noteAt(score, staff, y, onset);
    return { place: rest.place, note };
  }
  const beside = nearest(near(REACH.x).filter(onStaff));
  return beside && { place: beside.place, note: null };
}

function staffAt({ staves }: StaffPlan, y: number): DrawnStaff {
  const far = ({ top }: DrawnStaff) => Math.abs(top + HALF_STAFF - y);
  return staves.reduce((best, staff) => (far(staff) < far(best) ? staff : best));
}

/** The sounding note of a height on a staff at a time, as the signature has it. */
export function noteAt(score: Score, staff: DrawnStaff, y: number, time: number): Note {
  const position = FIRST_LINE_Y[clefAt(staff, time)] - Math.round((y - staff.top) / STEP);
  const written = atPosition(position, writtenFifths(fifthsAt(score, time), staff));
  const { transposition } = staff;
  const own = { ...written, octave: written.octave + octavesAt(staff, time) };
  return transposition ? transposedNote(own, transposition.letters, transposition.halfSteps) : own;
}
