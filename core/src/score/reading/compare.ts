import { notesFromBass, type Chord } from '../../chord/chord';
import { attempt } from '../../errors';
import { parseKey, sameKey, type Key } from '../../key/key';
import { chordOfNumeral, type Numeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import type { LineColumn } from '../../line/column';
import { lineOfFifths, sameName } from '../../pitch/note';
import { ticksOfColumn } from '../../time/bars';
import { parseLength } from '../../time/length';
import type { ScoreToRead } from '../model/scoreNote';
import type { ScoreReading } from './scoreReading';

/** Somebody's label over a score: when, and what it says. */
export interface TheirLabel {
  readonly from: number;
  readonly to: number;
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
}

/** What differs over some time: the key, the chord, or only the lowest note. */
export interface Difference {
  readonly from: number;
  readonly to: number;
  /** Places in the list of labels, and of the chords of the reading. */
  readonly theirs: number;
  readonly ours: number;
  readonly what: 'key' | 'chord' | 'inversion';
  /** How much worse the whole fits with theirs; null where it is not among the readings. */
  readonly excess: number | null;
}

/** Shares of the time that both label, 0–1, and what differs, in order. */
export interface Comparison {
  readonly full: number;
  readonly chord: number;
  readonly key: number;
  readonly differences: readonly Difference[];
}

/** A line of labels as it lies over a score; columns without a numeral that can be read are left out. */
export function labelsOfLine(
  line: { readonly key: Key; readonly upbeat: string; readonly columns: readonly LineColumn[] },
  { bars }: Pick<ScoreToRead, 'bars'>,
): TheirLabel[] {
  // Both count from the first bar, to which their upbeats lead.
  const [first] = bars;
  const upbeat = first && first.number === 0 ? first.to - first.from : 0;
  let at = upbeat - (line.upbeat === '0' ? 0 : parseLength(line.upbeat));
  let key = line.key;
  return line.columns.flatMap((column): TheirLabel[] => {
    const said = column.key === undefined ? null : attempt(() => parseKey(column.key!));
    if (said?.ok) key = said.value;
    const from = at;
    at += ticksOfColumn(column);
    const { entry } = column;
    if (entry.kind !== 'numeral') return [];
    const own = key;
    const read = attempt(() => {
      const numeral = parseNumeral(entry.text, own);
      return { numeral, chord: chordOfNumeral(numeral, own) };
    });
    return read.ok ? [{ from, to: at, key: own, ...read.value }] : [];
  });
}

/** Lays labels over a reading: how far they agree, and where they do not. */
export function compareLabels(labels: readonly TheirLabel[], { chords }: ScoreReading): Comparison {
  let [total, full, chord, key] = [0, 0, 0, 0];
  const differences: Difference[] = [];
  let first = 0;
  labels.forEach((label, theirs) => {
    while (chords[first] && chords[first]!.to <= label.from) first++;
    for (let ours = first; chords[ours] && chords[ours]!.from < label.to; ours++) {
      const one = chords[ours]!;
      const [from, to] = [Math.max(one.from, label.from), Math.min(one.to, label.to)];
      const inKey = sameKey(one.key, label.key);
      const notes = sameNotes(one.chord, label.chord);
      const bass = sameName(one.chord.bass, label.chord.bass);
      total += to - from;
      if (inKey) key += to - from;
      if (notes && bass) chord += to - from;
      if (inKey && notes && bass) {
        full += to - from;
        continue;
      }
      const shown = one.readings.find(
        (reading) =>
          sameKey(reading.key, label.key) &&
          sameNotes(reading.chord, label.chord) &&
          sameName(reading.chord.bass, label.chord.bass),
      );
      const what = !notes ? 'chord' : !bass ? 'inversion' : 'key';
      differences.push({ from, to, theirs, ours, what, excess: shown ? shown.excess : null });
    }
  });
  const share = (part: number) => (total === 0 ? 0 : part / total);
  return { full: share(full), chord: share(chord), key: share(key), differences };
}

function sameNotes(a: Chord, b: Chord): boolean {
  const places = (chord: Chord) => new Set(notesFromBass(chord).map(lineOfFifths));
  const [own, other] = [places(a), places(b)];
  return own.size === other.size && [...own].every((place) => other.has(place));
}
