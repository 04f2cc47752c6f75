import { printNote, staffPlaceWords, type Clef, type Note } from '@diatonix/core';
import { layoutShown } from './shownQuestion';
import type { PupilQuestion } from './work';

/** What stands on the staff, for one who does not see it; where its name is asked for, the line or space. */
export function staffSaid(question: PupilQuestion): string {
  const layout = layoutShown(question);
  if (!layout) return '';
  const { clefs, fifths, staves } = layout.staff;
  const clef = clefs.length === 2 ? 'grand staff' : `${clefs[0]} clef`;
  const signs = `${Math.abs(fifths)} ${fifths > 0 ? 'sharp' : 'flat'}${Math.abs(fifths) === 1 ? '' : 's'}`;
  const signature = fifths === 0 ? 'no sharps or flats' : `${signs} in the signature`;
  const said = (note: Note) => (layout.namesAsked ? placeOf(note, clefs[0]!) : printNote(note));
  const marks = Array.isArray(layout.under) ? (layout.under as readonly (string | readonly string[])[]) : [];
  const moments = (staves[0] ?? []).map((_, at) => {
    const notes = [...staves]
      .reverse()
      .flatMap((own) => own[at]!)
      .map(said)
      .join(' ');
    const mark = [marks[at] ?? []].flat().join(' ');
    return [notes, mark].filter((one) => one !== '').join(' with ');
  });
  return [`${clef}, ${signature}`, moments.filter((one) => one !== '').join(', ')]
    .filter((one) => one !== '')
    .join(': ');
}

/** The line or space of a note, and the sign before it. */
function placeOf(note: Note, clef: Clef): string {
  const sign = note.alteration > 0 ? ', with a sharp' : note.alteration < 0 ? ', with a flat' : '';
  return `${staffPlaceWords(note, clef)}${sign}`;
}
