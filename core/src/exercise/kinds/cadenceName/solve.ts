import { type CadenceKind, cadencesOf } from '../../../context/cadences';
import type { ContextReading } from '../../../context/chordIn';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { writingDifficulty } from '../../generating/staffWriting';
import { chordsIn, keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { CadenceNameGiven } from './given';

/** Each chord with its likeliest numeral. */
export function cadenceReadings(given: CadenceNameGiven): ContextReading[] {
  const key = keyIn(given);
  return chordsIn(given.chords).map((notes) => {
    const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
    return { key, numeral, chord, reason: 'given', excess: 0 };
  });
}

/** The name of the cadence that chords make; undefined where they make none. */
export const cadenceOf = (given: CadenceNameGiven): CadenceKind | undefined =>
  cadencesOf(cadenceReadings(given), {})[0]?.kind;

/** The cadence with which a line of chords ends. */
export const cadenceAtEnd = ({ key, chords }: CadenceNameGiven): string | undefined =>
  cadenceOf({ key, chords: chords.slice(-2) });

/** The name of the cadence; a Phrygian one is a half cadence too. */
export function solveCadenceName(given: CadenceNameGiven): readonly string[] {
  const kind = cadenceOf(given) ?? 'none';
  return kind === 'phrygian-half' ? [kind, 'half'] : [kind];
}

/** What a cadence adds: authentic and half ones are learnt first. */
export const cadenceWeight = (cadence: string | undefined): number =>
  cadence === 'authentic' || cadence === 'half' ? 0.6 : 0.9;

export const cadenceNameDifficulty = (given: CadenceNameGiven): DifficultyParts => ({
  cadence: cadenceWeight(cadenceOf(given)),
  ...writingDifficulty(keyIn(given), chordsIn(given.chords).flat()),
});
