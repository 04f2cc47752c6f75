import { keyFromSignature } from '../../key/key';
import { sameNote } from '../../pitch/note';
import { barTicks, printMetre, USUAL_METRE } from '../../time/metre';
import { TICKS_A_QUARTER } from '../../time/length';
import {
  all,
  attributeOf,
  childrenOf,
  find,
  integer,
  parseXml,
  tagOf,
  textOf,
  wrong,
  type Node,
} from './dom';
import { readPitch } from './readNotes';
import {
  type Collected,
  fermataIn,
  readMarks,
  readRepeat,
  readKey,
  readMetre,
  readTempo,
  readHarmony,
} from './readMarks';
import type { TimedNote, ScoreIn } from './scoreIn';

const MAX_NOTES = 100_000;

const MELODY = 'Melody';

/**
 * Reads MusicXML (partwise): sounding notes, labels, keys, repeats, words and
 * fermatas by their times.
 * Throws TheoryError `musicxml` saying what was read, what is wrong, and what
 * would be right.
 */
export function readMusicXml(text: string): ScoreIn {
  const parsed = parseXml(text);
  const root = parsed.find((node) => !Object.keys(node)[0]!.startsWith('?'));
  const name = root ? tagOf(root) : 'nothing';
  if (name !== 'score-partwise') {
    const timewise = name === 'score-timewise';
    throw wrong(
      `<${name}>`,
      timewise ? 'the score is written timewise.' : 'this is not a MusicXML score.',
      'The root element should be <score-partwise>.',
    );
  }
  return readScore(childrenOf(root!));
}

function readScore(nodes: readonly Node[]): ScoreIn {
  const work = find(nodes, 'work');
  const title =
    textOf(work && find(childrenOf(work), 'work-title')) ||
    textOf(find(nodes, 'movement-title')) ||
    'Imported progression';
  const identification = find(nodes, 'identification');
  const source = identification ? textOf(find(childrenOf(identification), 'source')) : '';
  const c: Collected = {
    notes: [], melody: [], labels: new Map(), keys: [], repeatStarts: new Set(), repeatEnds: new Set(), words: new Map(), fermatas: new Set(), tempo: null, metre: null, otherMetres: 0, pickup: 0,
  }; // prettier-ignore
  const parts = all(nodes, 'part');
  if (parts.length === 0)
    throw wrong(
      '<score-partwise>',
      'the score has no part.',
      'A score has at least one <part> with measures.',
    );
  const names = partNames(nodes);
  parts.forEach((part, index) =>
    readPart(
      childrenOf(part),
      index,
      names.get(attributeOf(part, 'id') ?? '') === MELODY && parts.length > 1,
      c,
    ),
  );
  const {
    notes,
    melody,
    labels,
    keys,
    repeatStarts,
    repeatEnds,
    words,
    fermatas,
    tempo,
    metre,
    pickup,
    otherMetres,
  } = c;
  const first = keys[0]?.at === 0 ? [] : [{ at: 0, key: keyFromSignature(0, 'major') }];
  const remarks =
    otherMetres > 0 ? ['Changes of metre were passed over: the whole line has the first one.'] : [];
  return {
    title,
    source: source.slice(0, 200),
    tempo,
    metre: metre ? printMetre(metre) : USUAL_METRE,
    pickup,
    notes,
    melody,
    labels,
    keys: [...first, ...keys],
    repeatStarts,
    repeatEnds,
    words,
    fermatas,
    remarks,
  };
}

function partNames(nodes: readonly Node[]): Map<string, string> {
  const list = find(nodes, 'part-list');
  const parts = list ? all(childrenOf(list), 'score-part') : [];
  return new Map(
    parts.map((part) => [attributeOf(part, 'id') ?? '', textOf(find(childrenOf(part), 'part-name'))]),
  );
}

function readPart(measures: readonly Node[], index: number, melody: boolean, c: Collected): void {
  let measureStart = 0;
  let divisions = 1;
  all(measures, 'measure').forEach((measure, bar) => {
    const where = `bar ${attributeOf(measure, 'number') ?? '?'}`;
    let now = measureStart;
    let furthest = measureStart;
    let lastOnset = measureStart;
    const ticksOf = (node: Node) =>
      Math.round(
        (integer(find(childrenOf(node), 'duration'), `the duration in ${where}`, 0) * TICKS_A_QUARTER) /
          divisions,
      );
    for (const node of childrenOf(measure)) {
      const children = childrenOf(node);
      switch (tagOf(node)) {
        case 'attributes':
          divisions = Math.max(1, integer(find(children, 'divisions'), `divisions in ${where}`, divisions));
          if (index === 0 || c.keys.length === 0) readKey(children, now, c, where);
          readMetre(children, c, where);
          break;
        case 'backup':
          now = Math.max(measureStart, now - ticksOf(node));
          break;
        case 'forward':
          now += ticksOf(node);
          break;
        case 'direction':
          readTempo(children, c);
          break;
        case 'harmony':
          readHarmony(children, now, c, where);
          break;
        case 'barline':
          readRepeat(children, now, c);
          break;
        case 'note': {
          if (find(children, 'grace')) break;
          const onset = find(children, 'chord') ? lastOnset : now;
          const length = ticksOf(node);
          const stream = `${index} ${textOf(find(children, 'staff')) || '1'} ${textOf(find(children, 'voice')) || '1'}`;
          const note = readPitch(children, where);
          if (note)
            addNote(children, { onset, end: onset + length, note, stream }, melody ? c.melody : c.notes, c);
          if (c.notes.length > MAX_NOTES)
            throw wrong(where, `the score has more than ${MAX_NOTES} notes.`, 'Import a part of it.');
          if (!melody) readMarks(children, onset, c);
          lastOnset = onset;
          if (!find(children, 'chord')) now = onset + length;
          break;
        }
      }
      furthest = Math.max(furthest, now);
    }
    if (
      bar === 0 &&
      index === 0 &&
      c.metre &&
      furthest > 0 &&
      furthest < barTicks(c.metre) &&
      isUpbeat(measure, measures)
    )
      c.pickup = furthest;
    measureStart = furthest;
  });
}

/** A first bar that is too short is an upbeat where the file says so, or where other bars follow it. */
function isUpbeat(measure: Node, measures: readonly Node[]): boolean {
  return (
    attributeOf(measure, 'implicit') === 'yes' ||
    attributeOf(measure, 'number') === '0' ||
    all(measures, 'measure').length > 1
  );
}

/** A note that is tied to goes on from the one before it. */
function addNote(children: readonly Node[], timed: TimedNote, notes: TimedNote[], c: Collected): void {
  const tied = all(children, 'tie').some((tie) => attributeOf(tie, 'type') === 'stop');
  const before = tied
    ? notes.findLast(
        ({ end, note, stream }) =>
          end === timed.onset && stream === timed.stream && sameNote(note, timed.note),
      )
    : undefined;
  if (before) before.end = timed.end;
  else notes.push(timed);
  if (before && fermataIn(children)) c.fermatas.add(before.onset);
}
