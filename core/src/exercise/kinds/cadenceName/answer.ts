import { sameName } from '../../../pitch/note';
import { type AnswerForm, isText, partMark } from '../../answers/answerForm';
import { type CadenceThere, parseCadenceText } from '../../answers/cadenceText';
import { attempt } from '../../../errors';
import type { LabelStyle } from '../../../school/school';
import { chordsIn } from '../../givenReading';
import type { CadenceNameGiven } from './given';
import { cadenceOf, cadenceReadings } from './solve';

/**
 * The cadence that is there. A close is perfect with both chords in root position; where the tonic is not on top it
 * may be called imperfect as well (common practice).
 */
export function cadenceThere(given: CadenceNameGiven): CadenceThere | null {
  const read = attempt(() => {
    const kind = cadenceOf(given);
    const [from, to] = cadenceReadings(given).slice(-2);
    const rooted = [from, to].every((one) => one && sameName(one.chord.root, one.chord.bass));
    const top = chordsIn(given.chords).at(-1)?.at(-1);
    const onTonic = top !== undefined && to !== undefined && sameName(top, to.key.tonic);
    const leads = from?.numeral.degree === 5;
    const closes = !rooted || !leads ? (['imperfect'] as const) : onTonic ? (['perfect'] as const) : BOTH;
    return kind === undefined ? null : { kind, closes };
  });
  return read.ok ? read.value : null;
}
const BOTH = ['perfect', 'imperfect'] as const;

/** The name of the cadence with which chords end, in the words of any school. */
export const parseCadenceAnswer = (raw: unknown, given: CadenceNameGiven, style: LabelStyle): string =>
  parseCadenceText(raw, cadenceThere(given), style);

/** The name of a cadence. */
export const CADENCE_ANSWER: AnswerForm<string, CadenceNameGiven> = {
  name: 'word',
  isAnswer: isText,
  read: parseCadenceAnswer,
  parts: (right, said) => [partMark('answer', right === said)],
  typed: (answer) => answer,
};
