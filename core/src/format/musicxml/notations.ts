import { numberOfMark, type NoteMark, type PlainMark } from '../../score/model/noteMarks';
import { all, attributeOf, childrenOf, numberIn, tagOf, xmlText, type XmlNode } from './dom';
import { el, type XmlElement } from './xml';

/** Marks of playing by their elements (MusicXML 4.0), and what those stand within; empty for the notations. */
const ELEMENTS: Readonly<Record<PlainMark, readonly [within: string, tag: string]>> = {
  staccato: ['articulations', 'staccato'],
  tenuto: ['articulations', 'tenuto'],
  accent: ['articulations', 'accent'],
  marcato: ['articulations', 'strong-accent'],
  trill: ['ornaments', 'trill-mark'],
  mordent: ['ornaments', 'mordent'],
  turn: ['ornaments', 'turn'],
  arpeggio: ['', 'arpeggiate'],
};
const BY_TAG = new Map(Object.entries(ELEMENTS).map(([mark, [, tag]]) => [tag, mark as PlainMark]));
const MOST_STROKES = 4;
const numberOf = (node: XmlNode) => Math.trunc(Number(attributeOf(node, 'number') ?? 1)) || 1;

/** The marks in the `notations` of a note, in the order in which they stand. */
export function marksIn(note: readonly XmlNode[]): NoteMark[] {
  const marks: NoteMark[] = [];
  const read = (node: XmlNode) => {
    const tag = tagOf(node);
    const plain = BY_TAG.get(tag);
    if (plain) marks.push(plain);
    else if (tag === 'slur') {
      const type = attributeOf(node, 'type');
      if (type === 'start') marks.push(`slur ${numberOf(node)}`);
      else if (type === 'stop') marks.push(`slur-end ${numberOf(node)}`);
    } else if (tag === 'tremolo' && (attributeOf(node, 'type') ?? 'single') === 'single') {
      const strokes = numberIn(node);
      if (strokes !== null && strokes >= 1 && strokes <= MOST_STROKES) marks.push(`tremolo ${strokes}`);
    } else if (tag === 'fingering' && /^[0-5]$/.test(xmlText(node)))
      marks.push(`finger ${Number(xmlText(node))}`);
  };
  for (const notations of all(note, 'notations'))
    for (const node of childrenOf(notations))
      if (['articulations', 'ornaments', 'technical'].includes(tagOf(node))) childrenOf(node).forEach(read);
      else read(node);
  return marks;
}

/** Marks as elements for `notations`, those of one kind within one element. */
export function markElements(marks: readonly NoteMark[]): XmlElement[] {
  const within = new Map<string, XmlElement[]>([
    ['ornaments', []],
    ['technical', []],
    ['articulations', []],
  ]);
  const alone: XmlElement[] = [];
  for (const mark of marks) {
    const slur = numberOfMark(mark, 'slur');
    const ends = numberOfMark(mark, 'slur-end');
    const strokes = numberOfMark(mark, 'tremolo');
    const finger = numberOfMark(mark, 'finger');
    if (slur !== null) alone.push(el('slur', [], { type: 'start', number: slur }));
    else if (ends !== null) alone.push(el('slur', [], { type: 'stop', number: ends }));
    else if (strokes !== null) within.get('ornaments')!.push(el('tremolo', [strokes], { type: 'single' }));
    else if (finger !== null) within.get('technical')!.push(el('fingering', [finger]));
    else {
      const [group, tag] = ELEMENTS[mark as PlainMark];
      (within.get(group) ?? alone).push(el(tag));
    }
  }
  const groups = [...within].flatMap(([name, own]) => (own.length > 0 ? [el(name, own)] : []));
  return [...alone, ...groups];
}
