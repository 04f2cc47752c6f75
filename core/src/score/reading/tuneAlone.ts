import { makeChord, type Chord } from '../../chord/chord';
import type { Numeral } from '../../label/numeral';
import { perObject } from '../../memo';
import { midiNumber } from '../../pitch/note';
import type { ScoreNote } from '../model/scoreNote';
import type { ReadChord, ScoreReading } from './scoreReading';

/** Fewer notes are no tune. */
const LEAST_NOTES = 8;
/** Half steps of a leap; a third is one. */
const LEAP = 3;
/** Where more of its steps are leaps a voice by itself breaks chords, as a solo for one instrument does. */
const MOST_LEAPS = 0.6;

/**
 * Whether nothing but one voice sounds, and it goes as a tune does: mostly by step or on the same note. No chord sounds
 * then; what fits it is the singer's or the teacher's choice (common practice).
 */
export function isTuneAlone(notes: readonly ScoreNote[]): boolean {
  if (notes.length < LEAST_NOTES) return false;
  const order = [...notes].sort((a, b) => a.onset - b.onset);
  let leaps = 0;
  for (let at = 1; at < order.length; at++) {
    const [before, one] = [order[at - 1]!, order[at]!];
    if (one.onset < before.end) return false;
    if (Math.abs(midiNumber(one.note) - midiNumber(before.note)) >= LEAP) leaps++;
  }
  return leaps <= MOST_LEAPS * (order.length - 1);
}

/** The reading of a tune alone: its chords are offers, on their roots, since the lowest note of a tune is no bass. */
export const tuneReading = (read: ScoreReading): ScoreReading => ({
  ...read,
  chords: read.chords.map(onItsRoot),
  tune: true,
});

const onItsRoot = perObject((one: ReadChord): ReadChord => {
  if (one.ruled || one.numeral.special !== null) return one;
  const [taken, ...others] = one.readings;
  return { ...one, ...rooted(one), readings: taken ? [{ ...taken, ...rooted(taken) }, ...others] : [] };
});

function rooted({ numeral, chord }: { readonly numeral: Numeral; readonly chord: Chord }) {
  return {
    numeral: { ...numeral, lowest: numeral.members[0]! },
    chord: makeChord(chord.root, chord.members),
  };
}
