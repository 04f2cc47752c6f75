import { chordOfNumeral } from '../label/numeral';
import { isMinorTarget, dominantOf, type WorkedBackChord } from '../context/workBack';
import type { Key } from '../key/key';
import type { WorkingStep } from './step';

/** How a sought chord is worked back: from the target to its V, and from the V to its ii (docs/conventions.md). */
export function workBackWorking({ role, numeral, target }: WorkedBackChord, key: Key): WorkingStep[] {
  const goal = chordOfNumeral(target, key).root;
  const root = chordOfNumeral(numeral, key).root;
  const arrow: WorkingStep = { step: 'arrow-to', target: goal, targetNumeral: target, key };
  const named: WorkingStep = { step: 'named', numeral, key };
  if (role === 'V') return [arrow, { step: 'fifth-above', root, of: goal }, named];
  const dominant = dominantOf(target, key);
  const fifth = dominant.kind === 'found' ? chordOfNumeral(dominant.numeral, key).root : goal;
  return [
    arrow,
    { step: 'fifth-above', root: fifth, of: goal },
    { step: 'bracket-back', root, of: fifth, minor: isMinorTarget(target) },
    named,
  ];
}
