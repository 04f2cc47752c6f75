import type { NoteName } from '../pitch/note';
import { displayNoteName } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { SentencePart, Sentence } from '../working/step';
import { vocabulary, type Vocabulary } from './vocabulary';

/** What sayings are made of, in one school. */
export interface Say {
  readonly school: LabelStyle;
  readonly words: Vocabulary;
  readonly name: (note: NoteName) => string;
  readonly strong: (text: string) => SentencePart;
  readonly row: (notes: readonly NoteName[]) => string;
  /** `1 half step`, `3 semitones`. */
  readonly steps: (count: number) => string;
}

/** A sentence for every step of a kind. */
export type Sayings<Step extends { readonly step: string }> = {
  readonly [Name in Step['step']]: (step: Extract<Step, { step: Name }>, say: Say) => Sentence;
};

/** The means of saying in a school. */
export function sayIn(school: LabelStyle = DEFAULT_LABEL_STYLE): Say {
  const words = vocabulary(school);
  const name = (note: NoteName) => displayNoteName(note, school.letters);
  return {
    school,
    words,
    name,
    strong: (text) => ({ strong: text }),
    row: (notes) => notes.map(name).join(' '),
    steps: (count) => `${count} ${count === 1 ? words.halfStep : words.halfSteps}`,
  };
}
