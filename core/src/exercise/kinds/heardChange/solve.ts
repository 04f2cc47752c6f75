import { chordsIn } from '../../givenReading';
import { momentsOf } from '../../heard/timedSound';
import { labelsOf } from '../../labelling';
import type { HeardChangeGiven } from './given';

/** The chord that is played otherwise than printed, counted from 0, with its label; null where all are as printed. */
export function changeHeard(given: HeardChangeGiven): { readonly at: number; readonly label: string } | null {
  const played = momentsOf(given.sound);
  const at = played.findIndex((notes, place) => notes.join(' ') !== given.chords[place]?.join(' '));
  if (at < 0) return null;
  const printed = labelsOf(chordsIn(given.chords), given)[at];
  const label = labelsOf(chordsIn(played), given)[at]!;
  return label === printed ? null : { at, label };
}

export function solveHeardChange(given: HeardChangeGiven): readonly (readonly string[])[] {
  const change = changeHeard(given);
  return change ? [[String(change.at + 1), change.label]] : [];
}
