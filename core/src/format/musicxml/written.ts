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
import type { BarTimes } from './barTimes';
import { all, attributeOf, childrenOf, find, numberIn, xmlText, type XmlNode } from './dom';
import { fermataIn, type Collected } from './readMarks';

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
  const lyric = all(children, 'lyric')[0];
  const syllable = lyric ? xmlText(find(childrenOf(lyric), 'text')).slice(0, 200) : '';
  const goesOn = lyric && /^(?:begin|middle)$/.test(xmlText(find(childrenOf(lyric), 'syllabic')));
  const text = syllable !== '' && goesOn ? `${syllable}-` : syllable;
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
    ...(text === '' ? {} : { lyric: text }),
    ...(fermataIn(children) ? { fermata: true as const } : {}),
    ...(find(children, 'accidental') ? { sign: true as const } : {}),
    ...(beam ? { beam } : {}),
    ...(over !== null && under !== null && over > 0 && under > 0
      ? { tuplet: [Math.trunc(over), Math.trunc(under)] as const }
      : {}),
  };
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
  };
}
