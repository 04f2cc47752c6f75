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
import type { PartsFaultsGiven } from './given';

/** A fault as it is answered: the chord in which it is heard, counted from 1, and the rule. */
export interface FaultAnswer {
  readonly at: number;
  readonly rule: string;
  readonly voices?: Fault['voices'];
}

const WANTED = ['these are not faults.', 'Write the chord and the rule: 3 parallel fifths.'] as const;

/** Faults typed one after the other: `3 parallel fifths; 4: crossing`. */
const typedFaults = (raw: string): FaultAnswer[] =>
  raw.split(/[;,]/).map((one) => {
    const [at = '', ...rule] = one.trim().split(/[:\s]+/);
    if (!/^\d+$/.test(at) || rule.length === 0) throw unread(one.trim(), ...WANTED);
    return { at: Number(at), rule: rule.join('-') };
  });

const isSame = (a: FaultAnswer, b: FaultAnswer) => a.at === b.at && a.rule === b.rule;

const partsOf = (right: readonly FaultAnswer[], said: readonly FaultAnswer[]): PartMark[] =>
  right.map((fault) =>
    partMark(
      `chord ${fault.at}, ${fault.rule}`,
      said.some((one) => isSame(one, fault)),
    ),
  );

/** Faults that were found, and those that were not: what is named and is none takes a mark off. */
export const FAULTS_ANSWER: AnswerForm<readonly FaultAnswer[], PartsFaultsGiven> = {
  name: 'faults',
  isAnswer: (value) =>
    Array.isArray(value) &&
    value.every((one) => isRecord(one) && Number.isInteger(one['at']) && typeof one['rule'] === 'string'),
  read(raw) {
    if (typeof raw === 'string') return typedFaults(raw);
    if (!Array.isArray(raw)) throw unread(raw, ...WANTED);
    return raw.map((one) => {
      const { at, rule } = recordOf(one);
      return { at: typeof at === 'number' ? at : NaN, rule: shown(rule) };
    });
  },
  parts: partsOf,
  judge(said, rights) {
    const right = rights[0] ?? [];
    const off = said.filter((one) => !right.some((fault) => isSame(one, fault))).length;
    return { parts: partsOf(right, said), off };
  },
  typed: (answer) => answer.map(({ at, rule }) => `${at}: ${rule}`).join('; '),
};
