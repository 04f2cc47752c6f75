import { notesFromBass, type Chord } from '../../chord/chord';
import { attempt, TheoryError } from '../../errors';
import { intervalBetween, printInterval } from '../../interval/interval';
import { printKey, type Key } from '../../key/key';
import type { Clef } from '../../key/scale';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { sameName, staffPosition, stackUp, type Note } from '../../pitch/note';
import { printNote, printNoteName } from '../../pitch/print';
import { namesOfNotes, QUALITIES, type ChordSize } from '../chordQualities';
import type { MapRow } from '../mapRows';
import { chordLine } from '../chordLine';
import { rising } from '../givenReading';
import type { GivenData } from '../question';
import type { Pinned } from './questions';
import { staffGiven, staffRange } from './staffWriting';

/** Questions of one kind made of what stands on a bench. */
export interface BenchQuestions {
  readonly kind: string;
  readonly questions: readonly Omit<Pinned, 'place'>[];
}

const plain = (kind: string, givens: readonly GivenData[]): BenchQuestions => ({
  kind,
  questions: givens.map((given) => ({ given })),
});

/** Intervals with their names, their upper notes or their inversions blank. Those without an inversion are left out. */
export function questionsFromIntervals(
  pairs: readonly (readonly [Note, Note])[],
  clef: Clef,
  key: Key,
  blank: 'name' | 'note' | 'inversion',
): BenchQuestions {
  const staff = staffGiven(clef, key);
  const all = pairs.map((pair) => {
    const [from, to] = rising(pair) as [Note, Note];
    return { from, to, interval: intervalBetween(from, to) };
  });
  if (blank === 'note')
    return plain(
      'interval-build',
      all.map(({ from, interval }) => ({
        ...staff,
        from: printNote(from),
        name: printInterval(interval),
        below: false,
      })),
    );
  const turned = blank === 'inversion';
  return plain(
    turned ? 'interval-invert' : 'interval-name',
    all
      .filter(({ interval }) => !turned || (interval.number > 1 && interval.number < 8))
      .map(({ from, to, interval }) => ({
        ...staff,
        from: printNote(from),
        to: printNote(to),
        ...(turned ? { name: printInterval(interval) } : {}),
      })),
  );
}

/** A chord to be named or built. Throws TheoryError `chord` for one whose quality no sheet asks for. */
export function questionsFromChord(
  chord: Chord,
  clef: Clef,
  key: Key,
  blank: 'name' | 'notes',
): BenchQuestions {
  const notes = notesFromBass(chord);
  const names = namesOfNotes(notes);
  // C E G A is what it was written as, whatever else it may be called.
  const name = names.find(({ root }) => sameName(root, chord.root)) ?? names[0];
  const family = name && FAMILIES.find((one) => QUALITIES[one].includes(name.quality));
  if (!family)
    throw new TheoryError(
      'chord',
      notes.map(printNoteName).join(' '),
      'sheets ask for triads, sevenths, sixths, ninths, an eleventh and a thirteenth in their usual forms.',
      'Choose such a chord.',
    );
  if (blank === 'notes') {
    const { root, quality, inversion } = name;
    return plain(`${family}-build`, [
      { ...staffGiven(clef, key), root: printNoteName(root), quality, inversion },
    ]);
  }
  return plain(`${family}-name`, [{ ...staffGiven(clef, key), notes: onStaff(notes, clef).map(printNote) }]);
}
const FAMILIES: readonly ChordSize[] = ['triad', 'seventh', 'extended'];

/** Names stacked upward in the octave in which they lie nearest the middle of the staff. */
function onStaff(names: ReturnType<typeof notesFromBass>, clef: Clef): readonly Note[] {
  const { low, high } = staffRange(clef, 0);
  const far = (notes: readonly Note[]) =>
    Math.abs((staffPosition(notes[0]!) + staffPosition(notes[notes.length - 1]!) - low - high) / 2);
  const ways = [1, 2, 3, 4, 5, 6].map((octave) => stackUp(names, { step: 0, alteration: 0, octave }));
  return ways.reduce((best, one) => (far(one) < far(best) ? one : best));
}

/**
 * A line of numerals in a key: to be labelled, or each of its chords to be built. Throws TheoryError `chord` where it
 * has no chords to ask for.
 */
export function questionsFromLine(
  key: Key,
  numerals: readonly string[],
  blank: 'labels' | 'notes',
): BenchQuestions {
  const readable = numerals.filter((text) => attempt(() => chordOfNumeral(parseNumeral(text, key), key)).ok);
  if (readable.length === 0)
    throw new TheoryError(
      'chord',
      numerals.join(' '),
      'there are no chords to ask for.',
      'Write some first.',
    );
  if (blank === 'notes')
    return plain(
      'numeral-build',
      [...new Set(readable)].map((numeral) => ({ key: printKey(key), numeral })),
    );
  const given = chordLine(key, readable);
  // The labels that stand are right, whatever else the chords might be called.
  return { kind: 'progression-label', questions: given ? [{ given, answers: [readable] }] : [] };
}

/** The map of a key with these rows blank. */
export function questionsFromMap(key: Key, stack: 5 | 7, blank: readonly MapRow[]): BenchQuestions {
  return plain('chord-map', [{ key: printKey(key), stack, blank }]);
}

/** Chords of a piece as they sound, lowest first, with the labels that were found or ruled. */
export function questionsFromPassage(
  key: Key,
  chords: readonly { readonly notes: readonly Note[]; readonly label: string }[],
): BenchQuestions {
  const given = {
    clef: 'grand',
    key: printKey(key),
    chords: chords.map(({ notes }) => rising(notes).map(printNote)),
  };
  return { kind: 'score-label', questions: [{ given, answers: [chords.map(({ label }) => label)] }] };
}
