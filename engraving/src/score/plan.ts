import {
  OCTAVES,
  staffPosition,
  transposedNote,
  versesOf,
  type ClefName,
  type Note,
  type Score,
  type ScorePart,
  type ScoreSign,
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
  /** Its number among all staves of the piece, from 0. */
  readonly index: number;
  readonly top: number;
  /** The line of the words under it, clear of notes and stems; that of the first verse. */
  readonly words: number;
  /** The lines of the signs over it, of the brackets of endings, and of the dynamics under it. */
  readonly signs: number;
  readonly endings: number;
  readonly dynamics: number;
  /** Room over its top line and from there down to what comes under it. */
  readonly room: { readonly over: number; readonly under: number };
  /** Times in which it is written by octaves lower than it sounds, or higher below zero. */
  readonly octaves: readonly { readonly from: number; readonly to: number; readonly by: number }[];
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
export const WORDS = 26;
/** Words stand so far over what comes under them. */
const BELOW_WORDS = 8;
/** Numbers of tuplets stand under the stems. */
const TUPLETS = 18;
/** A line of signs over a staff, the brackets of endings, and a line of dynamics under it. */
const SIGNS = 22;
const ENDINGS = 24;
const DYNAMICS = 22;
/** A fermata stands over the stem. */
const FERMATA = 24;
const MOST = 90;

/** Four single parts of one staff each can stand closed, on two staves. */
export function canClose({ parts }: Score): boolean {
  return parts.length === 4 && parts.every(({ staves }) => staves === 1);
}

/** Signs that stand under a staff; they are shown on request. */
export const UNDER_STAFF: readonly ScoreSign['kind'][] = ['dynamic', 'louder', 'softer'];

/**
 * Lays the staves of a piece out over each other: as written, or four parts closed on two staves; dynamics only where
 * they are asked for.
 */
export function planStaves(score: Score, closed: boolean, dynamics = false): StaffPlan {
  const bare = closed && canClose(score) ? closedStaves(score) : openStaves(score);
  const notes = new Map<string, WrittenNote[]>();
  for (const note of score.notes) {
    const place = `${note.part} ${note.staff}`;
    const own = notes.get(place);
    if (own) own.push(note);
    else notes.set(place, [note]);
  }
  const hasEndings = score.bars.some(({ ending }) => ending !== undefined);
  const staves = bare.staves.map((plain, index): DrawnStaff => {
    const signs = (score.signs ?? []).filter(({ part, staff }) => plain.holds.includes(`${part} ${staff}`));
    const octaves = signs.flatMap(({ kind, at, to }) =>
      OCTAVES[kind] ? [{ from: at, to, by: OCTAVES[kind] }] : [],
    );
    const staff = { ...plain, octaves };
    const own = staff.holds.flatMap((place) => notes.get(place) ?? []);
    const { over, under } = roomOf(own, staff);
    const isSigned = signs.some(({ kind }) => !UNDER_STAFF.includes(kind)) || (index === 0 && score.noChord);
    const verses = Math.max(0, ...own.map(({ lyric }) => versesOf(lyric).length));
    const numbers = own.some(({ tuplet }) => tuplet !== undefined) ? TUPLETS : 0;
    const told = dynamics && signs.some(({ kind }) => UNDER_STAFF.includes(kind)) ? DYNAMICS : 0;
    const above = over + (isSigned ? SIGNS : 0);
    const below = STAFF + under + numbers;
    return {
      ...staff,
      index,
      top: 0,
      signs: 16 - above,
      endings: 2 - above - ENDINGS,
      dynamics: below + told - 6,
      words: below + told + WORDS - BELOW_WORDS,
      room: {
        over: above + (index === 0 && hasEndings ? ENDINGS : 0),
        under: below + told + verses * WORDS,
      },
    };
  });
  return { ...stacked(staves), braces: bare.braces, named: bare.named };
}

/** Staves below one another, each with its room. */
function stacked(staves: readonly DrawnStaff[]): Pick<StaffPlan, 'staves' | 'height'> {
  let bottom = 0;
  const placed = staves.map((staff) => {
    const top = bottom + staff.room.over;
    bottom = top + staff.room.under;
    return { ...staff, top };
  });
  return { staves: placed, height: Math.ceil(bottom) };
}

/**
 * The plan of a system without the staves on which nothing but rests stands in it; all of them where nothing else
 * stands at all. The names of parts whose first staff goes pass on to the next.
 */
export function withoutEmpty(plan: StaffPlan, score: Score, places: readonly number[]): StaffPlan {
  const held = new Set<string>();
  for (const place of places) {
    const { part, staff, kind } = score.notes[place]!;
    if (kind !== 'rest') held.add(`${part} ${staff}`);
  }
  const isKept = (staff: DrawnStaff) => staff.holds.some((place) => held.has(place));
  const kept = plan.staves.filter(isKept);
  if (kept.length === 0 || kept.length === plan.staves.length) return plan;
  const known = WITHOUT.get(plan) ?? new Map<string, StaffPlan>();
  WITHOUT.set(plan, known);
  const id = kept.map(({ index }) => index).join(' ');
  const before = known.get(id);
  if (before) return before;
  const nameOf = ({ holds, name }: DrawnStaff): string =>
    name || (plan.staves.find((other) => !isKept(other) && partOf(other) === partOf({ holds }))?.name ?? '');
  const braces = plan.braces.flatMap(([first, last]): [number, number][] => {
    const own = kept.filter(({ index }) => index >= first && index <= last);
    return own.length > 1 ? [[kept.indexOf(own[0]!), kept.indexOf(own[own.length - 1]!)]] : [];
  });
  const own = {
    ...stacked(kept.map((staff) => ({ ...staff, name: nameOf(staff) }))),
    braces,
    named: plan.named,
  };
  known.set(id, own);
  return own;
}

/** Plans without some staves, by those that stay: a system that is drawn alike keeps its plan. */
const WITHOUT = new WeakMap<StaffPlan, Map<string, StaffPlan>>();

const partOf = ({ holds }: Pick<DrawnStaff, 'holds'>): string => holds[0]!.split(' ')[0]!;

type Bare = Pick<DrawnStaff, 'name' | 'holds' | 'clefs' | 'transposition' | 'stems' | 'outer'>;
type Written = Pick<DrawnStaff, 'transposition' | 'octaves'>;

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

/** By how many octaves a staff is written lower than it sounds at a time. */
export function octavesAt({ octaves }: Pick<DrawnStaff, 'octaves'>, time: number): number {
  return octaves.find(({ from, to }) => time >= from && time < to)?.by ?? 0;
}

/** A note as it is written on its staff at a time. */
export function writtenPitch(note: Note, staff: Written, time: number): Note {
  const { transposition } = staff;
  const own = transposition ? transposedNote(note, -transposition.letters, -transposition.halfSteps) : note;
  const by = staff.octaves.length > 0 ? octavesAt(staff, time) : 0;
  return by === 0 ? own : { ...own, octave: own.octave - by };
}

function roomOf(notes: readonly WrittenNote[], staff: Bare & Written): { over: number; under: number } {
  let [over, under] = [OVER, UNDER];
  for (const one of notes) {
    if (!one.note) continue;
    const above =
      (staffPosition(writtenPitch(one.note, staff, one.onset)) - FIRST_LINE_Y[clefAt(staff, one.onset)]) *
      STEP;
    const held = one.fermata === true ? FERMATA : 0;
    over = Math.max(over, above + OVER + held, OVER + held);
    under = Math.max(under, -above - STAFF + UNDER);
  }
  return { over: Math.min(MOST, over), under: Math.min(MOST, under) };
}
