import { parseMetre, type Metre } from '../../time/metre';
import { barsOf, type Bar } from '../../time/bars';
import { TICKS_A_QUARTER } from '../../time/length';
import { counted, type Carried, type FileVoices, type LineFile } from '../lineFile';
import { romanTextNumeral } from '../romantext/write';
import { timedLine, type TimedColumn } from '../timedLine';
import {
  barline,
  endingBegin,
  figuredBass,
  keyElement,
  noteElements,
  numeralHarmony,
  symbolHarmony,
  tempoMark,
  timeElement,
} from './elements';
import { isHeld, melodyStream, segmentsOf, sign, streamsOf, type VoiceSegment, type Stream } from './streams';
import { el, musicXmlDocument, type XmlElement } from './xml';

/** One part of the score with its streams cut into segments. */
interface Part {
  readonly name: string;
  readonly staves: number;
  readonly streams: readonly { readonly stream: Stream; readonly segments: readonly VoiceSegment[] }[];
}

interface Context {
  readonly file: LineFile;
  readonly columns: readonly TimedColumn[];
  readonly metre: Metre;
  readonly bars: readonly Bar[];
  /** Ticks in a division of the file. */
  readonly unit: number;
}

/**
 * Writes a line as MusicXML 4.0, partwise: bars of its metre, notes tied over
 * barlines, each chord with its `harmony` (symbol, and numeral as `function`)
 * and `figured-bass`, changes of key, repeats, fermatas where phrases end, words
 * as lyrics, and a melody as a part of its own. Two hands, or four voices where
 * every column has them. A chord that cannot be read is a rest, told in the
 * remarks.
 */
export function writeMusicXmlLine(file: LineFile, voices?: FileVoices): Carried<string> {
  const { columns, remarks } = timedLine(file, voices);
  const metre = parseMetre(file.metre);
  const bars = barsOf(columns.map(({ place }) => place));
  const part = (name: string, staves: number, streams: readonly Stream[]): Part => {
    const cut = streams.map((stream) => ({ stream, segments: segmentsOf(stream, columns, bars) }));
    for (const staff of new Set(streams.map((stream) => stream.staff)))
      sign(
        cut.filter(({ stream }) => stream.staff === staff).flatMap(({ segments }) => segments),
        columns,
        bars,
      );
    return { name, staves, streams: cut };
  };
  const melody = melodyStream(file, columns);
  const parts = [...(melody ? [part('Melody', 1, [melody])] : []), part('Keyboard', 2, streamsOf(columns))];
  const lengths = parts.flatMap(({ streams }) =>
    streams.flatMap(({ segments }) => segments.map(({ ticks }) => ticks)),
  );
  const unit = [TICKS_A_QUARTER, ...bars.map(({ from, to }) => to - from), ...lengths].reduce(gcd);
  const context: Context = { file, columns, metre, bars, unit };
  const inside = columns.filter(
    ({ at, place }) =>
      (file.columns[at]!.repeatStart && !place.opens) || (file.columns[at]!.repeatEnd && !place.closes),
  ).length;
  const rulings = file.columns.filter(({ ruling }) => ruling !== undefined).length;
  const said = [
    ...(inside > 0
      ? [`${counted(inside, 'repeat within a bar was', 'repeats within a bar were')} left out.`]
      : []),
    ...(rulings > 0
      ? [`${counted(rulings, 'ruling', 'rulings')} went as plain ${rulings === 1 ? 'numeral' : 'numerals'}.`]
      : []),
  ];
  const value = musicXmlDocument(
    { title: file.title, source: file.source },
    parts.map((one, index) => ({
      name: one.name,
      measures: measuresOf(one, index === parts.length - 1, context),
    })),
  );
  return { value, remarks: [...remarks, ...said] };
}

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** The measures of a part; the main one carries the labels, the melody its own notes only. */
function measuresOf(part: Part, main: boolean, context: Context): XmlElement[] {
  const { columns, bars, file, unit } = context;
  if (columns.length === 0) return [el('measure', [attributesOf(part, context)], { number: 1 })];
  return bars.map(({ number, from, to, metre, metreBegins }, index) => {
    const within = columns.filter(({ place }) => place.start >= from && place.start < to);
    const content: XmlElement[] = [];
    if (
      within[0] &&
      within[0].place.start === from &&
      file.columns[within[0].at]!.repeatStart &&
      (within[0].place.opens || index === 0)
    )
      content.push(barline('left', 'forward'));
    const ending = within[0] && within[0].place.start === from ? endingBegins(file, within[0].at) : null;
    if (ending) content.push(endingBegin(ending));
    if (index === 0) content.push(attributesOf(part, context), ...(main ? [tempoMark(file.tempo)] : []));
    else if (metreBegins) content.push(el('attributes', [timeElement(metre)]));
    part.streams.forEach(({ stream, segments }, at) => {
      if (at > 0) content.push(el('backup', [el('duration', [(to - from) / unit])]));
      for (const segment of segments) {
        if (segment.start < from || segment.start >= to) continue;
        content.push(
          ...before(segment, at === 0, main, index === 0, context),
          ...notesOf(segment, stream, at === 0 && main, context),
        );
      }
    });
    const lastColumn = columns.find(({ place }) => place.start + place.ticks === to);
    const repeats = lastColumn !== undefined && file.columns[lastColumn.at]!.repeatEnd === true;
    const closed = lastColumn ? endingEnds(file, lastColumn.at) : null;
    if (repeats || closed || index === bars.length - 1)
      content.push(barline('right', repeats ? 'backward' : null, closed));
    return el('measure', content, number === 0 ? { number, implicit: 'yes' } : { number });
  });
}

function attributesOf(part: Part, { file, metre, unit, columns }: Context): XmlElement {
  const clef = (number: number, sign: string, line: number) =>
    el('clef', [el('sign', [sign]), el('line', [line])], part.staves > 1 ? { number } : undefined);
  return el('attributes', [
    el('divisions', [TICKS_A_QUARTER / unit]),
    keyElement(columns[0]?.key ?? file.key),
    timeElement(metre),
    ...(part.staves > 1 ? [el('staves', [part.staves])] : []),
    clef(1, 'G', 2),
    ...(part.staves > 1 ? [clef(2, 'F', 4)] : []),
  ]);
}

/** The ending that begins, or ends, with a column; null where none does. */
function endingBegins({ columns }: LineFile, at: number): string | null {
  const { ending } = columns[at]!;
  return ending !== undefined && columns[at - 1]?.ending !== ending ? ending : null;
}

function endingEnds({ columns }: LineFile, at: number): string | null {
  const { ending } = columns[at]!;
  return ending !== undefined && columns[at + 1]?.ending !== ending ? ending : null;
}

/** What stands before the notes of a column: a change of key, and its labels. */
function before(
  { column, first, start }: VoiceSegment,
  leading: boolean,
  main: boolean,
  opening: boolean,
  { columns }: Context,
): XmlElement[] {
  const { place, label, key, keyBegins, at } = columns[column]!;
  if (!leading || !first || start !== place.start) return [];
  const change = keyBegins && !(opening && at === 0) ? [el('attributes', [keyElement(key)])] : [];
  if (!main || !label.labelled.ok || columns[column]!.setting === null) return change;
  const { chord, numeral } = label.labelled.labels;
  return [
    ...change,
    symbolHarmony(chord),
    // As the readers of other programs take it.
    numeralHarmony(romanTextNumeral(numeral, label.key).text, chord),
    ...figuredBass(chord, key),
  ];
}

function notesOf(
  segment: VoiceSegment,
  stream: Stream,
  carrying: boolean,
  { file, unit, columns }: Context,
): XmlElement[] {
  const { notes, signs, ticks, value, first, last, column } = segment;
  const { phraseEnd, words } = file.columns[column]!;
  const { voice, staff, stem } = stream;
  return noteElements({
    notes,
    signs,
    divisions: ticks / unit,
    value,
    voice,
    staff,
    stem,
    tiedFrom: notes.map((note) => !first || isHeld(note, stream, columns, column)),
    tiedTo: notes.map((note) => !last || isHeld(note, stream, columns, column + 1)),
    fermata: carrying && last && phraseEnd === true,
    lyric: carrying && first ? (words ?? null) : null,
  });
}
