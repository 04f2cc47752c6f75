import { keyFromSignature, relativeKey, signatureFifths, type Key } from '../key/key';
import { scaleOf, signatureNotes, type ScaleForm } from '../key/scale';
import type { WorkingStep } from './step';

/**
 * How the signature of a key is found (common practice). Major: a half step
 * under the tonic is the last sharp, or the tonic is the last flat but one.
 * Minor goes through its relative major, three half steps up, and raises its leading note besides.
 */
export function keyWorking(key: Key): WorkingStep[] {
  if (key.mode !== 'minor') return signatureWorking(key);
  const [natural, harmonic] = [scaleOf(key)[6]!, scaleOf(key, 'harmonic')[6]!];
  return [...signatureWorking(key), { step: 'raised-leading', note: harmonic, plain: natural, key }];
}

/** The steps to the signature alone. */
export function signatureWorking(key: Key): WorkingStep[] {
  const fifths = signatureFifths(key);
  if (key.mode === 'major') return majorSteps(key);
  if (key.mode !== 'minor') {
    const major = keyFromSignature(fifths, 'major');
    return [{ step: 'mode-of', key, major }, ...majorSteps(major)];
  }
  const relative = relativeKey(key);
  return [
    { step: 'relative-major', key, relative },
    ...majorSteps(relative),
    { step: 'same-signature', key, relative },
  ];
}

/** From a signature to its key: the major one by the last sign, and from it the other modes (common practice). */
export function keyBySignatureWorking(key: Key): WorkingStep[] {
  const major = keyFromSignature(signatureFifths(key), 'major');
  const steps: WorkingStep[] = [{ step: 'key-by-signs', major, notes: signatureNotes(major) }];
  if (key.mode === 'minor') steps.push({ step: 'relative-minor', key, major });
  else if (key.mode !== 'major') steps.push({ step: 'mode-on', key, major });
  return steps;
}

/** The notes of a scale: its signature, and in minor what the form raises. */
export function scaleWorking(key: Key, form: ScaleForm): WorkingStep[] {
  const steps = signatureWorking(key);
  const notes = scaleOf(key, form);
  if (key.mode === 'minor' && form !== 'natural') {
    const plain = scaleOf(key);
    steps.push({ step: 'raised-leading', note: notes[6]!, plain: plain[6]!, key });
    if (form === 'melodic') steps.push({ step: 'raised-sixth', note: notes[5]!, plain: plain[5]!, key });
  }
  return [...steps, { step: 'scale-notes', key, form, notes }];
}

function majorSteps(key: Key): WorkingStep[] {
  const fifths = signatureFifths(key);
  const notes = signatureNotes(key);
  if (fifths === 0) return [{ step: 'no-signature', key }];
  if (Math.abs(fifths) > 7) return [{ step: 'theoretical', key, notes }];
  if (fifths > 0) return [{ step: 'last-sharp', key, sharp: notes[notes.length - 1]!, notes }];
  if (fifths === -1) return [{ step: 'one-flat', key, flat: notes[0]! }];
  return [{ step: 'last-flat-but-one', key, last: notes[notes.length - 1]!, notes }];
}
