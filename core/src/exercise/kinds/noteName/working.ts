import { nameUnderSignature, signatureAlteration } from '../../../key/scale';
import { signatureFifths } from '../../../key/key';
import { parseNote } from '../../../pitch/parse';
import type { WorkingStep } from '../../../working/step';
import { clefIn, keyIn, notesIn } from '../../givenReading';
import type { NoteNameGiven } from './given';

/** Its line or space in the clef, what changes it, and its octave. */
export function workingNoteName(given: NoteNameGiven): readonly WorkingStep[] {
  const note = parseNote(given.note);
  const key = keyIn({ key: given.key ?? 'C major' });
  const fifths = signatureFifths(key);
  const inBar = notesIn(given.earlier ?? [])
    .reverse()
    .find((one) => one.step === note.step && one.octave === note.octave);
  const signed = signatureAlteration(fifths, note.step);
  const held = inBar !== undefined && inBar.alteration === note.alteration && note.alteration !== signed;
  const own = nameUnderSignature(note, fifths).alteration !== 0 || note.alteration !== signed;
  const by = held ? 'bar' : own ? 'accidental' : note.alteration !== 0 ? 'signature' : 'nothing';
  return [
    { step: 'staff-place', note, clef: clefIn(given) },
    { step: 'sign-of-note', note, by, key },
    { step: 'note-is', note },
  ];
}
