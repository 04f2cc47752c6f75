import { lineOfFifths } from '../../pitch/note';
import { TICKS_A_QUARTER } from '../../time/length';
import { nonChordKind, type Neighbours } from './melodic';
import type { ScoreNote } from '../model/scoreNote';
import type { Slice } from './slices';
import { isOutside, type HeardNotes, type EditedRange } from './editedRange';
import type { ReadingWeights } from './weights';

/** What a slice gives to be weighed: its names, a bit for each, and what each costs where a chord lacks it. */
export interface SliceSounds {
  readonly accent: number;
  readonly mask: number;
  /** The place of the lowest name, as in `nameIndex`. */
  readonly lowest: number;
  /** Where the lowest is a pedal: the lowest name over it, for chords that lack the pedal; or −1. */
  readonly overPedal: number;
  /** Whether the lowest note is struck with the slice. */
  readonly struck: boolean;
  readonly bits: readonly number[];
  readonly costs: readonly number[];
}

/** Names that share an index lie so many fifths apart and never meet. */
export const NAMES = 31;

/** A note that began before counts so much of one that begins. */
const HELD = 0.3;

/** The name of a note as a place on the line of fifths; with three accidentals the plainer one that sounds the same. */
export function namePlace(fifths: number): number {
  return fifths > 19 ? fifths - 12 : fifths < -15 ? fifths + 12 : fifths;
}

export function nameIndex(fifths: number): number {
  return ((fifths % NAMES) + NAMES) % NAMES;
}

/** The sounds of slices, and what they were found for. */
export interface KnownSounds {
  readonly slices: readonly Slice[];
  readonly sounds: readonly SliceSounds[];
  readonly weights: ReadingWeights;
  readonly home: number;
}

/** The sounds of every slice, those that were known where nothing is touched; `home` are sharps or flats. */
export function soundsAgain(
  known: KnownSounds | null,
  { notes, neighbours }: HeardNotes,
  slices: readonly Slice[],
  weights: ReadingWeights,
  home: number,
  touched: EditedRange,
): KnownSounds {
  const old = known?.weights === weights && known.home === home ? known : null;
  const sounds = slices.map((slice, at) => {
    const isKnown = old?.slices[at] === slice && isOutside(touched, slice.from, slice.to);
    return isKnown ? old.sounds[at]! : soundsIn(slice, notes, neighbours, weights, home);
  });
  return { slices, sounds, weights, home };
}

function soundsIn(
  slice: Slice,
  notes: readonly ScoreNote[],
  neighbours: Neighbours,
  weights: ReadingWeights,
  home: number,
): SliceSounds {
  const { sounding, from, accent } = slice;
  const bits: number[] = [];
  const costs: number[] = [];
  let mask = 0;
  let lowest = 0;
  let overPedal = -1;
  const onPedal = notes[sounding[0]!]!.inPedal === true;
  for (let n = 0; n < sounding.length; n++) {
    const one = sounding[n]!;
    const place = lineOfFifths(notes[one]!.note);
    const index = nameIndex(namePlace(place));
    if (n === 0) lowest = index;
    else if (onPedal && overPedal < 0 && index !== lowest) overPedal = index;
    const bit = 1 << index;
    const outside = place - home < -1 || place - home > 5;
    const cost = foreignCost(notes, neighbours, one, slice, n === 0, outside, weights);
    // Doublings are foreign together.
    if ((mask & bit) !== 0) costs[bits.indexOf(bit)]! += cost;
    else {
      mask |= bit;
      bits.push(bit);
      costs.push(cost);
    }
  }
  return { accent, mask, lowest, overPedal, struck: notes[sounding[0]!]!.onset === from, bits, costs };
}

/** What it costs to take a note of a slice as foreign. */
function foreignCost(
  notes: readonly ScoreNote[],
  neighbours: Neighbours,
  one: number,
  { from, to, accent }: Slice,
  isLowest: boolean,
  isOutside: boolean,
  { kinds, accented, lasting, outside, lowest, figured, pedalPoint }: ReadingWeights,
): number {
  const begins = notes[one]!.onset === from;
  if (notes[one]!.inPedal) return pedalPoint;
  const kind = nonChordKind(notes, neighbours, one, from);
  const isStruck = begins && kind !== 'suspension' && kind !== 'retardation';
  const cost =
    kinds[kind] * (begins ? 1 : HELD) +
    (isStruck ? accented * accent : 0) +
    (notes[one]!.inFigure ? figured : 0) +
    lasting * ((to - from) / TICKS_A_QUARTER) +
    (isOutside ? outside : 0);
  return isLowest ? cost * lowest : cost;
}

/** Whether two slices weigh the same. */
export function sameSounds(a: SliceSounds, b: SliceSounds): boolean {
  if (a === b) return true;
  return (
    a.mask === b.mask &&
    a.accent === b.accent &&
    a.lowest === b.lowest &&
    a.overPedal === b.overPedal &&
    a.struck === b.struck &&
    a.bits.every((bit, at) => bit === b.bits[at]) &&
    a.costs.every((cost, at) => cost === b.costs[at])
  );
}
