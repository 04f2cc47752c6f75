import { inversionOf, makeChord, stackedNotes } from '../../../chord/chord';
import { turnedUp } from '../../../chord/turn';
import type { Note } from '../../../pitch/note';
import { printNote, printNoteName } from '../../../pitch/print';
import { inversionWorking, rootShortcuts } from '../../../working/chordWorking';
import type { Clef } from '../../../key/scale';
import { keyIn, notesIn, textIn } from '../../ask/given';
import { isOnStaff, ledgerDifficulty, rising, staffGiven, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { alsoIn } from '../../ask/also';
import { chordDifficulty, INVERSIONS_OF, rollChord, setOnStaff } from '../chordName/ask';
import { chordOfQuality, namesOfNotes, QUALITIES } from '../chordName/qualities';

/** The next inversion upward of what is given. */
const turned = (given: Given): Note[] => turnedUp(rising(notesIn(given)));

const TRIADS_AND_SEVENTHS = [...QUALITIES.triad, ...QUALITIES.seventh];

/** The note above the gap of a chord in close position, which is its root; none in root position (common practice). */
function aboveGap(notes: readonly Note[]): string | null {
  const name = namesOfNotes(notes)[0];
  return name && name.inversion > 0 ? printNoteName(name.root) : null;
}

/** A chord in close position; the next inversion is written above it, and the note above its gap named where asked. */
export const ASK_INVERSION_TURN: Asking = {
  id: 'inversion-turn',
  takes: ['keys', 'clefs', 'qualities', 'inversions', 'accidentals', 'ledgerLines', 'also'],
  usual: { qualities: QUALITIES.triad, inversions: [0, 1, 2], ledgerLines: 2 },
  qualities: TRIADS_AND_SEVENTHS,
  inversions: INVERSIONS_OF.triad,
  same: (given) => given['notes'],
  roll(dice, material) {
    const found = rollChord(dice, material);
    const notes = found && setOnStaff(dice, found.chord, found.clef, 'close', material.ledgerLines);
    if (!notes) return null;
    const given = { ...staffGiven(found.clef, found.key), notes: notes.map(printNote) };
    const next = turned(given);
    if (!next.every((note) => isOnStaff(note, found.clef, material.ledgerLines))) return null;
    if (!material.also) return given;
    return aboveGap(next) ? { ...given, also: 'note above the gap' } : null;
  },
  answers(given) {
    const notes = turned(given);
    return [[...notes.map(printNote), ...(alsoIn(given) ? [aboveGap(notes) ?? 'none'] : [])]];
  },
  difficulty(given) {
    const notes = rising(notesIn(given));
    const name = namesOfNotes(notes)[0];
    return {
      ...chordDifficulty(name?.quality ?? '', name?.inversion ?? 0, notes.length),
      ...writingDifficulty(keyIn(given), notes),
      ...ledgerDifficulty(turned(given), textIn(given, 'clef') as Clef),
    };
  },
  steps(given) {
    const notes = turned(given);
    const name = namesOfNotes(notes)[0];
    const chord = name && chordOfQuality(name.root, name.quality);
    if (!chord || inversionOf(chord) === null) return [];
    const lowest = stackedNotes(chord)[name.inversion];
    const inverted = makeChord(chord.root, chord.members, lowest);
    return [
      ...inversionWorking(inverted, null),
      ...(alsoIn(given) ? rootShortcuts(inverted).filter(({ step }) => step === 'above-gap') : []),
    ];
  },
};
