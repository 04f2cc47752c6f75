import { LIMITS } from '../../limits';
import { keyFromSignature } from '../../key/key';
import { printNote } from '../../pitch/print';
import { barTicks, printMetre, USUAL_METRE } from '../../time/metre';
import { TICKS_A_QUARTER } from '../../time/length';
import {
  all,
  attributeOf,
  childrenOf,
  find,
  numberIn,
  parseXml,
  tagOf,
  xmlText,
  wrongFile,
  type XmlNode,
} from './dom';
import {
  fermataIn,
  readBarline,
  readDirection,
  readHarmony,
  readKeySignature,
  readMarks,
  readMetre,
  type Collected,
} from './readMarks';
import { ChordHead } from './chordHead';
import { SignReader } from './directions';
import { BarClock, exactTicks } from './barClock';
import { barTimes, type BarTimes } from './barTimes';
import { partwise } from './timewise';
import { WrittenStaves, writtenNote, writtenScore } from './written';
import type { ScorePart, WrittenNote } from '../../score/model/score';
import { readPitch, readTransposition, type Transposition } from './readNotes';
import { LEFT, Remarks } from './remarks';
import type { ScoreIn, TimedNote } from './scoreIn';

/** Nothing lasts longer: what says so is a slip of the file. */
const LONGEST_NOTE = 1024 * TICKS_A_QUARTER;
const MELODY = 'Melody';

/**
 * Reads MusicXML (partwise or timewise): sounding notes, labels, keys, repeats, words and
 * fermatas by their times.
 * A single thing that cannot be read is passed over and told. Throws TheoryError
 * `musicxml` saying what was read, what is wrong, and what would be right.
 */
export function readMusicXml(text: string): ScoreIn {
  refuseLarge(text);
  const parsed = parseXml(text);
  const root = parsed.find((node) => !Object.keys(node)[0]!.startsWith('?'));
  const name = root ? tagOf(root) : 'nothing';
  if (name !== 'score-partwise' && name !== 'score-timewise')
    throw wrongFile(
      `<${name}>`,
      'this is not a MusicXML score.',
      'The root element should be <score-partwise> or <score-timewise>.',
    );
  const nodes = childrenOf(root!);
  return readScore(name === 'score-timewise' ? partwise(nodes) : nodes);
}

/** What is far too large is refused by its notes as they stand, before anything is taken apart. */
function refuseLarge(text: string): void {
  let count = 0;
  for (let at = text.indexOf('<note'); at >= 0; at = text.indexOf('<note', at + 5))
    if (/[\s>]/.test(text[at + 5] ?? '')) count++;
  if (count > LIMITS.scoreNotes)
    throw wrongFile(
      'the file',
      `it holds ${count} notes, and a score has ${LIMITS.scoreNotes} at most.`,
      'Import a part of it.',
    );
}

function readScore(nodes: readonly XmlNode[]): ScoreIn {
  const work = find(nodes, 'work');
  const title =
    xmlText(work && find(childrenOf(work), 'work-title')) ||
    xmlText(find(nodes, 'movement-title')) ||
    creditTitle(nodes);
  const identification = find(nodes, 'identification');
  const source = identification ? xmlText(find(childrenOf(identification), 'source')) : '';
  const c: Collected = {
    notes: [], melody: [], labels: new Map(), keys: [], metres: [], repeatStarts: new Set(),
    repeatEnds: new Set(), endings: [], words: new Map(), fermatas: new Set(), remarks: new Remarks(),
    written: [], parts: [], doubles: new Set(), noChord: new Set(), signs: [],
    tempo: null, upbeat: 0,
  }; // prettier-ignore
  const parts = all(nodes, 'part');
  if (parts.length === 0)
    throw wrongFile('the score', 'it has no part.', 'A score has at least one <part> with measures.');
  const names = partNames(nodes);
  const times = barTimes(parts.map(childrenOf));
  parts.forEach((part, index) => {
    const name = names.get(attributeOf(part, 'id') ?? '') ?? '';
    c.parts.push(readPart(childrenOf(part), index, name, name === MELODY && parts.length > 1, times, c));
  });
  const { keys, metres, remarks, ...read } = c;
  const first = keys[0]?.at === 0 ? [] : [{ at: 0, key: keyFromSignature(0, 'major') }];
  return {
    ...read,
    title,
    source: source.slice(0, 200),
    metre: metres[0] ? printMetre(metres[0].metre) : USUAL_METRE,
    metres: metres.slice(1),
    keys: [...first, ...keys],
    remarks: remarks.sentences([LEFT.uneven]),
    score: writtenScore(title, composerIn(identification), childrenOf(parts[0]!), times, c),
    scoreRemarks: remarks.sentences([LEFT.grace, LEFT.unpitched, LEFT.verse, LEFT.noChord]),
  };
}

/** The title as it is only printed over the first page. */
function creditTitle(nodes: readonly XmlNode[]): string {
  const title = all(nodes, 'credit').find(
    (credit) => xmlText(find(childrenOf(credit), 'credit-type')) === 'title',
  );
  return title ? xmlText(find(childrenOf(title), 'credit-words')).slice(0, 200) : '';
}

function composerIn(identification: XmlNode | undefined): string {
  const creators = identification ? all(childrenOf(identification), 'creator') : [];
  return xmlText(creators.find((one) => attributeOf(one, 'type') === 'composer')).slice(0, 200);
}

function partNames(nodes: readonly XmlNode[]): Map<string, string> {
  const list = find(nodes, 'part-list');
  const parts = list ? all(childrenOf(list), 'score-part') : [];
  return new Map(
    parts.map((part) => [attributeOf(part, 'id') ?? '', xmlText(find(childrenOf(part), 'part-name'))]),
  );
}

function readPart(
  measures: readonly XmlNode[],
  index: number,
  name: string,
  melody: boolean,
  times: readonly BarTimes[],
  c: Collected,
): ScorePart {
  let divisions = 1;
  let transposition: Transposition | null = null;
  const staves = new WrittenStaves();
  const signs = new SignReader(index);
  const notes = new Tied(melody ? c.melody : c.notes, c);
  all(measures, 'measure').forEach((measure, bar) => {
    const where = `bar ${attributeOf(measure, 'number') ?? '?'}`;
    const { from: measureStart, uneven } = times[bar]!;
    if (uneven.includes(index)) c.remarks.add(LEFT.uneven, where);
    const clock = new BarClock();
    let lastOnset = measureStart;
    const firstWritten = c.written.length;
    let head: ChordHead | null = null;
    const ticksIn = (node: XmlNode, name: string) => {
      const told = numberIn(find(childrenOf(node), name));
      if (name === 'duration' && (told === null || told < 0) && !find(childrenOf(node), 'grace'))
        c.remarks.add(LEFT.duration, where);
      return Math.round(((told ?? 0) * TICKS_A_QUARTER) / divisions);
    };
    const lasting = (node: XmlNode) => Math.min(LONGEST_NOTE, Math.max(0, ticksIn(node, 'duration')));
    for (const node of childrenOf(measure)) {
      const children = childrenOf(node);
      const now = measureStart + clock.now;
      switch (tagOf(node)) {
        case 'attributes': {
          const said = numberIn(find(children, 'divisions'));
          if (said !== null && said > 0) divisions = said;
          transposition = readTransposition(children) ?? transposition;
          staves.read(children, now);
          if (index === 0 || c.keys.length === 0) readKeySignature(children, now, transposition, c, where);
          if (index === 0) readMetre(children, now, c, where);
          break;
        }
        case 'backup':
          clock.move(-lasting(node));
          break;
        case 'forward':
          clock.move(lasting(node));
          break;
        case 'direction':
          readDirection(children, c, where);
          signs.read(children, now + ticksIn(node, 'offset'), times[bar]!.to);
          break;
        case 'harmony':
          readHarmony(children, Math.max(0, now + ticksIn(node, 'offset')), c, where);
          break;
        case 'barline':
          if (index === 0) readBarline(children, now, c, where);
          break;
        case 'note': {
          const isGrace = find(children, 'grace') !== undefined;
          const onset = find(children, 'chord') ? lastOnset : now;
          const told = isGrace ? 0 : lasting(node);
          const own = isGrace ? 0 : exactTicks(children, told, divisions);
          const inChord: ChordHead | null = find(children, 'chord') ? head : null;
          const ticks: number = inChord ? inChord.ticksOf(children, own) : own;
          head = inChord ?? new ChordHead(children, ticks);
          const note = readPitch(children, transposition, c.remarks, where);
          if (c.written.length > LIMITS.scoreNotes)
            throw wrongFile(
              where,
              `the score has more than ${LIMITS.scoreNotes} notes.`,
              'Import a part of it.',
            );
          // A rest that is not printed is a gap.
          if (note || attributeOf(node, 'print-object') !== 'no')
            c.written.push(writtenNote(children, { part: index, onset, ticks, note, ...head.place }));
          if (isGrace) {
            c.remarks.add(LEFT.grace, where);
            break;
          }
          const end = onset + ticks;
          const { staff, voice } = head.place;
          const stream = `${index} ${staff} ${voice}`;
          if (note && end > onset) notes.add(children, { onset, end, note, stream });
          if (!melody) readMarks(children, onset, c, where);
          lastOnset = onset;
          if (!find(children, 'chord')) clock.advance(told, ticks);
          break;
        }
      }
    }
    const furthest = measureStart + clock.furthest;
    if (clock.furthest > 0) markAfter(c.written, firstWritten, furthest);
    const [metre] = c.metres;
    const short = metre && furthest > 0 && furthest < barTicks(metre.metre);
    if (bar === 0 && index === 0 && short && isUpbeat(measure, measures)) c.upbeat = furthest;
  });
  c.signs.push(...signs.done(times[times.length - 1]?.to ?? 0));
  return { name, ...staves.part(), transposition };
}

/** Grace notes at the end of a measure, with nothing of it after them, follow the note before them. */
function markAfter(written: WrittenNote[], first: number, end: number): void {
  for (let at = first; at < written.length; at++) {
    const one = written[at]!;
    if (one.kind === 'grace' && one.onset >= end) written[at] = { ...one, after: true };
  }
}

/** A first bar that is too short is an upbeat where the file says so, or where other bars follow it. */
function isUpbeat(measure: XmlNode, measures: readonly XmlNode[]): boolean {
  return (
    attributeOf(measure, 'implicit') === 'yes' ||
    attributeOf(measure, 'number') === '0' ||
    all(measures, 'measure').length > 1
  );
}

/** Notes as they come; one that is tied to goes on from the one before it. */
class Tied {
  private readonly last = new Map<string, TimedNote>();

  constructor(
    private readonly notes: TimedNote[],
    private readonly collected: Collected,
  ) {}

  add(children: readonly XmlNode[], timed: TimedNote): void {
    const place = `${timed.stream} ${printNote(timed.note)}`;
    const before = this.last.get(place);
    const tied = all(children, 'tie').some((tie) => attributeOf(tie, 'type') === 'stop');
    if (tied && before?.end === timed.onset) {
      before.end = timed.end;
      if (fermataIn(children)) this.collected.fermatas.add(before.onset);
    } else {
      this.last.set(place, timed);
      this.notes.push(timed);
    }
  }
}
