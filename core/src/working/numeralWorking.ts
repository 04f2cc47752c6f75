import { notesFromBass, stackedNotes, type Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { nameAbove } from '../interval/interval';
import type { Key } from '../key/key';
import { degreeOf, scaleOf } from '../key/scale';
import { localKey, rootOf, type Numeral } from '../label/numeral';
import { sameName, type NoteName } from '../pitch/note';
import { inversionWorking } from './chordWorking';
import type { WorkingStep } from './step';

const UNTURNED = new Set<Numeral['special']>(['It', 'Fr', 'Ger', 'Cad', 'CT']);

/** The notes of a numeral, as a working says them last: from the lowest note up. */
export const spelledStep = (numeral: Numeral, chord: Chord, key: Key): WorkingStep => ({
  step: 'spelled',
  numeral,
  key,
  notes: notesFromBass(chord),
});

/** One chord of a line with its label, counted from 1: its notes stacked, what lies lowest, and the numeral. */
export const labelledStep = (at: number, numeral: Numeral, chord: Chord, key: Key): WorkingStep => ({
  step: 'labelled',
  at,
  numeral,
  key,
  notes: stackedNotes(chord),
  lowest: chord.bass,
});

/**
 * The working for a numeral: the root's degree and the quality, or for an
 * applied chord the foreign note that leads to the target, or the dominant a
 * fifth above it; then the inversion, and the numeral itself.
 */
export function numeralWorking(numeral: Numeral, chord: Chord, key: Key): WorkingStep[] {
  const steps: WorkingStep[] = [];
  if (numeral.target) steps.push(...appliedSteps(numeral, chord, key));
  else if (numeral.special) steps.push({ step: 'special', numeral, root: chord.root, key });
  else {
    const { degree, alteration } = degreeOf(key, chord.root);
    steps.push({ step: 'degree-of-root', root: chord.root, degree, alteration, key });
    for (const note of foreignTo(key, chord)) steps.push({ step: 'foreign-note', note, key });
  }
  // An augmented sixth and a chord over the dominant's bass are not turned: they stand as they are.
  if (!UNTURNED.has(numeral.special)) steps.push(...inversionWorking(chord, key));
  steps.push({ step: 'named', numeral, key });
  return steps;
}

function appliedSteps(numeral: Numeral, chord: Chord, key: Key): WorkingStep[] {
  const target = numeral.target!;
  const tonic = rootOf(target, key);
  const steps: WorkingStep[] = [];
  const leading = stackedNotes(chord).find((note) =>
    sameName(nameAbove(note, { number: 2, deviation: -1 }), tonic),
  );
  for (const note of foreignTo(key, chord))
    if (!leading || !sameName(note, leading)) steps.push({ step: 'foreign-note', note, key });
  if (leading) {
    if (foreignTo(key, chord).some((note) => sameName(note, leading)))
      steps.unshift({ step: 'foreign-note', note: leading, key });
    steps.push({ step: 'leads-to', note: leading, target: tonic, targetNumeral: target, key });
  }
  const { triad } = describe(numeral.members);
  if (numeral.degree === 5 && triad !== 'diminished' && !numeral.special)
    steps.push({ step: 'dominant-of', root: chord.root, target: tonic, targetNumeral: target, key });
  else steps.push({ step: 'local-key', target, local: localKey(numeral, key), key });
  return steps;
}

/** Notes of the chord outside the key's signature and, in minor, outside its raised 6 and 7. */
function foreignTo(key: Key, chord: Chord): NoteName[] {
  const scales = key.mode === 'minor' ? [scaleOf(key), scaleOf(key, 'melodic')] : [scaleOf(key)];
  return stackedNotes(chord).filter(
    (note) => !scales.some((scale) => scale.some((other) => sameName(other, note))),
  );
}
