import {
  staffPosition,
  transposedNote,
  type ClefName,
  type Note,
  type Score,
  type ScorePart,
  type WrittenNote,
} from '@diatonix/core';

/** A staff of a system: which notes stand on it, and where its top line is, in staff units. */
export interface DrawnStaff {
  readonly name: string;
  /** Part and staff of the notes on it, `0 1`. */
  readonly holds: readonly string[];
  readonly clefs: readonly { readonly at: number; readonly clef: ClefName }[];
  readonly transposition: ScorePart['transposition'];
  /** Stems by part where two parts share the staff. */
  readonly stems: ReadonlyMap<number, 1 | -1>;
  /** Where two parts share the staff the stems of the outer one, which carries the fermata of both. */
  readonly outer: 1 | -1 | 0;
  readonly top: number;
  /** The line of the words under it, clear of notes and stems. */
  readonly words: number;
}

/** The staves of every system of a piece, and which of them are joined by a brace. */
export interface StaffPlan {
  readonly staves: readonly DrawnStaff[];
  readonly braces: readonly (readonly [first: number, last: number])[];
  readonly height: number;
  /** The name of a part stands before the first system. */
  readonly named: boolean;
}

/** Top lines of the clefs, as places on the staff counted from C0. */
export const FIRST_LINE_Y: Record<ClefName, number> = {
  treble: 38,
  bass: 26,
  alto: 32,
  tenor: 30,
  'treble-8': 31,
  percussion: 38,
};
/** Staff units from a line to the space beside it. */
export const STEP = 5;
const STAFF = 40;
/** Room over and under a staff for stems and signs, and for words. */
const OVER = 30;
const UNDER = 30;
const WORDS = 26;
/** Words stand so far over what comes under them. */
const BELOW_WORDS = 8;
/** Numbers of tuplets stand under the stems. */
const TUPLETS = 18;
/** A fermata stands over the stem. */
const FERMATA = 24;
const MOST = 90;

/** Four single parts of one staff each can stand closed, on two staves. */
export function canClose({ parts }: Score): boolean {
  return parts.length === 4 && parts.every(({ staves }) => staves === 1);
}

/** Lays the staves of a piece out over each other: as written, or four parts closed on two staves. */
export function planStaves(score: Score, closed: boolean): StaffPlan {
  const bare = closed && canClose(score) ? closedStaves(score) : openStaves(score);
  const notes = new Map<string, WrittenNote[]>();
  for (const note of score.notes) {
    const place = `${note.part} ${note.staff}`;
    const own = notes.get(place);
    if (own) own.push(note);
    else notes.set(place, [note]);
  }
  let bottom = 0;
  const staves = bare.staves.map((staff): DrawnStaff => {
    const own = staff.holds.flatMap((place) => notes.get(place) ?? []);
    const { over, under } = roomOf(own, staff);
    const top = bottom + over;
    const words = own.some(({ lyric }) => lyric !== undefined) ? WORDS : 0;
    const numbers = own.some(({ tuplet }) => tuplet !== undefined) ? TUPLETS : 0;
    bottom = top + STAFF + under + numbers + words;
    return { ...staff, top, words: bottom - BELOW_WORDS };
  });
  return { staves, braces: bare.braces, height: Math.ceil(bottom), named: bare.named };
}

type Bare = Omit<DrawnStaff, 'top' | 'words'>;

function openStaves({ parts }: Score) {
  const staves: Bare[] = [];
  const braces: [number, number][] = [];
  parts.forEach((part, index) => {
    const first = staves.length;
    for (let staff = 1; staff <= part.staves; staff++)
      staves.push({
        name: staff === 1 ? part.name : '',
        holds: [`${index} ${staff}`],
        clefs: clefsOf(part, staff),
        transposition: part.transposition,
        stems: new Map(),
        outer: 0,
      });
    if (part.staves > 1) braces.push([first, staves.length - 1]);
  });
  return { staves, braces, named: parts.length > 1 };
}

function closedStaves({ parts }: Score) {
  const pair = (upper: number, clef: ClefName, outer: 1 | -1): Bare => ({
    name: '',
    holds: [`${upper} 1`, `${upper + 1} 1`],
    clefs: [{ at: 0, clef }],
    transposition: parts[upper]!.transposition,
    stems: new Map([
      [upper, 1],
      [upper + 1, -1],
    ]),
    outer,
  });
  return {
    staves: [pair(0, 'treble', 1), pair(2, 'bass', -1)],
    braces: [[0, 1] as [number, number]],
    named: false,
  };
}

function clefsOf({ clefs, staves }: ScorePart, staff: number): Bare['clefs'] {
  const own = clefs.filter((one) => one.staff === staff);
  if (own.some(({ at }) => at === 0)) return own;
  const usual: ClefName = staves > 1 && staff === staves ? 'bass' : 'treble';
  return [{ at: 0, clef: usual }, ...own];
}

export function clefAt({ clefs }: Pick<DrawnStaff, 'clefs'>, time: number): ClefName {
  let clef = clefs[0]!.clef;
  for (const one of clefs) if (one.at <= time) clef = one.clef;
  return clef;
}

/** A note as it is written on its staff. */
export function writtenPitch(note: Note, { transposition }: Pick<DrawnStaff, 'transposition'>): Note {
  return transposition ? transposedNote(note, -transposition.letters, -transposition.halfSteps) : note;
}

function roomOf(notes: readonly WrittenNote[], staff: Bare): { over: number; under: number } {
  let [over, under] = [OVER, UNDER];
  for (const one of notes) {
    if (!one.note) continue;
    const above =
      (staffPosition(writtenPitch(one.note, staff)) - FIRST_LINE_Y[clefAt(staff, one.onset)]) * STEP;
    const held = one.fermata === true ? FERMATA : 0;
    over = Math.max(over, above + OVER + held, OVER + held);
    under = Math.max(under, -above - STAFF + UNDER);
  }
  return { over: Math.min(MOST, over), under: Math.min(MOST, under) };
}
