import type { ScoreSign, SignKind } from '../../score/model/scoreSign';
import { all, attributeOf, childrenOf, find, numberIn, tagOf, xmlText, type XmlNode } from './dom';
import { el, type XmlElement } from './xml';

/** Words over a staff are at most that long. */
const LONGEST_WORDS = 80;
const DYNAMICS = /^(?:p{1,6}|f{1,6}|mp|mf|sf|sfp|sfpp|fp|rf|rfz|sfz|sffz|fz|n|pf|sfzp)$/;
const JUMP_SOUNDS: readonly (readonly [attribute: string, kind: SignKind])[] = [
  ['dacapo', 'da-capo'],
  ['dalsegno', 'dal-segno'],
  ['fine', 'fine'],
  ['tocoda', 'to-coda'],
  ['segno', 'segno'],
  ['coda', 'coda'],
];
/** Words that say where to go on, where the file has no `sound` for it (common practice). */
const JUMP_WORDS: readonly (readonly [words: RegExp, kind: SignKind])[] = [
  [/^\s*(?:d\.\s?c\.|da capo)/i, 'da-capo'],
  [/^\s*(?:d\.\s?s\.|dal segno)/i, 'dal-segno'],
  [/^\s*fine\s*$/i, 'fine'],
  [/^\s*(?:to|al) coda\s*$/i, 'to-coda'],
];

/** How fast, in the usual words (common practice). */
const TEMPO_WORDS = new RegExp(
  '^(?:molto |poco |più |meno |un poco )?' +
    '(?:grave|largo|larghetto|lento|adagio|andant|moderato|allegr|vivac|prest|tempo )',
  'i',
);

/** The signs over and under the staves of a part, collected while its measures go by. */
export class SignReader {
  readonly signs: ScoreSign[] = [];
  private readonly open = new Map<
    string,
    { readonly at: number; readonly kind: SignKind; readonly staff: number }
  >();

  constructor(private readonly part: number) {}

  /** A `direction` at its time, in a bar that ends at another. */
  read(direction: readonly XmlNode[], time: number, barEnd: number): void {
    // What stands behind the last note of a bar belongs to that bar.
    const at = Math.max(0, Math.min(time, barEnd - 1));
    const staff = Math.max(1, Math.trunc(numberIn(find(direction, 'staff')) ?? 1));
    const sound = find(direction, 'sound');
    const marks = all(direction, 'direction-type').flatMap(childrenOf);
    const words = marks
      .filter((mark) => tagOf(mark) === 'words')
      .map(xmlText)
      .join(' ')
      .replace(/\s+/g, ' ')
      .trim()
      .slice(0, LONGEST_WORDS);
    const put = (kind: SignKind, text = '') =>
      this.signs.push({ part: this.part, staff, at, to: at, kind, text });
    const jump =
      JUMP_SOUNDS.find(([attribute]) => sound && attributeOf(sound, attribute) !== undefined)?.[1] ??
      JUMP_WORDS.find(([pattern]) => pattern.test(words))?.[1];
    const hasTempo = sound !== undefined && attributeOf(sound, 'tempo') !== undefined;
    if (words !== '' && jump !== 'segno' && jump !== 'coda')
      put(jump ?? (hasTempo || TEMPO_WORDS.test(words) ? 'tempo' : 'words'), words);
    else if (jump && !marks.some((mark) => tagOf(mark) === jump)) put(jump, words);
    for (const mark of marks) this.readMark(mark, staff, at, time, put);
  }

  private readMark(
    mark: XmlNode,
    staff: number,
    at: number,
    time: number,
    put: (kind: SignKind, text?: string) => void,
  ): void {
    const type = attributeOf(mark, 'type') ?? '';
    const number = attributeOf(mark, 'number') ?? '1';
    switch (tagOf(mark)) {
      case 'dynamics':
        for (const one of childrenOf(mark)) if (DYNAMICS.test(tagOf(one))) put('dynamic', tagOf(one));
        return;
      case 'segno':
        return put('segno');
      case 'coda':
        return put('coda');
      case 'wedge': {
        const kind = type === 'crescendo' ? 'louder' : type === 'diminuendo' ? 'softer' : null;
        return kind ? this.begin(`wedge ${number}`, kind, staff, at) : this.end(`wedge ${number}`, time);
      }
      case 'octave-shift': {
        const isTwo = attributeOf(mark, 'size') === '15';
        // A shift down stands where the notes are written lower than they sound.
        const kind = type === 'down' ? (isTwo ? '15ma' : '8va') : type === 'up' && !isTwo ? '8vb' : null;
        return kind ? this.begin(`octave ${number}`, kind, staff, at) : this.end(`octave ${number}`, time);
      }
    }
  }

  private begin(id: string, kind: SignKind, staff: number, at: number): void {
    this.end(id, at);
    this.open.set(id, { at, kind, staff });
  }

  private end(id: string, to: number): void {
    const one = this.open.get(id);
    this.open.delete(id);
    if (one && to > one.at) this.signs.push({ part: this.part, ...one, to, text: '' });
  }

  /** The signs in their order; one that is never closed ends with the part. */
  done(end: number): readonly ScoreSign[] {
    for (const id of [...this.open.keys()]) this.end(id, end);
    return this.signs.sort((a, b) => a.at - b.at);
  }
}

/** A sign as a direction, or its end where it lasts; the words of a tempo with their quarters a minute, if known. */
export function signElement(
  { kind, text, staff }: ScoreSign,
  end: boolean,
  staves: number,
  tempo: number | null,
): XmlElement {
  const [type, said] = typeOf(kind, text, end);
  const sound = kind === 'tempo' && tempo !== null ? { tempo: String(tempo) } : said;
  return el(
    'direction',
    [
      el('direction-type', [type]),
      ...(staves > 1 ? [el('staff', [staff])] : []),
      ...(sound && !end ? [el('sound', [], sound)] : []),
    ],
    { placement: kind === 'dynamic' || kind === 'louder' || kind === 'softer' ? 'below' : 'above' },
  );
}

function typeOf(kind: SignKind, text: string, end: boolean): readonly [XmlElement, Record<string, string>?] {
  const words = el('words', [text]);
  const shift = (type: string, size: number) => el('octave-shift', [], { type: end ? 'stop' : type, size });
  switch (kind) {
    case 'dynamic':
      return [el('dynamics', [el(text)])];
    case 'louder':
    case 'softer':
      return [el('wedge', [], { type: end ? 'stop' : kind === 'louder' ? 'crescendo' : 'diminuendo' })];
    case '8va':
      return [shift('down', 8)];
    case '15ma':
      return [shift('down', 15)];
    case '8vb':
      return [shift('up', 8)];
    case 'segno':
      return [el('segno'), { segno: 'segno' }];
    case 'coda':
      return [el('coda'), { coda: 'coda' }];
    case 'to-coda':
      return [words, { tocoda: 'coda' }];
    case 'da-capo':
      return [words, { dacapo: 'yes' }];
    case 'dal-segno':
      return [words, { dalsegno: 'segno' }];
    case 'fine':
      return [words, { fine: 'yes' }];
    default:
      return [words];
  }
}
