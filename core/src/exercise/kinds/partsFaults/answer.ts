import type { Fault } from '../../../voicing/rules';
import {
  type AnswerForm,
  type PartMark,
  isRecord,
  partMark,
  recordOf,
  shown,
  unread,
} from '../../answers/answerForm';
import { parseFaults, rulesSaid } from './faultText';
import type { PartsFaultsGiven } from './given';
import { faultsOf } from './solve';

/** A fault as it is answered: the chord in which it is heard, counted from 1, and the rule. */
export interface FaultAnswer {
  readonly at: number;
  readonly rule: string;
  readonly voices?: Fault['voices'];
}

const WANTED = [
  'these are not faults.',
  'Write the number of the chord and what is wrong there: 3 parallel fifths.',
] as const;

const sameVoices = (a: FaultAnswer['voices'], b: FaultAnswer['voices']) =>
  !a || !b || [...a].sort().join() === [...b].sort().join();

const isSame = (a: FaultAnswer, b: FaultAnswer) =>
  a.at === b.at && a.rule === b.rule && sameVoices(a.voices, b.voices);

/**
 * What was said of each fault that is there: every fault is named by itself, and one that names its voices goes to its
 * own first. What is left over names nothing that is there.
 */
function matched(right: readonly FaultAnswer[], said: readonly FaultAnswer[]) {
  const left = [...said].sort((a, b) => (b.voices?.length ?? 0) - (a.voices?.length ?? 0));
  const parts = right.map((fault): PartMark => {
    const at = left.findIndex((one) => isSame(one, fault));
    if (at >= 0) left.splice(at, 1);
    return partMark(`chord ${fault.at}, ${fault.rule}`, at >= 0);
  });
  // One named twice, and one whose voices are not the right ones, is no fault invented.
  const off = left.filter((one) => !right.some(({ at, rule }) => at === one.at && rule === one.rule)).length;
  return { parts, off };
}

/** Faults that were found, and those that were not: what is named and is none takes a mark off. */
export const FAULTS_ANSWER: AnswerForm<readonly FaultAnswer[], PartsFaultsGiven> = {
  name: 'faults',
  isAnswer: (value) =>
    Array.isArray(value) &&
    value.every((one) => isRecord(one) && Number.isInteger(one['at']) && typeof one['rule'] === 'string'),
  read(raw, given) {
    if (typeof raw === 'string') return parseFaults(raw, faultsOf(given));
    if (!Array.isArray(raw)) throw unread(raw, ...WANTED);
    return raw.map((one) => {
      const { at, rule } = recordOf(one);
      return { at: typeof at === 'number' ? at : NaN, rule: rulesSaid(shown(rule))[0] ?? shown(rule) };
    });
  },
  parts: (right, said) => matched(right, said).parts,
  judge: (said, rights) => matched(rights[0] ?? [], said),
  typed: (answer) => answer.map(({ at, rule }) => `${at}: ${rule}`).join('; '),
};
