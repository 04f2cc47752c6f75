import { printSymbol } from '../../chord/symbolPrint';
import { sameChord, type Chord } from '../../chord/chord';
import { attempt } from '../../errors';
import { printKey, sameKey, type Key } from '../../key/key';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import { readRomanNumeral } from '../../label/romanAdditions';
import { midiNumber, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { parseMetre, printMetre, USUAL_METRE, barTicks } from '../../time/metre';
import { printLength, USUAL_TICKS } from '../../time/length';
import { chordOfEntry, type Entry, type Rest } from '../../line/entry';
import { settingsOfChords } from '../../voicing/lineSettings';
import type { LineColumn } from '../../line/column';
import { MOST_COLUMNS, MOST_HELD } from '../../line/limits';
import { soundLine } from '../soundLine';
import { counted, PLAIN_LINE, type Carried, type LineFile } from '../lineFile';
import { wrongFile } from './dom';
import { readMusicXml } from './read';
import { type ScoreIn, type TimedNote } from './scoreIn';

/** More notes do not sound at once in any score. */
const MOST_AT_ONCE = 400;

/** What sounds from one onset to the next. */
export interface LineMoment {
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
  const moments = withRests(lineMoments(score), score);
  const kept = moments
    .filter((moment) => moment.label !== null || readIn(notesEntry(moment.sounding), moment.key) !== null)
    // What is passed over leaves its time to the chord before it.
    .map((moment, at, all): LineMoment => ({
      ...moment,
      end: all[at + 1]?.onset ?? moments[moments.length - 1]!.end,
    }));
  const unread = moments.length - kept.length;
  const beyond = Math.max(0, kept.length - MOST_COLUMNS);
  kept.length -= beyond;
  const voices = fourVoices(kept.filter(({ label }) => !isSilence(label)));
  const silent = kept.filter(
    ({ label, end, sounding }) => !isSilence(label) && soundsTo(sounding, end) < end,
  );
  const labels = kept.map(({ label, sounding }) => label ?? notesEntry(sounding));
  const chords = kept.flatMap(({ key }, at) =>
    isSilence(labels[at]!) ? [] : [chordOfEntry(labels[at]!, key)],
  );
  const settings = settingsOfChords(chords);
  const timed = isTimed(score, kept);
  let key = score.keys[0]!.key;
  let chordsBefore = 0;
  const columns = kept.map((moment, at): LineColumn => {
    const label = labels[at]!;
    const { onset, end, sounding } = moment;
    const chord = isSilence(label) ? null : chordsBefore++;
    const set = chord === null ? null : settings[chord]!;
    const same = set !== null && sameNotes([...set.lower, ...set.upper], sounding);
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
      ...heldFrom(kept[at - 1], moment),
      ...(voices && chord !== null ? { locks: voices[chord]!.map(printNote) } : {}),
      ...(keyBegins ? { key: printKey(key) } : {}),
      ...(timed ? { length: printLength(end - onset) } : {}),
      ...(timed && score.repeatStarts.has(onset) ? { repeatStart: true } : {}),
      ...(timed && score.repeatEnds.has(end) ? { repeatEnd: true } : {}),
      ...(timed ? endingAt(score, onset) : {}),
      ...metreAt(score, kept[at - 1]?.onset ?? -1, onset),
      ...(score.fermatas.has(onset) ? { phraseEnd: true } : {}),
      ...(score.words.has(onset) ? { words: score.words.get(onset)! } : {}),
      ...(melody.length > 0 ? { melody } : {}),
    };
  });
  const cut =
    beyond === 0
      ? []
      : [`The last ${counted(beyond, 'chord was', 'chords were')} left out: a line takes ${MOST_COLUMNS}.`];
  const rests =
    silent.length === 0
      ? []
      : [`${counted(silent.length, 'rest was', 'rests were')} taken into the chord before.`];
  const remarks =
    unread === 0
      ? []
      : [
          `${counted(unread, 'moment', 'moments')} with fewer than two different notes ` +
            `${unread === 1 ? 'was' : 'were'} passed over.`,
        ];
  const { title, source, tempo, metre, keys } = score;
  const upbeat = upbeatOf(score, kept[0]?.onset ?? 0);
  const line: LineFile = {
    title,
    source,
    key: keys[0]!.key,
    tempo: tempo ?? PLAIN_LINE.tempo,
    metre,
    upbeat: upbeat === 0 ? '0' : printLength(upbeat),
    columns,
  };
  return soundLine({ value: line, remarks: [...score.remarks, ...remarks, ...rests, ...cut] });
}

/** Notes that began before a moment and go on in it. */
function heldFrom(before: LineMoment | undefined, { onset, sounding }: LineMoment): Pick<LineColumn, 'held'> {
  const held = sounding.filter((note) => note.onset < onset && before?.sounding.includes(note));
  const names = [...new Set(held.map(({ note }) => printNote(note)))].slice(0, MOST_HELD);
  return names.length > 0 ? { held: names } : {};
}

function endingAt({ endings }: ScoreIn, onset: number): Pick<LineColumn, 'ending'> {
  const found = endings.findLast(({ from, to }) => from <= onset && onset < to);
  return found ? { ending: found.ending } : {};
}

/** The metre that begins with a chord, or since the one before it. */
function metreAt({ metres }: ScoreIn, before: number, onset: number): Pick<LineColumn, 'metre'> {
  const found = metres.findLast(({ at }) => at > before && at <= onset);
  return found ? { metre: printMetre(found.metre) } : {};
}

/** Ticks from the first chord to the first full bar. */
function upbeatOf({ metre, upbeat }: ScoreIn, first: number): number {
  const bar = barTicks(parseMetre(metre));
  const within = (((first - upbeat) % bar) + bar) % bar;
  return within === 0 ? 0 : bar - within;
}

/** Whether anything is said of time: in the usual metre a half note each needs no words. */
function isTimed(
  { metre, metres, endings, repeatStarts, repeatEnds, upbeat }: ScoreIn,
  moments: readonly LineMoment[],
): boolean {
  const plain =
    metre === USUAL_METRE &&
    upbeat === 0 &&
    metres.length + endings.length + repeatStarts.size + repeatEnds.size === 0;
  return !(plain && moments.every(({ onset, end }) => end - onset === USUAL_TICKS));
}

const SILENCE: Rest = { kind: 'rest', text: 'N.C.' };

function isSilence(label: Entry | null): boolean {
  return label?.kind === 'rest';
}

/** Until when something sounds; a label without notes fills its time. */
function soundsTo(sounding: readonly TimedNote[], end: number): number {
  return sounding.length === 0 ? end : Math.min(end, Math.max(...sounding.map((note) => note.end)));
}

/** Silence of a bar or more is a place where no chord sounds; shorter rests belong to the chord before. */
function withRests(moments: readonly LineMoment[], { metre, upbeat }: ScoreIn): LineMoment[] {
  const bar = barTicks(parseMetre(metre));
  const first = moments[0];
  const silence = (onset: number, end: number, { key }: LineMoment): LineMoment => ({
    onset,
    end,
    key,
    label: SILENCE,
    sounding: [],
  });
  const leading = first && first.onset - upbeat >= bar ? [silence(0, first.onset, first)] : [];
  return [
    ...leading,
    ...moments.flatMap((moment, at) => {
      const until = soundsTo(moment.sounding, moment.end);
      return moments[at + 1] && moment.end - until >= bar
        ? [{ ...moment, end: until }, silence(until, moment.end, moment)]
        : [moment];
    }),
  ];
}

/** Every onset of a score with what sounds until the next. */
export function lineMoments({ notes, labels, keys, metre }: ScoreIn): LineMoment[] {
  const onsets = [...new Set([...notes.map(({ onset }) => onset), ...labels.keys()])].sort((a, b) => a - b);
  const sorted = [...notes].sort((a, b) => a.onset - b.onset);
  let next = 0;
  let sounding: TimedNote[] = [];
  let area = 0;
  return onsets.map((onset, index) => {
    while (next < sorted.length && sorted[next]!.onset <= onset) sounding.push(sorted[next++]!);
    sounding = sounding.filter(({ end }) => end > onset);
    if (sounding.length > MOST_AT_ONCE)
      throw wrongFile(
        `${sounding.length} notes at once`,
        'more notes sound together than a score can have.',
        'Check the file in the program that wrote it.',
      );
    while (keys[area + 1] && keys[area + 1]!.at <= onset) area++;
    const { key } = keys[area]!;
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
function fourVoices(moments: readonly LineMoment[]): Note[][] | null {
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
  return { kind: 'notes', notes: [...new Set(sounding.map(({ note }) => printNote(note)))] };
}

function readIn(entry: Entry, key: Key): Entry | null {
  return attempt(() => chordOfEntry(entry, key)).ok ? entry : null;
}

function sameNotes(one: readonly Note[], other: readonly TimedNote[]): boolean {
  const sort = (notes: readonly Note[]) => notes.map(printNote).sort();
  return one.length === other.length && sort(one).join() === sort(other.map(({ note }) => note)).join();
}

/**
 * A numeral is kept where it can be read, as RomanText has it or in the house grammar, and agrees with the
 * symbol beside it.
 */
function labelOf(
  label: { readonly symbol: Chord | null; readonly numeral: string | null } | undefined,
  key: Key,
): Entry | null {
  if (!label) return null;
  const { symbol, numeral } = label;
  if (numeral !== null)
    for (const reader of [readRomanNumeral, parseNumeral]) {
      const read = attempt(() => {
        const said = reader(numeral, key);
        return { said, chord: chordOfNumeral(said, key) };
      });
      if (read.ok && (!symbol || sameChord(read.value.chord, symbol)))
        return { kind: 'numeral', text: printNumeral(read.value.said, key) };
    }
  return symbol ? { kind: 'symbol', text: printSymbol(symbol) } : null;
}
