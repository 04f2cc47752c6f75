import { attempt } from '../../../errors';
import {
  halfSteps,
  intervalBetween,
  isPerfectNumber,
  printInterval,
  transpose,
  type Interval,
} from '../../../interval/interval';
import type { Clef } from '../../../key/scale';
import type { Note } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { intervalWorking } from '../../../working/intervalWorking';
import type { Dice } from '../../ask/dice';
import { keyIn, noteIn, textIn } from '../../ask/given';
import type { Material } from '../../ask/material';
import {
  isAllowed,
  isOnStaff,
  ledgerDifficulty,
  rollNote,
  staffGiven,
  writingDifficulty,
} from '../../ask/onStaff';
import type { Asking, DifficultyParts, Given } from '../../ask/question';

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
    if (isAllowed(to.value, key, material.accidentals) && isOnStaff(to.value, clef, material.ledgerLines))
      return { clef, key, from, to: to.value, interval };
  }
  return null;
}

/** What the size and the quality of an interval add: what is neither major, minor nor perfect, and what is wide. */
export function intervalDifficulty(interval: Interval): DifficultyParts {
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

/** What is said of two notes on a staff. */
export function twoNotesDifficulty(given: Given, from: Note, to: Note): DifficultyParts {
  return {
    ...intervalDifficulty(intervalBetween(from, to)),
    ...writingDifficulty(keyIn(given), [from, to]),
    ...ledgerDifficulty([from, to], textIn(given, 'clef') as Clef),
  };
}

/** Two notes on a staff; the interval is named. */
export const ASK_INTERVAL_NAME: Asking = {
  id: 'interval-name',
  takes: ['keys', 'clefs', 'intervals', 'compound', 'accidentals', 'ledgerLines'],
  usual: {},
  same: (given) => [given['from'], given['to']],
  roll(dice, material) {
    const found = rollInterval(dice, material);
    if (!found || halfSteps(found.interval) < 0) return null;
    const { clef, key, from, to } = found;
    return { ...staffGiven(clef, key), from: printNote(from), to: printNote(to) };
  },
  answers: (given) => [printInterval(intervalBetween(noteIn(given, 'from'), noteIn(given, 'to')))],
  difficulty: (given) => twoNotesDifficulty(given, noteIn(given, 'from'), noteIn(given, 'to')),
  steps(given, ways = {}) {
    const [from, to] = [noteIn(given, 'from'), noteIn(given, 'to')];
    // Nobody knows the scale on a double sharp: the signs are taken off first.
    return intervalWorking(from, to, ways.intervals ?? (Math.abs(from.alteration) > 1 ? 'strip' : 'scale'));
  },
};
