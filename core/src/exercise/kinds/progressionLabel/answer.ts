import { type AnswerForm, listOf } from '../../answers/answerForm';
import { LABELS_ANSWER, labelsTyped, parseNumeralAnswer } from '../../answers/numeralAnswer';
import { keyTextAt } from '../../givenReading';
import { parseCadenceAnswer } from '../cadenceName/answer';
import type { CadenceNameGiven } from '../cadenceName/given';
import type { ProgressionLabelGiven } from './given';
import { lastKey } from './solve';

/** The last two chords, whose cadence is asked for. */
export const cadenceGiven = (given: ProgressionLabelGiven): CadenceNameGiven => ({
  key: lastKey(given),
  chords: given.chords.slice(-2),
});

/** What begins as a label or figures do, and not as a word. */
const LABEL =
  /^\(?[b#♭♯]*(?:\d|[°ºø+]|[IViv]+(?:[oø°º+]|maj|m(?![a-z])|(?![A-Za-z]))|N|It|Fr|Ger|Cad|CT|sub)/;

/** The labels that were typed, and the words after them together: the name of a cadence may be several. */
function divided(raw: string, { also, chords }: ProgressionLabelGiven): string[] {
  const pieces = also === undefined ? [] : [...raw.matchAll(/[^\s,;:]+/g)];
  const words = pieces.find(([one]) => !LABEL.test(one));
  if (!words) return labelsTyped(raw, chords.length);
  return [
    ...labelsTyped(raw.slice(0, words.index), chords.length),
    raw.slice(words.index).replace(/[()]/g, ''),
  ];
}

/** A numeral for each chord, and after them the name of the cadence where that is asked for as well. */
export const PROGRESSION_ANSWER: AnswerForm<readonly string[], ProgressionLabelGiven> = {
  ...LABELS_ANSWER,
  read(raw, given, school) {
    const list = typeof raw === 'string' ? divided(raw, given) : listOf(raw);
    const named = given.also !== undefined && list.length > given.chords.length;
    const labels = labelsTyped(named ? list.slice(0, -1) : list, given.chords.length).map((text, at) =>
      parseNumeralAnswer(text, { key: keyTextAt(given, at) }, school),
    );
    return named ? [...labels, parseCadenceAnswer(list.at(-1), cadenceGiven(given), school)] : labels;
  },
};
