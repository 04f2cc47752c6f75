import { printMember } from '../chord/chord';
import type { ReadingReason } from '../chord/identify';
import { memberWord } from '../chord/inversionNames';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { RegisterCaution } from '../voicing/register';
import { displayNote } from '../pitch/print';
import type { Note } from '../pitch/note';

const signs = (text: string) => text.replaceAll('b', '♭').replaceAll('#', '♯');

/** Why a reading of a chord stands where it does, in a few words. */
export function readingReasonWords(reason: ReadingReason): string {
  switch (reason.kind) {
    case 'stack':
      return 'a whole stack of thirds';
    case 'root-lowest':
      return 'the root is lowest';
    case 'missing':
      return `without its ${reason.degrees.map((degree) => memberWord({ degree })).join(' and ')}`;
    case 'added':
      return `with ${reason.members.map((m) => signs(printMember(m))).join(' and ')} added`;
    case 'altered':
      return `with ${reason.members.map((m) => signs(printMember(m))).join(' and ')}`;
    case 'suspended':
      return 'the third suspended';
    case 'in-key':
      return reason.foreign === 0
        ? 'all notes in the key'
        : `${reason.foreign} ${reason.foreign === 1 ? 'note' : 'notes'} outside the key`;
    case 'respelled':
      return 'sounds the same, spelled anew';
  }
}

/** A caution about the register, as a teacher would say it. */
export function cautionWords(caution: RegisterCaution, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const name = (note: Note) => displayNote(note, school.letters);
  switch (caution.kind) {
    case 'thick':
      return `thick below: ${name(caution.lower)}–${name(caution.upper)}`;
    case 'thin':
      return `thin above: ${name(caution.lower)}–${name(caution.upper)}`;
    case 'high':
      return `very high: ${name(caution.note)}`;
    case 'low':
      return `very low: ${name(caution.note)}`;
  }
}
