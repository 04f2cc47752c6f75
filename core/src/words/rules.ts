import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { Blocked } from '../voicing/settingProblem';
import type { Fault, Rule } from '../voicing/rules';
import { vocabulary } from './vocabulary';

/** A rule of four-part writing, or what else stands in the way of a setting, as a teacher would say it. */
export function ruleWords(rule: Rule | Blocked['rule'], school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const { leading } = vocabulary(school);
  const words: Record<Rule | Blocked['rule'], string> = {
    range: 'outside the range',
    crossing: 'voices cross',
    overlap: 'voices overlap',
    spacing: 'more than an octave apart',
    'parallel-fifths': 'parallel fifths',
    'parallel-octaves': 'parallel octaves',
    'direct-fifths': 'direct fifths',
    'direct-octaves': 'direct octaves',
    'leading-note': `the ${leading} does not rise`,
    seventh: 'the seventh does not fall',
    'augmented-second': 'an augmented second',
    'contrary-fifths': 'fifths by contrary motion',
    'contrary-octaves': 'octaves by contrary motion',
    'melodic-leap': 'an awkward leap',
    'unequal-fifths': 'a perfect fifth after a diminished one',
    'cross-relation': 'a cross relation',
    'missing-third': 'the third is missing',
    doubling: 'a note that is not doubled',
    'six-four': 'the six-four does not fall',
    ninth: 'the ninth does not fall',
    suspension: 'the suspension does not fall',
    'lowered-second': 'the lowered second does not fall',
    'doubled-leading-note': `the ${leading} doubled`,
    'not-in-chord': 'a locked note is not in its chord',
    'several-rules': 'several rules together',
  };
  return words[rule];
}

/** A fault in a few words: what is wrong, and in which voices. */
export function faultWords(
  { rule, voices }: Pick<Fault, 'rule' | 'voices'>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  // What a chord as a whole lacks is no voice's fault.
  if (rule === 'missing-third' || voices.length === 0) return ruleWords(rule, school);
  return `${ruleWords(rule, school)}, ${voices.join(' and ')}`;
}
