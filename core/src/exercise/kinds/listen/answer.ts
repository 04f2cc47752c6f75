import { INVERSION_WORDS } from '../../../chord/inversionNames';
import { type AnswerForm, partMark, textOf } from '../../answers/answerForm';
import { parseInversion } from '../../answers/chordText';
import { intervalParts, parseIntervalAnswer } from '../../answers/intervalAnswer';
import { sameAnswer } from '../../answers/sameAnswer';
import { CADENCE_ENDS } from '../../cadenceEnds';
import { parseCadenceAnswer } from '../cadenceName/answer';
import type { ListenGiven } from './given';
import { asCadence } from './solve';

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
  read(raw, given, style) {
    const { of } = given;
    if (of === 'interval') return parseIntervalAnswer(textOf(raw));
    if (of === 'inversion') return parseInversion(raw);
    if (of === 'cadence') return parseCadenceAnswer(raw, asCadence(given), style);
    return textOf(raw)
      .toLowerCase()
      .replace(/\b(?:triad|chord)\b/g, '')
      .trim()
      .replace(/\s+/g, '-');
  },
  parts: (right, said) =>
    typeof right === 'string' && /^[PMmAd]+\d+$/.test(right)
      ? intervalParts(right, String(said))
      : [partMark('name', sameAnswer(right, said))],
  typed: String,
};
