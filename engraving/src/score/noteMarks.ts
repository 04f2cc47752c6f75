import { numberOfMark, type NoteMark, type Score } from '@diatonix/core';
import type { StaveNote } from 'vexflow/bravura';
import type { VexFlow } from '../index';
import type { NotationPiece } from './pieces';

/** The dot of a staccato over and under a note (SMuFL U+E4A2, U+E4A3): the package takes the dot of lengths. */
const STACCATO = { over: '\uE4A2', under: '\uE4A3' };
/** Marks by the codes of the notation package. */
const ARTICULATIONS: Partial<Record<NoteMark, string>> = {
  tenuto: 'a-',
  accent: 'a>',
  marcato: 'a^',
};
const ORNAMENTS: Partial<Record<NoteMark, string>> = { trill: 'tr', mordent: 'mordent', turn: 'turn' };

/** The marks of all notes of a chord, each once. */
export const marksOf = ({ notes }: Score, { places }: NotationPiece): readonly NoteMark[] => [
  ...new Set(places.flatMap((place) => notes[place]!.marks ?? [])),
];

/** Puts the marks of playing on the first piece of a note: on the side of its head, where no stem is. */
export function addMarks(vexflow: VexFlow, note: StaveNote, score: Score, piece: NotationPiece): void {
  if (!piece.first) return;
  const { Articulation, Ornament, Stroke, Tremolo, ModifierPosition } = vexflow;
  for (const mark of marksOf(score, piece)) {
    const articulation = ARTICULATIONS[mark];
    const isOver = mark === 'marcato' || note.getStemDirection() < 0;
    const position = isOver ? ModifierPosition.ABOVE : ModifierPosition.BELOW;
    const ornament = ORNAMENTS[mark];
    const strokes = numberOfMark(mark, 'tremolo');
    if (mark === 'staccato')
      note.addModifier(
        new Articulation(isOver ? STACCATO.over : STACCATO.under).setBetweenLines().setPosition(position),
      );
    else if (articulation) note.addModifier(new Articulation(articulation).setPosition(position));
    else if (ornament) note.addModifier(new Ornament(ornament));
    else if (strokes !== null) note.addModifier(new Tremolo(strokes), 0);
    else if (mark === 'arpeggio') note.addStroke(0, new Stroke(Stroke.Type.ARPEGGIO_DIRECTIONLESS));
  }
}
