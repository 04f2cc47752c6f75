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
import { chordLineInKeys, type KeyedNumeral } from '../chordLine';
import { keysGiven, rising } from '../givenReading';
import type { GivenData } from '../question';
import type { Pinned } from './questions';
import { staffGiven, staffRange } from './staffWriting';

/** Questions of one kind made of what stands on a bench. */
export interface BenchQuestions {
  readonly kind: string;
  readonly questions: readonly Omit<Pinned, 'place'>[];
  /** What was not taken, in words. */
  readonly left?: readonly string[];
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
  const isTurned = ({ interval }: (typeof all)[number]) => interval.number > 1 && interval.number < 8;
  const asked = turned ? all.filter(isTurned) : all;
  return {
    ...plain(
      turned ? 'interval-invert' : 'interval-name',
      asked.map(({ from, to, interval }) => ({
        ...staff,
        from: printNote(from),
        to: printNote(to),
        ...(turned ? { name: printInterval(interval) } : {}),
      })),
    ),
    left: all
      .filter((one) => !asked.includes(one))
      .map(({ from, to }) => `${printNote(from)}–${printNote(to)}, which has no inversion within an octave`),
  };
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

/** So many chords stand side by side on a page. */
const SIDE_BY_SIDE = 10;

/**
 * A line of numerals, each in its key: to be labelled, or each of its chords to be built. A long line is divided into
 * questions of nearly one length. Throws TheoryError `chord` where it has no chords to ask for.
 */
export function questionsFromLine(line: readonly KeyedNumeral[], blank: 'labels' | 'notes'): BenchQuestions {
  const isReadable = ({ key, numeral }: KeyedNumeral) =>
    attempt(() => chordOfNumeral(parseNumeral(numeral, key), key)).ok;
  const readable = line.filter(isReadable);
  if (readable.length === 0)
    throw new TheoryError(
      'chord',
      line.map(({ numeral }) => numeral).join(' '),
      'there are no chords to ask for.',
      'Write some first.',
    );
  const left = line.filter((one) => !isReadable(one)).map(({ numeral }) => `“${numeral}”`);
  if (blank === 'notes') {
    const asked = readable.map(({ key, numeral }) => ({ key: printKey(key), numeral }));
    const once = new Map(asked.map((one) => [`${one.key} ${one.numeral}`, one]));
    const again = asked.length - once.size;
    return {
      ...plain('numeral-build', [...once.values()]),
      left: [...left, ...(again > 0 ? [`${again} that come${again === 1 ? 's' : ''} again`] : [])],
    };
  }
  const questions = inPieces(readable).flatMap((piece) => {
    const given = chordLineInKeys(piece);
    // The labels that stand are right, whatever else the chords might be called.
    return given ? [{ given, answers: [piece.map(({ numeral }) => numeral)] }] : [];
  });
  return { kind: 'progression-label', questions, left };
}

/** A line in as few pieces as stand side by side, the longer ones first. */
function inPieces<One>(line: readonly One[]): (readonly One[])[] {
  const count = Math.ceil(line.length / SIDE_BY_SIDE);
  const size = Math.ceil(line.length / count);
  return Array.from({ length: count }, (_, at) => line.slice(at * size, (at + 1) * size));
}

/** The map of a key with these rows blank. */
export function questionsFromMap(key: Key, stack: 5 | 7, blank: readonly MapRow[]): BenchQuestions {
  return plain('chord-map', [{ key: printKey(key), stack, blank }]);
}

/** A chord of a piece as it sounds, with the label that was found or ruled, in its key. */
export interface SoundingLabel {
  readonly notes: readonly Note[];
  readonly label: string;
  readonly key: Key;
}

/** Chords of a piece, to be labelled; a long passage is divided. */
export function questionsFromPassage(chords: readonly SoundingLabel[]): BenchQuestions {
  const questions = inPieces(chords).map((piece) => {
    const given = {
      clef: 'grand',
      ...keysGiven(piece),
      chords: piece.map(({ notes }) => rising(notes).map(printNote)),
    };
    return { given, answers: [piece.map(({ label }) => label)] };
  });
  return { kind: 'score-label', questions };
}
