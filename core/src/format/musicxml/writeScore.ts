import { placesByBar } from '../../score/model/placesByBar';
import { fifthsMoved } from '../../key/key';
import { romanTextNumeral } from '../romantext/write';
import { transposedNote, type Note } from '../../pitch/note';
import type { ClefName, Score, ScorePart, WrittenBar, WrittenNote } from '../../score/model/score';
import type { ReadChord, ScoreReading } from '../../score/reading/scoreReading';
import { versesOf } from '../../score/model/verses';
import { TICKS_A_QUARTER } from '../../time/length';
import { printMetre } from '../../time/metre';
import { signElement } from './directions';
import {
  barline,
  endingBegin,
  noChordHarmony,
  numeralHarmony,
  symbolHarmony,
  tempoMark,
  timeElement,
} from './elements';
import { markElements } from './notations';
import { accidentalElement, el, musicXmlDocument, pitchElement, type XmlElement } from './xml';

const TYPES = ['whole', 'half', 'quarter', 'eighth', '16th', '32nd', '64th'];
const CLEFS: Record<ClefName, readonly [sign: string, line: number | null, octave: number]> = {
  treble: ['G', 2, 0],
  bass: ['F', 4, 0],
  alto: ['C', 3, 0],
  tenor: ['C', 4, 0],
  'treble-8': ['G', 2, -1],
  percussion: ['percussion', null, 0],
};

/**
 * Writes a score as MusicXML 4.0, partwise and as it is written, with the chords of a reading, where there is
 * one, as symbols and numerals over its first part.
 */
export function writeScoreXml(score: Score, reading: ScoreReading | null = null): string {
  const inBars = placesByBar(score);
  return musicXmlDocument(
    { title: score.title },
    score.parts.map((part, index) => ({
      name: part.name || `Part ${index + 1}`,
      measures: score.bars.map((one, at) =>
        measure(score, part, index, at, inBars[at]!, index === 0 ? harmoniesIn(score, reading, one) : []),
      ),
    })),
  );
}

/** The symbols of the score, or those of a reading where it has none, and the numerals of the reading. */
function harmoniesIn(
  { symbols, noChord = [] }: Score,
  reading: ScoreReading | null,
  { from, to }: WrittenBar,
): readonly XmlElement[] {
  const within = (at: number) => at >= from && at < to;
  const read = reading?.chords.filter((chord) => within(chord.from)) ?? [];
  return [
    ...symbols.filter(({ at }) => within(at)).map(({ at, chord }) => placed(symbolHarmony(chord), at - from)),
    ...noChord.filter(within).map((at) => placed(noChordHarmony(), at - from)),
    ...read.flatMap((chord) => [
      ...(symbols.length > 0 ? [] : [placed(symbolHarmony(chord.chord), chord.from - from)]),
      placed(numeralOf(chord), chord.from - from),
    ]),
  ];
}

function measure(
  score: Score,
  part: ScorePart,
  index: number,
  at: number,
  places: readonly number[],
  harmonies: readonly XmlElement[],
): XmlElement {
  const bar = score.bars[at]!;
  const before = score.bars[at - 1];
  const content: XmlElement[] = [];
  if (bar.repeatStart) content.push(barline('left', 'forward'));
  if (bar.ending && bar.ending !== before?.ending) content.push(endingBegin(bar.ending));
  content.push(...attributesOf(score, part, at));
  if (at === 0 && index === 0 && score.tempo) content.push(tempoMark(score.tempo));
  content.push(...harmonies, ...signsIn(score, part, index, at));
  const voices = new Map<string, number[]>();
  for (const place of places) {
    const one = score.notes[place]!;
    if (one.part !== index) continue;
    voices.set(one.voice, [...(voices.get(one.voice) ?? []), place]);
  }
  let now = bar.from;
  for (const own of voices.values()) {
    if (now > bar.from) content.push(el('backup', [el('duration', [now - bar.from])]));
    now = voiceOut(score, part, own, bar, content);
  }
  const ends = bar.ending && score.bars[at + 1]?.ending !== bar.ending ? bar.ending : null;
  if (bar.repeatEnd) content.push(barline('right', 'backward', ends));
  else if (at === score.bars.length - 1) content.push(barline('right', null, ends));
  else if (bar.double) content.push(el('barline', [el('bar-style', ['light-light'])], { location: 'right' }));
  const upbeat = at === 0 && bar.number === 0 ? { implicit: 'yes' } : {};
  return el('measure', content, { number: bar.label || bar.number, ...upbeat });
}

/** Adds the notes of a voice in a bar; returns the time when they end. */
function voiceOut(
  score: Score,
  part: ScorePart,
  places: readonly number[],
  bar: WrittenBar,
  into: XmlElement[],
): number {
  let now = bar.from;
  let last: WrittenNote | null = null;
  for (const place of places) {
    const one = score.notes[place]!;
    const isOne = last !== null && last.onset === one.onset && last.kind === one.kind;
    // Grace notes at one time come one after the other.
    const chord = isOne && one.kind !== 'rest' && one.kind !== 'grace';
    if (!chord && one.onset > now) into.push(el('forward', [el('duration', [one.onset - now])]));
    if (!chord && one.onset < now) into.push(el('backup', [el('duration', [now - one.onset])]));
    into.push(noteElement(one, part, chord));
    if (!chord) now = one.onset + one.ticks;
    last = one;
  }
  return now;
}

const numeralOf = ({ chord, numeral, key }: ReadChord): XmlElement =>
  numeralHarmony(romanTextNumeral(numeral, key).text, chord);

/** A harmony or a direction at its time within the bar: the offset stands before the staff and the sound. */
function placed(node: XmlElement, offset: number): XmlElement {
  if (offset === 0) return node;
  const name = 'harmony' in node ? 'harmony' : 'direction';
  const children = node[name] as XmlElement[];
  const before = children.findIndex((child) => 'staff' in child || 'sound' in child);
  const at = before < 0 ? children.length : before;
  return { ...node, [name]: [...children.slice(0, at), el('offset', [offset]), ...children.slice(at)] };
}

/** The signs that begin or end in a bar; one that ends with the piece, in the last. */
function signsIn(
  { signs = [], bars, tempo }: Score,
  { staves }: ScorePart,
  index: number,
  at: number,
): XmlElement[] {
  const { from, to } = bars[at]!;
  const isLast = at === bars.length - 1;
  const within = (time: number) => time >= from && (time < to || (isLast && time === to));
  return signs
    .filter(({ part }) => part === index)
    .flatMap((sign) => [
      ...(within(sign.at)
        ? [{ time: sign.at, element: signElement(sign, false, staves, sign.at === 0 ? tempo : null) }]
        : []),
      ...(sign.to > sign.at && within(sign.to)
        ? [{ time: sign.to, element: signElement(sign, true, staves, null) }]
        : []),
    ])
    .sort((a, b) => a.time - b.time)
    .map(({ time, element }) => placed(element, time - from));
}

function attributesOf({ bars, signatures }: Score, part: ScorePart, at: number): XmlElement[] {
  const bar = bars[at]!;
  const { transposition } = part;
  const inBar = <T extends { readonly at: number }>(one: T) =>
    one.at >= bar.from && one.at < bar.to && (at > 0 || one.at >= 0);
  const signature = signatures.find(inBar);
  const clefs = part.clefs.filter(inBar);
  const metre = at === 0 || printMetre(bars[at - 1]!.metre) !== printMetre(bar.metre);
  const content: XmlElement[] = [];
  if (at === 0) content.push(el('divisions', [TICKS_A_QUARTER]));
  if (signature) {
    const fifths = transposition ? fifthsMoved(signature.fifths, -transposition.halfSteps) : signature.fifths;
    content.push(el('key', [el('fifths', [fifths])]));
  }
  if (metre) content.push(timeElement(bar.metre));
  if (at === 0 && part.staves > 1) content.push(el('staves', [part.staves]));
  for (const { staff, clef } of clefs) {
    const [sign, line, octave] = CLEFS[clef];
    content.push(
      el(
        'clef',
        [
          el('sign', [sign]),
          ...(line === null ? [] : [el('line', [line])]),
          ...(octave === 0 ? [] : [el('clef-octave-change', [octave])]),
        ],
        { number: staff },
      ),
    );
  }
  if (at === 0 && transposition)
    content.push(
      el('transpose', [el('diatonic', [transposition.letters]), el('chromatic', [transposition.halfSteps])]),
    );
  return content.length === 0 ? [] : [el('attributes', content)];
}

function noteElement(one: WrittenNote, { transposition, staves }: ScorePart, chord: boolean): XmlElement {
  const { kind, note, ticks, voice, staff, tuplet, lyric } = one;
  const written = (sounding: Note) =>
    transposition ? transposedNote(sounding, -transposition.letters, -transposition.halfSteps) : sounding;
  const ties = [...(one.tieEnd ? ['stop'] : []), ...(one.tieStart ? ['start'] : [])];
  const notations = [
    ...ties.map((type) => el('tied', [], { type })),
    ...markElements(one.marks ?? []),
    ...(one.fermata ? [el('fermata', [], { type: 'upright' })] : []),
  ];
  return el('note', [
    ...(kind === 'grace' ? [el('grace')] : []),
    ...(kind === 'cue' ? [el('cue')] : []),
    ...(chord ? [el('chord')] : []),
    kind === 'percussion' ? el('unpitched') : note ? pitchElement(written(note)) : el('rest'),
    ...(kind === 'grace' ? [] : [el('duration', [ticks])]),
    ...ties.map((type) => el('tie', [], { type })),
    el('voice', [voice]),
    ...typeOf(tuplet ? (ticks * tuplet[0]) / tuplet[1] : ticks),
    ...(one.sign && note ? [accidentalElement(written(note))] : []),
    ...(tuplet
      ? [el('time-modification', [el('actual-notes', [tuplet[0]]), el('normal-notes', [tuplet[1]])])]
      : []),
    ...(staves > 1 || staff > 1 ? [el('staff', [staff])] : []),
    ...(one.beam ? [el('beam', [one.beam], { number: 1 })] : []),
    ...(notations.length > 0 ? [el('notations', notations)] : []),
    ...versesOf(lyric).flatMap((verse, at) => (verse === '' ? [] : [lyricElement(verse, at + 1)])),
  ]);
}

/** Words under a note; a hyphen at their end says that the word goes on. */
function lyricElement(lyric: string, number: number): XmlElement {
  const goesOn = lyric.endsWith('-') && lyric !== '-';
  const text = goesOn ? lyric.slice(0, -1) : lyric;
  return el('lyric', [el('syllabic', [goesOn ? 'begin' : 'single']), el('text', [text])], { number });
}

/** The note value of a length, where one sign has it. */
function typeOf(ticks: number): XmlElement[] {
  for (const [at, type] of TYPES.entries())
    for (const dots of [0, 1, 2]) {
      const own = ((4 * TICKS_A_QUARTER) / 2 ** at) * (2 - 1 / 2 ** dots);
      if (own === ticks) return [el('type', [type]), ...Array.from({ length: dots }, () => el('dot'))];
    }
  return [];
}
