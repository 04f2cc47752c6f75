import type { Cause } from '../exercise/marking/diagnose';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { CHORD_TEXTS } from './mistakesOfChords';
import { HEARING_TEXTS } from './mistakesOfHearing';
import { READING_TEXTS } from './mistakesOfReading';
import { mistakeText, type MistakeText } from './mistakeText';
import { vocabulary } from './vocabulary';

const TEXTS: Readonly<Record<string, MistakeText>> = { ...READING_TEXTS, ...HEARING_TEXTS, ...CHORD_TEXTS };

const of = (id: string): MistakeText => TEXTS[id] ?? mistakeText(id.replace(/-/g, ' '), '', 'note-name');

/** The short name of a mistake, as it stands in lists and charts. */
export function mistakeName(id: string, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const { leading } = vocabulary(school);
  const words = of(id).name.replace('LEADING', leading);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What a pupil is told of a cause: two mistakes together are two sentences. */
export function causeSentence({ mistakes, certain }: Cause): string {
  const said = mistakes.map((id) => of(id).sentence).join(' And: ');
  return certain ? said : `Perhaps: ${said}`;
}

/** The exercise that trains what went wrong. */
export const remedyOf = (id: string): MistakeText['remedy'] => of(id).remedy;

/** Every mistake that has words. */
export const MISTAKES_IN_WORDS: readonly string[] = Object.keys(TEXTS);
