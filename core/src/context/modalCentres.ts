import { keyOf, keysHolding, type Key, type Mode } from '../key/key';
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

/**
 * The mode on a tonic that has every note of the chords; null where it is major, or no mode has them all. A third that
 * is raised in the last chord changes nothing, and in a Phrygian passage in none on its final.
 */
function modeOn(tonic: NoteName, chords: readonly ContextReading[]): ModalCentre['mode'] | null {
  const last = chords.length - 1;
  const known = modeOf(
    tonic,
    placesOf(tonic, chords, (at) => at === last),
  );
  if (known !== undefined) return known;
  return modeOf(
    tonic,
    placesOf(tonic, chords, () => true),
  ) === 'phrygian'
    ? 'phrygian'
    : null;
}

/** The places of the notes on the line of fifths, without the raised thirds of some chords on the tonic. */
function placesOf(
  tonic: NoteName,
  chords: readonly ContextReading[],
  isFree: (at: number) => boolean,
): number[] {
  return chords.flatMap(({ chord }, at) =>
    stackedNotes(chord)
      .filter((note) => !isFree(at) || !isRaisedThird(note, chord.root, tonic))
      .map(lineOfFifths),
  );
}

/** The mode that has all places; null for major, undefined where none has them. */
function modeOf(tonic: NoteName, places: readonly number[]): ModalCentre['mode'] | null | undefined {
  const fitting = keysHolding(tonic, places);
  // Where several modes have the notes, nothing tells one from major or minor.
  if (fitting.some(({ mode }) => mode === 'major')) return null;
  const natural = fitting.find(({ mode }) => mode === 'minor');
  if (natural) return 'aeolian';
  const [only] = fitting;
  return only?.mode === 'major' || only?.mode === 'minor' ? null : only?.mode;
}

/** The major third of a chord on the final. */
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
