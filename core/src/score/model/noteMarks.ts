/**
 * What stands at a note besides its pitch and length, as a file writes it: signs of playing, fingers, strokes of a
 * tremolo, and slurs with their numbers, since several may be open at once.
 */
export type NoteMark =
  PlainMark | `tremolo ${number}` | `finger ${number}` | `slur ${number}` | `slur-end ${number}`;

export const PLAIN_MARKS = [
  'staccato',
  'tenuto',
  'accent',
  'marcato',
  'trill',
  'mordent',
  'turn',
  'arpeggio',
] as const;
export type PlainMark = (typeof PLAIN_MARKS)[number];

/** Letters of the marks in a row of a kept score, with a number behind those that have one. */
const CODES: Readonly<Record<string, string>> = {
  staccato: 'S',
  tenuto: 'T',
  accent: 'X',
  marcato: 'M',
  trill: 'R',
  mordent: 'O',
  turn: 'N',
  arpeggio: 'A',
  tremolo: 'Z',
  finger: 'F',
  slur: '(',
  'slur-end': ')',
};
const NAMES = new Map(Object.entries(CODES).map(([name, code]) => [code, name]));

/** Marks as they stand in a row: `S(1F3`. */
export function printMarks(marks: readonly NoteMark[]): string {
  return marks
    .map((mark) => {
      const [name, number = ''] = mark.split(' ');
      return `${CODES[name!]}${number}`;
    })
    .join('');
}

/** The marks of a row; what is not known is passed over. */
export function parseMarks(text: string): NoteMark[] {
  return [...text.matchAll(/([A-Z()])(\d*)/g)].flatMap(([, code, number]) => {
    const name = NAMES.get(code!);
    if (!name) return [];
    const isPlain = (PLAIN_MARKS as readonly string[]).includes(name);
    return isPlain ? [name as PlainMark] : number ? [`${name} ${Number(number)}` as NoteMark] : [];
  });
}

/** The number of a mark that has one, `slur 2`; null where the mark is another. */
export function numberOfMark(
  mark: NoteMark,
  name: 'tremolo' | 'finger' | 'slur' | 'slur-end',
): number | null {
  const [own, number] = mark.split(' ');
  return own === name ? Number(number) : null;
}
