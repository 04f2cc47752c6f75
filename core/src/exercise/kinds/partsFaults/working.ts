import { VOICES } from '../../../voicing/register';
import type { WorkingStep } from '../../../working/step';
import type { PartsFaultsGiven } from './given';
import { faultsOf, settingGiven } from './solve';

/** Faults that lie in one chord alone. */
const IN_ONE_CHORD = ['range', 'crossing', 'spacing', 'doubled-leading-note', 'missing-third', 'doubling'];

/** Each fault: its chord, its voices and how they go, and the rule. */
export function workingPartsFaults(given: PartsFaultsGiven): readonly WorkingStep[] {
  const setting = settingGiven(given);
  return faultsOf(given).map(({ at, rule, voices }) => ({
    step: 'fault',
    at: at + 1,
    rule,
    moves: (rule === 'missing-third' ? [] : voices).map((voice) => {
      const place = VOICES.indexOf(voice);
      const from = IN_ONE_CHORD.includes(rule) ? null : (setting[at - 1]?.[place] ?? null);
      return { voice, from, to: setting[at]![place]! };
    }),
  }));
}
