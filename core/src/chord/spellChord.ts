import { attempt } from '../errors';
import type { Key } from '../key/key';
import { spellInKey } from '../key/spellInKey';
import {
  atPianoKey,
  fromLineOfFifths,
  lineOfFifths,
  modulo,
  pitchClass,
  type Note,
  type NoteName,
} from '../pitch/note';
import { identify } from './identify';

/**
 * Names are sought so far round the tonic on the line of fifths: every key of the keyboard has one or two
 * there.
 */
const REACH = { down: 8, up: 9 } as const;
const MOST_NOTES = 8;
/** What a name outside the twelve usual ones of the key costs beside the reading of the chord. */
const UNUSUAL = 0.4;

/**
 * Spells keys of the keyboard (`midi`, C4 = 60) that sound together: as the
 * chord that they read best as, near to the key. Thirds are written as thirds,
 * so that C, the key above D, and G are C E flat G even in a sharp key. Costs
 * at most 2^8 readings; two different keys at least are needed, fewer are
 * spelled one by one.
 */
export function spellChordInKey(midis: readonly number[], key: Key): Note[] {
  const sorted = [...midis].sort((a, b) => a - b);
  const classes = [...new Set(sorted.map((midi) => modulo(midi, 12)))];
  const usual = sorted.map((midi) => spellInKey(midi, key));
  if (classes.length < 2 || classes.length > MOST_NOTES) return usual;
  let best: readonly NoteName[] | null = null;
  let least = Infinity;
  for (const names of choices(classes, key)) {
    const reading = attempt(() => identify(names, { key })[0]!);
    if (!reading.ok) continue;
    const strange = names.filter(
      (name) => !usual.some((note) => note.step === name.step && note.alteration === name.alteration),
    ).length;
    const cost = reading.value.cost + UNUSUAL * strange;
    if (cost < least) [best, least] = [names, cost];
  }
  if (!best) return usual;
  const chosen = best;
  return sorted.map((midi) =>
    atPianoKey(
      chosen.find((name) => pitchClass(name) === modulo(midi, 12))!,
      midi,
    ),
  );
}

/** Every way of naming the pitch classes, in their order. */
function choices(classes: readonly number[], key: Key): NoteName[][] {
  const tonic = lineOfFifths(key.tonic);
  let lists: NoteName[][] = [[]];
  for (const pitch of classes) {
    const names: NoteName[] = [];
    for (let place = tonic - REACH.down; place <= tonic + REACH.up; place++) {
      if (Math.abs(place - 2) <= 17 && modulo(place * 7, 12) === pitch) names.push(fromLineOfFifths(place));
    }
    if (names.length === 0) names.push(spellInKey(pitch, key));
    lists = lists.flatMap((list) => names.map((name) => [...list, name]));
  }
  return lists;
}
