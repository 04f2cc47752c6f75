import { makeChord } from '../../../chord/chord';
import { nameChordWorking } from '../../../working/chordWorking';
import { chordOfQuality, QUALITIES } from '../../chordQualities';
import type { ExerciseKind } from '../../exerciseKind';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { notesIn, rising } from '../../givenReading';
import { chordHeard } from '../../heard/oneChord';
import { momentsOf } from '../../heard/timedSound';
import { inWords } from '../../layout/questionLayout';
import { HEARD_CHORD_ANSWER, type HeardChord } from './answer';
import { generateHeardChord } from './generate';
import { HEARD_CHORD_FIELDS, type HeardChordGiven } from './given';
import { HEARD_CHORD_MISTAKES } from './mistakes';
import { heardChordDifficulty, solveHeardChord } from './solve';

/** A chord is played; its quality and its inversion are named. */
export const HEARD_CHORD: ExerciseKind<HeardChordGiven, HeardChord> = {
  id: 'heard-chord',
  materialFields: ['qualities', 'inversions', 'positions', 'keys', 'clefs', 'tempo'],
  defaults: { qualities: QUALITIES.triad, inversions: [0, 1, 2] },
  qualities: [...QUALITIES.triad, ...QUALITIES.seventh],
  inversions: INVERSIONS_ASKED.seventh,
  fields: HEARD_CHORD_FIELDS,
  answer: HEARD_CHORD_ANSWER,
  generate: generateHeardChord,
  solve: solveHeardChord,
  difficulty: heardChordDifficulty,
  same: ({ sound }) => momentsOf(sound),
  layout: ({ size }) =>
    inWords({ say: 'heard', of: size === 'triad' ? 'triad and inversion' : 'seventh and inversion' }),
  working({ sound }) {
    const notes = rising(momentsOf(sound).flatMap(notesIn));
    const { root, quality } = chordHeard(momentsOf(sound));
    const chord = chordOfQuality(root, quality)!;
    return nameChordWorking(notes, makeChord(chord.root, chord.members, notes[0]), null);
  },
  mistakes: HEARD_CHORD_MISTAKES,
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
};
