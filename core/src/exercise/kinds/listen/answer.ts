import { INVERSION_WORDS } from '../../../chord/inversionNames';
import { type AnswerForm, part, textOf } from '../../answers/answerForm';
import { readInversion } from '../../answers/chordText';
import { intervalParts, readInterval } from '../../answers/intervalAnswer';
import { sameAnswer } from '../../answers/sameAnswer';
import { CADENCE_ENDS } from '../../cadenceEnds';
import type { ListenGiven } from './given';

const TRIADS = ['major', 'minor', 'diminished', 'augmented'];
const TURNS = [0, 1, 2].map((turned) => INVERSION_WORDS[turned]!);

/** The words from which one is chosen, where few can be right (common practice). */
export function heardChoices({ of }: ListenGiven): readonly string[] {
  if (of === 'triad') return TRIADS;
  if (of === 'inversion') return TURNS;
  return of === 'cadence' ? Object.keys(CADENCE_ENDS) : [];
}

/** What is heard: an interval, the quality of a chord, the number of an inversion, or a cadence. */
export const HEARD_ANSWER: AnswerForm<string | number, ListenGiven> = {
  name: 'heard',
  isAnswer: (value) => typeof value === 'string' || Number.isInteger(value),
  read(raw, { of }) {
    if (of === 'interval') return readInterval(textOf(raw));
    if (of === 'inversion') return readInversion(raw);
    return textOf(raw)
      .toLowerCase()
      .replace(/\b(?:cadence|triad)\b/g, '')
      .trim()
      .replace(/\s+/g, '-');
  },
  parts: (right, said) =>
    typeof right === 'string' && /^[PMmAd]+\d+$/.test(right)
      ? intervalParts(right, String(said))
      : [part('name', sameAnswer(right, said))],
  evenParts: true,
  typed: String,
};
