import { keysHolding, type Key } from '../../key/key';
import { lineOfFifths, sameName, type NoteName } from '../../pitch/note';
import type { ScoreNote, ScoreToRead } from '../model/scoreNote';
import type { Neighbours } from './melodic';
import type { ScoreReading } from './scoreReading';

/** So few chords are no piece. */
const LEAST_CHORDS = 4;
/** Over the final: its raised third and the leading note under it, as places on the line of fifths. */
const RAISED_THIRD = 4;
const LEADING_NOTE = 5;

/**
 * The mode of a piece: it begins and ends over its final, has the notes of one mode on it, and closes nowhere else
 * (common practice of modal music: final, range of notes, cadence tones). A raised third at the end and a leading note
 * that rises to the final change nothing, but that none of Mixolydian has one. Null where the piece is in major or
 * minor, or was read on its final already.
 */
export function modalKey(
  { notes, signatures }: ScoreToRead,
  neighbours: Neighbours,
  { slices, chords, keys, cadences }: ScoreReading,
): Key | null {
  const [first, last] = [slices[0], slices[slices.length - 1]];
  if (!first || !last || chords.length < LEAST_CHORDS || signatures.length > 1) return null;
  const final: NoteName = notes[last.sounding[0]!]!.note;
  if (!sameName(final, notes[first.sounding[0]!]!.note)) return null;
  if (keys.every(({ key }) => sameName(key.tonic, final))) return null;
  const closesElsewhere = cadences.some(
    ({ at, kind }) =>
      kind === 'authentic' && at < chords.length - 1 && !sameName(chords[at]!.chord.root, final),
  );
  return closesElsewhere ? null : modeOn(final, notes, neighbours, last.from);
}

function modeOn(
  final: NoteName,
  notes: readonly ScoreNote[],
  { after }: Neighbours,
  end: number,
): Key | null {
  const tonic = lineOfFifths(final);
  let leads = false;
  const places = new Set<number>();
  notes.forEach(({ note, onset }, at) => {
    const place = lineOfFifths(note);
    const next = after[at]! < 0 ? null : notes[after[at]!]!.note;
    const isLeading = place - tonic === LEADING_NOTE && next !== null && sameName(next, final);
    if (isLeading) leads = true;
    else if (onset < end || place - tonic !== RAISED_THIRD) places.add(place);
  });
  const fitting = keysHolding(final, places);
  if (fitting.some(({ mode }) => mode === 'major')) return null;
  const natural = fitting.find(({ mode }) => mode === 'minor');
  if (natural) return leads ? null : natural;
  const [only] = fitting;
  return only && !(leads && only.mode === 'mixolydian') ? only : null;
}
