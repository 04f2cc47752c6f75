import { printSymbol } from '../../chord/symbolPrint';
import { sameChord, type Chord } from '../../chord/chord';
import { attempt } from '../../errors';
import { printKey, sameKey, type Key } from '../../key/key';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { midiNumber, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { parseMetre, USUAL_METRE, barTicks } from '../../time/metre';
import { printLength, USUAL_TICKS } from '../../time/length';
import { readEntry, type Entry } from '../../line/entry';
import { settingsOfChords } from '../../voicing/lineSettings';
import type { LineColumn } from '../../line/column';
import { counted, PLAIN_LINE, type Carried, type LineFile } from '../lineFile';
import { readMusicXml } from './read';
import { type ScoreIn, type TimedNote } from './scoreIn';

/** What sounds from one onset to the next. */
export interface Moment {
  readonly onset: number;
  readonly end: number;
  readonly key: Key;
  readonly label: Entry | null;
  readonly sounding: readonly TimedNote[];
}

/**
 * Reads MusicXML as a line of chords: one column an onset, as long as until the
 * next. A label is the entry where the notes are the ones it would be set to, or
 * four single voices; elsewhere the notes are. Throws TheoryError `musicxml`.
 */
export function readMusicXmlLine(text: string): Carried<LineFile> {
  const score = readMusicXml(text);
  const moments = momentsOf(score);
  const kept = moments
    .filter((moment) => moment.label !== null || readIn(notesEntry(moment.sounding), moment.key) !== null)
    // What is passed over leaves its time to the chord before it.
    .map((moment, at, all): Moment => ({
      ...moment,
      end: all[at + 1]?.onset ?? moments[moments.length - 1]!.end,
    }));
  const unread = moments.length - kept.length;
  const voices = fourVoices(kept);
  const labels = kept.map(({ label, sounding }) => label ?? notesEntry(sounding));
  const settings = settingsOfChords(kept.map(({ key }, at) => readEntry(labels[at]!, key)));
  const timed = isTimed(score, kept);
  let key = score.keys[0]!.key;
  const columns = kept.map((moment, at): LineColumn => {
    const label = labels[at]!;
    const { onset, end, sounding } = moment;
    const same = sameNotes([...settings[at]!.lower, ...settings[at]!.upper], sounding);
    const entry =
      (voices && moment.label) ||
      same ||
      sounding.length === 0 ||
      readIn(notesEntry(sounding), moment.key) === null
        ? label
        : notesEntry(sounding);
    const keyBegins = !sameKey(moment.key, key);
    key = moment.key;
    const melody = score.melody
      .filter((note) => note.onset >= onset && note.onset < end)
      .map(({ note }) => printNote(note));
    return {
      entry,
      ...(voices ? { locks: voices[at]!.map(printNote) } : {}),
      ...(keyBegins ? { key: printKey(key) } : {}),
      ...(timed ? { length: printLength(end - onset) } : {}),
      ...(timed && score.repeatStarts.has(onset) ? { repeatStart: true } : {}),
      ...(timed && score.repeatEnds.has(end) ? { repeatEnd: true } : {}),
      ...(score.fermatas.has(onset) ? { phraseEnd: true } : {}),
      ...(score.words.has(onset) ? { words: score.words.get(onset)! } : {}),
      ...(melody.length > 0 ? { melody } : {}),
    };
  });
  const remarks =
    unread === 0
      ? []
      : [
          `${counted(unread, 'moment', 'moments')} with fewer than two different notes ${unread === 1 ? 'was' : 'were'} passed over.`,
        ];
  const { title, source, tempo, metre, keys } = score;
  const pickup = upbeatOf(score, kept[0]?.onset ?? 0);
  const line: LineFile = {
    title,
    source,
    key: keys[0]!.key,
    tempo: tempo ?? PLAIN_LINE.tempo,
    metre,
    pickup: pickup === 0 ? '0' : printLength(pickup),
    columns,
  };
  return { value: line, remarks: [...score.remarks, ...remarks] };
}

/** Ticks from the first chord to the first full bar. */
function upbeatOf({ metre, pickup }: ScoreIn, first: number): number {
  const bar = barTicks(parseMetre(metre));
  const within = (((first - pickup) % bar) + bar) % bar;
  return within === 0 ? 0 : bar - within;
}

/** Whether anything is said of time: in the usual metre a half note each needs no words. */
function isTimed({ metre, repeatStarts, repeatEnds, pickup }: ScoreIn, moments: readonly Moment[]): boolean {
  const plain = metre === USUAL_METRE && pickup === 0 && repeatStarts.size === 0 && repeatEnds.size === 0;
  return !(plain && moments.every(({ onset, end }) => end - onset === USUAL_TICKS));
}

/** Every onset of a score with what sounds until the next. */
export function momentsOf({ notes, labels, keys, metre }: ScoreIn): Moment[] {
  const onsets = [...new Set([...notes.map(({ onset }) => onset), ...labels.keys()])].sort((a, b) => a - b);
  const sorted = [...notes].sort((a, b) => a.onset - b.onset);
  let next = 0;
  let sounding: TimedNote[] = [];
  return onsets.map((onset, index) => {
    while (next < sorted.length && sorted[next]!.onset <= onset) sounding.push(sorted[next++]!);
    sounding = sounding.filter(({ end }) => end > onset);
    const key = keys.findLast(({ at }) => at <= onset)!.key;
    const last = Math.max(onset, ...sounding.map(({ end }) => end));
    const end = onsets[index + 1] ?? (last > onset ? last : onset + barTicks(parseMetre(metre)));
    const low = [...sounding].sort((a, b) => midiNumber(a.note) - midiNumber(b.note));
    return { onset, end, key, label: labelOf(labels.get(onset), key), sounding: low };
  });
}

/**
 * The four notes of every moment from the highest voice down, where each has exactly one note in each of the
 * same four voices.
 */
function fourVoices(moments: readonly Moment[]): Note[][] | null {
  const streams = [
    ...new Set(moments.flatMap(({ sounding }) => sounding.map(({ stream }) => stream))),
  ].sort();
  if (streams.length !== 4) return null;
  const voices = moments.map(({ sounding }) =>
    streams.map((stream) => sounding.filter((note) => note.stream === stream)),
  );
  return voices.every((four) => four.every((one) => one.length === 1))
    ? voices.map((four) => four.map(([one]) => one!.note))
    : null;
}

function notesEntry(sounding: readonly TimedNote[]): Entry {
  return { kind: 'notes', notes: sounding.map(({ note }) => printNote(note)) };
}

function readIn(entry: Entry, key: Key): Entry | null {
  return attempt(() => readEntry(entry, key)).ok ? entry : null;
}

function sameNotes(one: readonly Note[], other: readonly TimedNote[]): boolean {
  const sort = (notes: readonly Note[]) => notes.map(printNote).sort();
  return one.length === other.length && sort(one).join() === sort(other.map(({ note }) => note)).join();
}

/** A numeral is kept where it can be read and agrees with the symbol beside it. */
function labelOf(
  label: { readonly symbol: Chord | null; readonly numeral: string | null } | undefined,
  key: Key,
): Entry | null {
  if (!label) return null;
  const { symbol, numeral } = label;
  if (numeral !== null) {
    const read = attempt(() => chordOfNumeral(parseNumeral(numeral, key), key));
    if (read.ok && (!symbol || sameChord(read.value, symbol))) return { kind: 'numeral', text: numeral };
  }
  return symbol ? { kind: 'symbol', text: printSymbol(symbol) } : null;
}
