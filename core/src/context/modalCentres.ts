import { keyOf, MODES, signatureFifths, type Key, type Mode } from '../key/key';
import { stackedNotes } from '../chord/chord';
import { numeralsForChord } from '../label/numeralsFor';
import { lineOfFifths, sameName, type NoteName } from '../pitch/note';
import type { ContextReading } from './chordIn';

/** A mode that a passage may be heard in beside its nearest major or minor key. */
export interface ModalCentre {
  readonly from: number;
  /** The last chord of it. */
  readonly to: number;
  readonly tonic: NoteName;
  /** `aeolian` for the natural minor without its leading note. */
  readonly mode: Exclude<Mode, 'major' | 'minor'> | 'aeolian';
}

/** So few chords are no passage. */
const LEAST_CHORDS = 3;

/**
 * Modes beside major and minor: a passage that begins and ends on one root, or turns about it without ever
 * coming to the tonic of its key, and whose notes all lie in one signature, has its centre there (common
 * practice of modal music). Lydian, Dorian, Phrygian, Mixolydian, Locrian and Aeolian are offered; a passage
 * with a leading note to its centre is in major or minor.
 */
export function modalCentres(
  best: readonly ContextReading[],
  areas: readonly { readonly from: number; readonly key: Key }[],
): ModalCentre[] {
  return spansOf(best, areas).flatMap(({ from, to }) => {
    const chords = best.slice(from, to + 1);
    if (chords.length < LEAST_CHORDS) return [];
    const tonic = centreOf(chords);
    const mode = tonic && modeOn(tonic, chords);
    return mode ? [{ from, to, tonic, mode }] : [];
  });
}

/** The whole passage where it begins and ends alike, else every key area. */
function spansOf(
  best: readonly ContextReading[],
  areas: readonly { readonly from: number }[],
): { from: number; to: number }[] {
  const last = best.length - 1;
  if (last > 0 && sameName(best[0]!.chord.root, best[last]!.chord.root)) return [{ from: 0, to: last }];
  return areas.map(({ from }, i) => ({ from, to: (areas[i + 1]?.from ?? best.length) - 1 }));
}

function centreOf(chords: readonly ContextReading[]): NoteName | null {
  const first = chords[0]!.chord.root;
  const last = chords[chords.length - 1]!.chord.root;
  if (sameName(first, last)) return first;
  const key = chords[0]!.key;
  const often = chords.filter(({ chord }) => sameName(chord.root, first)).length;
  const home = chords.some(({ chord }) => sameName(chord.root, key.tonic));
  return !home && often >= 2 && 2 * often >= chords.length ? first : null;
}

/** The mode on a tonic that has every note of the chords; null where it is major, or no mode has them all. */
function modeOn(tonic: NoteName, chords: readonly ContextReading[]): ModalCentre['mode'] | null {
  const last = chords.length - 1;
  const places = chords.flatMap(({ chord }, at) =>
    stackedNotes(chord)
      // A raised third at the end changes nothing.
      .filter((note) => at < last || !isRaisedThird(note, chord.root, tonic))
      .map(lineOfFifths),
  );
  const [low, high] = [Math.min(...places), Math.max(...places)];
  const fitting = MODES.map((mode) => keyOf(tonic, mode)).filter((key) => {
    const fifths = signatureFifths(key);
    return low >= fifths - 1 && high <= fifths + 5;
  });
  // Where several modes have the notes, nothing tells one from major or minor.
  if (fitting.some(({ mode }) => mode === 'major')) return null;
  const natural = fitting.find(({ mode }) => mode === 'minor');
  if (natural) return 'aeolian';
  const [only] = fitting;
  return only && only.mode !== 'major' && only.mode !== 'minor' ? only.mode : null;
}

/** The major third of a last chord on the final. */
const isRaisedThird = (note: NoteName, root: NoteName, tonic: NoteName): boolean =>
  sameName(root, tonic) && lineOfFifths(note) - lineOfFifths(root) === 4;

/** How much dearer than the best a reading in a mode stands among the others. */
const BESIDE = 0.5;

/** The readings of a chord with its numeral in the mode, where that is another key than the best. */
export function withModes(
  readings: readonly (readonly ContextReading[])[],
  centres: readonly ModalCentre[],
): readonly (readonly ContextReading[])[] {
  if (centres.length === 0) return readings;
  return readings.map((list, at) => {
    const centre = centres.find(({ from, to }) => at >= from && at <= to);
    if (!centre || centre.mode === 'aeolian') return list;
    const key = keyOf(centre.tonic, centre.mode);
    const chord = list[0]!.chord;
    const numeral = numeralsForChord(chord, key)[0]?.numeral;
    if (!numeral) return list;
    return [list[0]!, { key, numeral, chord, reason: 'modal', excess: BESIDE }, ...list.slice(1)];
  });
}
