import { type CadenceKind, cadencesOf } from '../../../context/cadences';
import type { ContextReading } from '../../../context/chordIn';
import { attempt } from '../../../errors';
import type { Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { partMark, type AnswerForm } from '../../answers/answerForm';
import { LABELS_ANSWER, labelsAs } from '../../answers/numeralAnswer';
import { keyIn } from '../../givenReading';
import { CADENCE_ENDS } from '../../cadenceEnds';
import type { CadenceWriteGiven } from './given';

const oneOf = (...labels: readonly string[]) => new RegExp(`^(?:${labels.join('|')})$`);
const APPLIED = ['N6?', '(?:It|Fr|Ger)\\+?\\d*', '(?:V|viio|viiø)\\d*/V'];
/** What leads to the dominant of a half cadence in the textbooks (common practice). */
const TO_DOMINANT = {
  major: oneOf(
    ...[
      'I(?:6|64)?',
      'Cad64',
      'ii(?:o|ø)?(?:6|7|65|43|42)?',
      '(?:IV|iv)(?:6|7|maj7|65)?',
      'vi(?:6|7)?',
      'bVI',
    ],
    ...APPLIED,
  ),
  minor: oneOf(
    ...['i(?:6|64)?', 'Cad64', 'ii(?:o|ø)(?:6|7|65|43|42)?', '(?:IV|iv)(?:6|7|65)?', 'VI(?:6|maj7)?'],
    ...APPLIED,
  ),
};
/** Both chords of a deceptive cadence; of a plagal one the first. */
const DECEPTIVE = { from: /^V(?:7|6|65)?$/, major: /^(?:vi|bVI)$/, minor: /^VI$/ };
const PLAGAL = { major: /^(?:IV|iv)(?:6|7|maj7|65)?$/, minor: /^(?:IV|iv)(?:6|7|65)?$/ };
const TONIC = { major: /^I6?$/, minor: /^(?:i6?|I)$/ };
/** Dominants that close, with their inversions. */
const CLOSES = /^(?:V(?:6|64|7|65|43|42|9)?|vii(?:o|ø)(?:6|64|7|65|43)?)$/;

/** The numerals of a line as chords of the key; null where one cannot be read. */
function readings(labels: readonly string[], key: Key): ContextReading[] | null {
  const read = attempt(() =>
    labels.map((text): ContextReading => {
      const numeral = parseNumeral(text, key);
      return { key, numeral, chord: chordOfNumeral(numeral, key), reason: 'given', excess: 0 };
    }),
  );
  return read.ok ? read.value : null;
}

/** Whether numerals end with a cadence as a textbook would write it. */
function isCadence(kind: string, labels: readonly string[], key: Key): boolean {
  const [from = '', to = ''] = labels.slice(-2);
  const line = readings(labels, key);
  const { mode } = key;
  if (labels.length < 2 || !line || (mode !== 'major' && mode !== 'minor')) return false;
  const found: CadenceKind | undefined = cadencesOf(line, {})[0]?.kind;
  switch (kind) {
    case 'half':
      return to === 'V' && TO_DOMINANT[mode].test(from) && (found === 'half' || found === 'phrygian-half');
    case 'deceptive':
      return found === 'deceptive' && DECEPTIVE.from.test(from) && DECEPTIVE[mode].test(to);
    case 'plagal':
      return found === 'plagal' && PLAGAL[mode].test(from) && TONIC[mode].test(to);
    case 'authentic':
      // The seventh in the lowest voice goes down to the third of the tonic.
      if (found !== 'authentic' || !CLOSES.test(from) || !TONIC[mode].test(to)) return false;
      return from !== 'V42' || /6$/.test(to);
    default:
      return false;
  }
}

/** The numerals of a cadence: every pair that a textbook writes, after other chords of the key or alone. */
export const CADENCE_PAIR_ANSWER: AnswerForm<readonly string[], CadenceWriteGiven> = {
  ...LABELS_ANSWER,
  parts(right, said) {
    const own = labelsAs(right, said.slice(-2));
    return right.map((one, at) => partMark(`chord ${at + 1}`, one === own[at]));
  },
  isRight: (said, _right, given) =>
    Object.hasOwn(CADENCE_ENDS, given.cadence) && isCadence(given.cadence, said, keyIn(given)),
};
