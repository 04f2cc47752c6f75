import { attempt } from '../../errors';
import { type Interval, intervalBetween, isPerfectNumber, transpose } from '../../interval/interval';
import type { Note } from '../../pitch/note';
import { clefIn, keyIn } from '../givenReading';
import type { OnStaff } from '../layout/staffLayout';
import type { DifficultyParts } from '../question';
import { Dice } from './dice';
import type { Material } from './material';
import { isAllowed, isOnStaff, ledgerDifficulty, rollNote, writingDifficulty } from './staffWriting';
import { isUsedInKey } from './usedInKey';

const OCTAVE = 7;
const TRIES = 40;

/** An interval of the material over or under a note of a staff; null where the dice find none. */
export function rollInterval(dice: Dice, material: Material, below = false) {
  const clef = dice.pick(material.clefs);
  const key = dice.pick(material.keys);
  const chosen = dice.pick(material.intervals);
  const wide = material.compound && chosen.number <= OCTAVE && dice.chance(40);
  const interval: Interval = wide ? { ...chosen, number: chosen.number + OCTAVE } : chosen;
  // A diminished unison is none.
  if (interval.number === 1 && interval.deviation < 0) return null;
  for (let tries = 0; tries < TRIES; tries++) {
    const from = rollNote(dice, clef, key, material);
    if (!from) continue;
    // Some notes lie too far out to be written.
    const to = attempt(() => transpose(from, interval, below));
    if (!to.ok) continue;
    if (
      isAllowed(to.value, key, material.accidentals) &&
      isOnStaff(to.value, clef, material.ledgerLines) &&
      isUsedInKey([from, to.value], key, material.chromatic, dice)
    )
      return { clef, key, from, to: to.value, interval };
  }
  return null;
}

/** What the size and the quality of an interval add: what is neither major, minor nor perfect, and what is wide. */
function intervalDifficulty(interval: Interval): DifficultyParts {
  const plain = isPerfectNumber(interval.number)
    ? interval.deviation === 0
    : [0, -1].includes(interval.deviation);
  const doubly =
    Math.abs(interval.deviation) > (isPerfectNumber(interval.number) || interval.deviation > 0 ? 1 : 2);
  const simple = ((interval.number - 1) % OCTAVE) + 1;
  return {
    interval: simple === 1 || interval.number === 8 ? 0.3 : simple === 6 || simple === 7 ? 1 : 0.7,
    ...(plain ? {} : { quality: doubly ? 1.4 : 0.8 }),
    ...(interval.number > 8 ? { compound: 0.6 } : {}),
  };
}

/** How hard an interval on a staff is. */
export function twoNotesDifficulty(given: OnStaff, from: Note, to: Note): DifficultyParts {
  return {
    ...intervalDifficulty(intervalBetween(from, to)),
    ...writingDifficulty(keyIn(given), [from, to]),
    ...ledgerDifficulty([from, to], clefIn(given)),
  };
}
