import type { Note } from '../../pitch/note';
import type {
  Beam,
  ClefAt,
  ClefName,
  Score,
  ScorePart,
  WrittenBar,
  WrittenNote,
} from '../../score/model/score';
import { signatureFifths } from '../../key/key';
import { numbered } from '../../score/model/beats';
import { lyricOf } from '../../score/model/verses';
import type { BarTimes } from './barTimes';
import { all, attributeOf, childrenOf, find, numberIn, xmlText, type XmlNode } from './dom';
import { marksIn } from './notations';
import { fermataIn, type Collected } from './readMarks';

/** More verses, and longer syllables, are a slip of the file. */
const MOST_VERSES = 6;
const LONGEST_SYLLABLE = 40;

const CLEFS: Record<string, ClefName> = {
  'G 2': 'treble',
  'F 4': 'bass',
  'C 3': 'alto',
  'C 4': 'tenor',
};

/** The staves of a part and their clefs, as its attributes say them. */
export class WrittenStaves {
  private staves = 1;
  private readonly clefs: ClefAt[] = [];

  read(attributes: readonly XmlNode[], at: number): void {
    const staves = numberIn(find(attributes, 'staves'));
    if (staves !== null && staves >= 1 && staves <= 6) this.staves = Math.trunc(staves);
    for (const node of all(attributes, 'clef')) {
      const children = childrenOf(node);
      const sign = xmlText(find(children, 'sign'));
      const line = xmlText(find(children, 'line')) || ({ G: '2', F: '4', C: '3' }[sign] ?? '');
      const down = numberIn(find(children, 'clef-octave-change')) === -1;
      const clef = sign === 'percussion' ? 'percussion' : CLEFS[`${sign} ${line}`];
      const staff = Math.max(1, Math.trunc(Number(attributeOf(node, 'number') ?? 1)) || 1);
      if (clef) this.clefs.push({ staff, at, clef: clef === 'treble' && down ? 'treble-8' : clef });
    }
  }

  part(): Pick<ScorePart, 'staves' | 'clefs'> {
    return { staves: this.staves, clefs: this.clefs };
  }
}

interface Timed {
  readonly part: number;
  readonly onset: number;
  readonly ticks: number;
  readonly note: Note | null;
  readonly staff: number;
  readonly voice: string;
}

/** A note element as it is written. */
export function writtenNote(children: readonly XmlNode[], timed: Timed): WrittenNote {
  const ties = all(children, 'tie').map((tie) => attributeOf(tie, 'type'));
  const lyric = lyricIn(children);
  const marks = marksIn(children);
  const modification = find(children, 'time-modification');
  const within = modification ? childrenOf(modification) : [];
  const [over, under] = [numberIn(find(within, 'actual-notes')), numberIn(find(within, 'normal-notes'))];
  const beam = beamIn(children);
  const kind = find(children, 'grace')
    ? 'grace'
    : find(children, 'cue')
      ? 'cue'
      : find(children, 'unpitched')
        ? 'percussion'
        : timed.note
          ? 'note'
          : 'rest';
  return {
    ...timed,
    kind,
    ...(ties.includes('start') ? { tieStart: true as const } : {}),
    ...(ties.includes('stop') ? { tieEnd: true as const } : {}),
    ...(lyric === undefined ? {} : { lyric }),
    ...(fermataIn(children) ? { fermata: true as const } : {}),
    ...(find(children, 'accidental') ? { sign: true as const } : {}),
    ...(beam ? { beam } : {}),
    ...(marks.length > 0 ? { marks } : {}),
    ...(over !== null && under !== null && over > 0 && under > 0
      ? { tuplet: [Math.trunc(over), Math.trunc(under)] as const }
      : {}),
  };
}

/** The words of a note in all verses; a hyphen says that a word goes on. */
function lyricIn(children: readonly XmlNode[]): string | undefined {
  const verses: string[] = [];
  for (const [at, lyric] of all(children, 'lyric').entries()) {
    const own = childrenOf(lyric);
    const number = Math.trunc(Number(attributeOf(lyric, 'number'))) || at + 1;
    if (number < 1 || number > MOST_VERSES) continue;
    const syllable = all(own, 'text').map(xmlText).join(' ').slice(0, LONGEST_SYLLABLE);
    const goesOn = syllable !== '' && /^(?:begin|middle)$/.test(xmlText(find(own, 'syllabic')));
    verses[number - 1] = goesOn ? `${syllable}-` : syllable;
  }
  return lyricOf(Array.from(verses, (verse) => verse ?? ''));
}

/** The first beam of a note, which joins it to its neighbours. */
function beamIn(children: readonly XmlNode[]): Beam | null {
  const first = all(children, 'beam').find((one) => (attributeOf(one, 'number') ?? '1') === '1');
  const said = first ? xmlText(first) : '';
  return said === 'begin' || said === 'continue' || said === 'end' ? said : null;
}

/** The whole piece as it is written, from what was collected. */
export function writtenScore(
  title: string,
  composer: string,
  measures: readonly XmlNode[],
  times: readonly BarTimes[],
  c: Collected,
): Score {
  const written = all(measures, 'measure');
  const labels = written.map((measure) => attributeOf(measure, 'number') ?? '');
  const isCut = (at: number) => {
    const { from } = times[at]!;
    const measure = written[at];
    const said = (measure && attributeOf(measure, 'implicit') === 'yes') || !/^\d+$/.test(labels[at] ?? '');
    return said || c.repeatEnds.has(from) || c.repeatStarts.has(from) || c.doubles.has(from);
  };
  const counted = numbered(
    times.map(({ from, to, metre }) => ({ from, to, metre })),
    isCut,
  );
  const bars = counted.map((bar, at): WrittenBar => {
    const { from, to } = bar;
    const ending = c.endings.find((one) => from >= one.from && from < one.to)?.ending;
    const last = at === times.length - 1;
    return {
      ...bar,
      label: labels[at] ?? '',
      ...(c.repeatStarts.has(from) ? { repeatStart: true as const } : {}),
      ...(c.repeatEnds.has(to) ? { repeatEnd: true as const } : {}),
      ...(ending ? { ending } : {}),
      ...(c.doubles.has(to) && !last ? { double: true as const } : {}),
    };
  });
  const symbols = [...c.labels].flatMap(([at, { symbol }]) => (symbol ? [{ at, chord: symbol }] : []));
  const keys = c.keys.map(({ at, key }) => ({ at, fifths: signatureFifths(key) }));
  return {
    title,
    composer,
    tempo: c.tempo,
    parts: c.parts,
    bars,
    signatures: keys[0]?.at === 0 ? keys : [{ at: 0, fifths: 0 }, ...keys],
    notes: c.written,
    symbols,
    ...(c.noChord.size > 0 ? { noChord: [...c.noChord].sort((a, b) => a - b) } : {}),
    ...(c.signs.length > 0 ? { signs: c.signs } : {}),
  };
}
