import { keyFromSignature, relativeKey, signatureFifths, type Key } from '../key/key';
import { scaleOf, signatureNotes } from '../key/scale';
import type { WorkingStep } from './step';

/**
 * How the signature of a key is found (common practice). Major: a half step
 * under the tonic is the last sharp, or the tonic is the last flat but one.
 * Minor goes through its relative major, three half steps up.
 */
export function keyWorking(key: Key): WorkingStep[] {
  const fifths = signatureFifths(key);
  if (key.mode === 'major') return majorSteps(key);
  if (key.mode !== 'minor') {
    const major = keyFromSignature(fifths, 'major');
    return [{ step: 'mode-of', key, major }, ...majorSteps(major)];
  }
  const relative = relativeKey(key);
  const [natural, harmonic] = [scaleOf(key)[6]!, scaleOf(key, 'harmonic')[6]!];
  return [
    { step: 'relative-major', key, relative },
    ...majorSteps(relative),
    { step: 'same-signature', key, relative },
    { step: 'raised-leading', note: harmonic, plain: natural, key },
  ];
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
