import type { NoteMark, PlainMark } from '../../score/model/noteMarks';
import type { ScoreSign } from '../../score/model/scoreSign';
import { list, number, record } from './loose';
import type { Parsed } from './parsed';

/** Decorations of ABC (the ABC music standard 2.1, section 4.14) that are marks of a note. */
const MARKS: Readonly<Record<string, PlainMark>> = {
  staccato: 'staccato',
  tenuto: 'tenuto',
  accent: 'accent',
  emphasis: 'accent',
  marcato: 'marcato',
  trill: 'trill',
  lowermordent: 'mordent',
  mordent: 'mordent',
  turn: 'turn',
  arpeggio: 'arpeggio',
};

/** Decorations that stand over or under the staff. */
const SIGNS: Readonly<Record<string, Pick<ScoreSign, 'kind' | 'text'>>> = {
  segno: { kind: 'segno', text: '' },
  coda: { kind: 'coda', text: '' },
  fine: { kind: 'fine', text: 'Fine' },
  'D.C.': { kind: 'da-capo', text: 'D.C.' },
  'D.C.alfine': { kind: 'da-capo', text: 'D.C. al Fine' },
  'D.C.alcoda': { kind: 'da-capo', text: 'D.C. al Coda' },
  'D.S.': { kind: 'dal-segno', text: 'D.S.' },
  'D.S.alfine': { kind: 'dal-segno', text: 'D.S. al Fine' },
  'D.S.alcoda': { kind: 'dal-segno', text: 'D.S. al Coda' },
  tocoda: { kind: 'to-coda', text: 'To Coda' },
};
const DYNAMIC = /^(?:p{1,4}|f{1,4}|mp|mf|sfz)$/;

export function marksOf(decorations: readonly string[]): NoteMark[] {
  return decorations.flatMap((name) => {
    const finger = /^[0-5]$/.exec(name);
    return MARKS[name] ?? (finger ? (`finger ${Number(name)}` as const) : []);
  });
}

export function signOf(decoration: string): Pick<ScoreSign, 'kind' | 'text'> | null {
  if (DYNAMIC.test(decoration)) return { kind: 'dynamic', text: decoration };
  return SIGNS[decoration] ?? null;
}

/** Slurs that begin and end at a note or a chord; the package numbers them from 1, those of chords from 100. */
export function slursOf(element: Parsed): NoteMark[] {
  const begins = list(element['startSlur']).map((one) => number(record(one)['label']));
  const ends = list(element['endSlur']).map(number);
  return [
    ...ends.flatMap((label): NoteMark[] => (label === null ? [] : [`slur-end ${label}`])),
    ...begins.flatMap((label): NoteMark[] => (label === null ? [] : [`slur ${label}`])),
  ];
}
