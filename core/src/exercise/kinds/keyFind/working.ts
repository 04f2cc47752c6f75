import { keyFromSignature, parseKey, relativeKey, signatureFifths } from '../../../key/key';
import { scaleOf, signatureNotes } from '../../../key/scale';
import type { ContextReading } from '../../../context/chordIn';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { sameName } from '../../../pitch/note';
import { labelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { cadenceWorking } from '../../cadenceWorking';
import { chordsIn } from '../../givenReading';
import type { KeyFindGiven } from './given';
import { keyFound } from './solve';

/** The evidence: the signature, the leading note of the minor key, and the cadence at the end. */
export function workingKeyFind(given: KeyFindGiven): readonly WorkingStep[] {
  const key = keyFound(given);
  const chords = chordsIn(given.chords);
  const keys = given.candidates.map((text) => parseKey(text));
  const major = keyFromSignature(signatureFifths(key), 'major');
  const minor = key.mode === 'minor' ? key : relativeKey(major);
  const leading = scaleOf(minor, 'harmonic')[6]!;
  const isThere = chords.flat().some((note) => sameName(note, leading));
  const line = chords.map((notes): ContextReading => {
    const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
    return { key, numeral, chord, reason: 'given', excess: 0 };
  });
  const first = Math.max(0, line.length - 2);
  return [
    { step: 'keys-of-signature', keys, notes: signatureNotes(major) },
    { step: 'leading-there', note: leading, key: minor, isThere },
    ...line.slice(first).map(({ numeral, chord }, at) => labelledStep(first + at + 1, numeral, chord, key)),
    ...cadenceWorking(line),
    { step: 'key-is', key },
  ];
}
