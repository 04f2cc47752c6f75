import { cadencesOf } from '../../../context/cadences';
import type { ContextReading } from '../../../context/chordIn';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn } from '../../ask/given';
import { writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { ENDS } from './ends';
import { chordsIn, chordsGiven } from '../progressionLabel/chords';

function readings(given: Given): ContextReading[] {
  const key = keyIn(given);
  return chordsIn(given).map((notes) => {
    const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
    return { key, numeral, chord, reason: 'given', excess: 0 };
  });
}

const cadence = (given: Given): string | undefined => cadencesOf(readings(given), {})[0]?.kind;

/** The cadence with which a line of chords ends. */
export function cadenceAtEnd(given: Given): string | undefined {
  const chords = given['chords'] as readonly unknown[];
  return cadence({ ...given, chords: chords.slice(-2) });
}

/** The last two chords of a phrase on a grand staff; the cadence is named. */
export const ASK_CADENCE_NAME: Asking = {
  id: 'cadence-name',
  takes: ['keys', 'cadences'],
  usual: {},
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const kind = dice.pick(material.cadences);
    const given = chordsGiven(key, dice.pick(ENDS[kind]![key.mode]).split(' '));
    return given && cadence(given) === kind ? given : null;
  },
  answers: (given) => [cadence(given) ?? 'none'],
  difficulty: (given) => ({
    cadence: ['authentic', 'half'].includes(cadence(given) ?? '') ? 0.6 : 0.9,
    ...writingDifficulty(keyIn(given), chordsIn(given).flat()),
  }),
  steps: (given) => readings(given).flatMap(({ numeral, chord, key }) => numeralWorking(numeral, chord, key)),
};
