import type { SolfegeSystem } from '../school/school';
import type { NoteName } from '../pitch/note';
import { isMinorLike, keyFromSignature, signatureFifths, type Key } from './key';
import { degreeOf } from './scale';

const PLAIN = ['do', 're', 'mi', 'fa', 'sol', 'la', 'ti'];
const RAISED = ['di', 'ri', 'mi♯', 'fi', 'si', 'li', 'ti♯'];
const LOWERED = ['do♭', 'ra', 'me', 'fa♭', 'se', 'le', 'te'];

/** The movable-do syllable of a note in a key (common practice). */
export function solfegeOf(key: Key, name: NoteName, system: SolfegeSystem): string {
  const fromLa = system === 'la-minor' && isMinorLike(key.mode);
  const reference: Key = fromLa
    ? keyFromSignature(signatureFifths(key), 'major')
    : { tonic: key.tonic, mode: 'major' };
  const { degree, alteration } = degreeOf(reference, name);
  const row = alteration === 0 ? PLAIN : alteration === 1 ? RAISED : alteration === -1 ? LOWERED : undefined;
  return row ? row[degree - 1]! : PLAIN[degree - 1]! + (alteration > 0 ? '𝄪' : '𝄫');
}
