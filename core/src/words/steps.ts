import { numeralParts, partsText } from '../label/numeralPrint';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { Sentence, WorkingStep } from '../working/step';
import { ANSWER_SAYINGS } from './answerSteps';
import { CHORD_SAYINGS } from './chordSteps';
import { FIGURES_SAYINGS } from './figuresSteps';
import { INTERVAL_SAYINGS } from './intervalSteps';
import { KEY_SAYINGS } from './keySteps';
import { NUMERAL_SAYINGS } from './numeralSteps';
import { sayIn, type Say, type Sayings } from './say';

const SAYINGS: Sayings<WorkingStep> = {
  ...INTERVAL_SAYINGS,
  ...CHORD_SAYINGS,
  ...KEY_SAYINGS,
  ...FIGURES_SAYINGS,
  ...NUMERAL_SAYINGS,
  ...ANSWER_SAYINGS,
};

/** A working step as one sentence in the school's words. Short, and as a teacher would say it. */
export function sayStep(step: WorkingStep, school: LabelStyle = DEFAULT_LABEL_STYLE): Sentence {
  const saying = SAYINGS[step.step] as (step: WorkingStep, say: Say) => Sentence;
  return saying(step, sayIn(school));
}

/** A sentence as plain text, numerals in the school's plain spelling. */
export function sentenceText(sentence: Sentence, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  return sentence
    .map((part) =>
      typeof part === 'string'
        ? part
        : 'strong' in part
          ? part.strong
          : partsText(numeralParts(part.numeral, part.key, school, 'short')),
    )
    .join('');
}
