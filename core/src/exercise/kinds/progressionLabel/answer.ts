import { type AnswerForm, listOf } from '../../answers/answerForm';
import { LABELS_ANSWER, parseNumeralAnswer } from '../../answers/numeralAnswer';
import { parseWordAnswer } from '../../answers/wordAnswer';
import type { ProgressionLabelGiven } from './given';

/** A numeral for each chord, and after them the name of the cadence where that is asked for as well. */
export const PROGRESSION_ANSWER: AnswerForm<readonly string[], ProgressionLabelGiven> = {
  ...LABELS_ANSWER,
  read(raw, given, school) {
    const list = listOf(typeof raw === 'string' && given.also ? raw.replace(/\bcadence\b/i, '') : raw);
    const named = given.also !== undefined && list.length > given.chords.length;
    const labels = (named ? list.slice(0, -1) : list).map((text) => parseNumeralAnswer(text, given, school));
    return named ? [...labels, parseWordAnswer(list.at(-1))] : labels;
  },
};
