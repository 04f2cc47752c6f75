import { parseKey } from '../key/key';
import type { Drill, DrillItem, Hands } from '../practice/drill';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { keyWords } from './names';

const DRILL_NAMES: Readonly<Record<Drill, string>> = {
  scale: 'scale',
  triads: 'triad and inversions',
  primary: 'primary chords',
  sevenths: 'dominant seventh and inversions',
  arpeggio: 'arpeggio',
};
/** Names for a narrow column. */
const SHORT: Readonly<Record<Drill, string>> = { ...DRILL_NAMES, triads: 'triads', sevenths: 'sevenths' };

export const drillName = (drill: Drill): string => DRILL_NAMES[drill];

/** A drill in two short lines, its key and what is played in it, in the school's letters. */
export function drillLines(
  { drill, key, form }: DrillItem,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): readonly [key: string, played: string] {
  return [keyWords(parseKey(key), school), `${formWord(form)}${SHORT[drill]}`];
}

/** A drill in words: `C major, scale`. */
export function drillWords(
  { drill, key, form }: DrillItem,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  return `${keyWords(parseKey(key), school)}, ${formWord(form)}${DRILL_NAMES[drill]}`;
}

const formWord = (form: DrillItem['form']) => (form && form !== 'natural' ? `${form} ` : '');

const HAND_WORDS: Readonly<Record<Hands, string>> = {
  right: 'right hand',
  left: 'left hand',
  together: 'hands together',
  unseen: 'without looking',
};
export const handWords = (hands: Hands): string => HAND_WORDS[hands];
