import { TICKS_A_QUARTER, type Beam, type Note, type WrittenNote } from '@diatonix/core';

/** A note value of the notation package: its name, its dots, its length in ticks. */
export interface Spelled {
  readonly code: 'w' | 'h' | 'q' | '8' | '16' | '32' | '64';
  readonly dots: number;
  readonly ticks: number;
}

const CODES = ['w', 'h', 'q', '8', '16', '32', '64'] as const;
const VALUES = CODES.flatMap((code, at) =>
  [2, 1, 0].map((dots): Spelled => {
    const plain = (4 * TICKS_A_QUARTER) / 2 ** at;
    return { code, dots, ticks: plain * (2 - 1 / 2 ** dots) };
  }),
).sort((a, b) => b.ticks - a.ticks);
/** The longest note that one sign stands for is a dotted whole note. */
const LONGEST = 6 * TICKS_A_QUARTER;

/** A length as a row of note values, the longest first; what no value has is left to the last. */
export function spelled(ticks: number): Spelled[] {
  const found: Spelled[] = [];
  let left = ticks;
  while (left > 0 && found.length < 12) {
    const value = VALUES.find((one) => one.ticks <= Math.min(left, LONGEST));
    if (!value) break;
    found.push(value);
    left -= value.ticks;
  }
  if (found.length === 0) found.push({ ...VALUES[VALUES.length - 1]!, ticks });
  return found;
}

/** Notes of a voice that begin together, within one bar. */
export interface NotationPiece {
  readonly onset: number;
  readonly ticks: number;
  /** Places of its notes in the score, lowest first; none for a rest. */
  readonly places: readonly number[];
  readonly notes: readonly (Note | null)[];
  /** The place of a rest. */
  readonly rest: number | null;
  readonly kind: WrittenNote['kind'] | 'gap';
  readonly tuplet: readonly [number, number] | null;
  /** Whether it is the first piece of its notes, and the last. */
  readonly first: boolean;
  readonly last: boolean;
  readonly value: Spelled;
  readonly fermata: boolean;
  /** Where a beam begins on it, goes on or ends, as it is written. */
  readonly beam: Beam | null;
  readonly graces: readonly number[];
}

/** The pieces of one voice in a bar: chords, rests and gaps cut at the barlines and into note values. */
export function piecesOf(
  score: readonly WrittenNote[],
  own: readonly number[],
  from: number,
  to: number,
): NotationPiece[] {
  const groups = new Map<number, number[]>();
  const graces = new Map<number, number[]>();
  const afters: number[] = [];
  for (const place of own) {
    const note = score[place]!;
    if (note.after) {
      afters.push(place);
      continue;
    }
    const into = note.kind === 'grace' ? graces : groups;
    const known = into.get(note.onset);
    if (known) known.push(place);
    else into.set(note.onset, [place]);
  }
  const pieces: NotationPiece[] = [];
  let now = from;
  const gap = (until: number) => {
    for (const value of spelled(until - now)) {
      pieces.push({
        onset: now,
        ticks: value.ticks,
        places: [],
        notes: [],
        rest: null,
        kind: 'gap',
        tuplet: null,
        first: true,
        last: true,
        value,
        fermata: false,
        beam: null,
        graces: [],
      });
      now += value.ticks;
    }
    now = until;
  };
  for (const [onset, group] of [...groups].sort((a, b) => a[0] - b[0])) {
    const places = [...group].sort((a, b) => height(score[a]!) - height(score[b]!));
    const first = score[places[0]!]!;
    const begin = Math.max(onset, from);
    if (begin < now || begin >= to) continue;
    if (begin > now) gap(begin);
    const end = Math.min(to, onset + Math.max(...places.map((place) => score[place]!.ticks)));
    const tuplet = first.tuplet && first.tuplet[0] !== first.tuplet[1] ? first.tuplet : null;
    const written = tuplet ? ((end - begin) * tuplet[0]) / tuplet[1] : end - begin;
    // A rest that fills its bar is a whole rest, whatever the metre (common practice).
    const fills = first.kind === 'rest' && begin === from && end === to;
    const values = fills ? [{ code: 'w' as const, dots: 0, ticks: written }] : spelled(Math.round(written));
    let at = begin;
    values.forEach((value, index) => {
      const ticks = tuplet ? (value.ticks * tuplet[1]) / tuplet[0] : value.ticks;
      pieces.push({
        onset: at,
        ticks,
        places: first.kind === 'rest' ? [] : places,
        notes: first.kind === 'rest' ? [] : places.map((place) => score[place]!.note),
        rest: first.kind === 'rest' ? places[0]! : null,
        kind: first.kind,
        tuplet,
        first: index === 0 && begin === onset,
        last: index === values.length - 1 && end === onset + first.ticks,
        value,
        fermata: index === 0 && places.some((place) => score[place]!.fermata === true),
        beam: values.length === 1 ? beamOf(places, score) : null,
        graces: index === 0 ? (graces.get(onset) ?? []) : [],
      });
      at += ticks;
    });
    now = Math.max(now, end);
  }
  for (const place of afters)
    pieces.push({
      ...{ onset: to, ticks: 0, places: [place], notes: [score[place]!.note], rest: null, kind: 'grace' },
      ...{ tuplet: null, first: false, last: true, value: AFTER, fermata: false, beam: null, graces: [] },
    });
  return pieces;
}

/** A grace note at the end of a bar takes no time of it. */
const AFTER: Spelled = { code: '16', dots: 0, ticks: 0 };

/** The beam of notes that are struck together: one of them carries it. */
const beamOf = (places: readonly number[], score: readonly WrittenNote[]): Beam | null =>
  places.map((place) => score[place]!.beam).find((beam) => beam !== undefined) ?? null;

function height({ note }: WrittenNote): number {
  return note ? note.octave * 7 + note.step + note.alteration / 10 : 0;
}
