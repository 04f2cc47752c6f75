import { INVERSION_WORDS } from '../chord/inversionNames';
import { layoutOf } from '../exercise/layout/questionOnPage';
import type { Prompt } from '../exercise/layout/prompt';
import type { Question } from '../exercise/question';
import type { Listened } from '../exercise/generating/material';
import { parseInterval } from '../interval/interval';
import { parseKey } from '../key/key';
import { parseNote, parseNoteName } from '../pitch/parse';
import { displayNote, displayNoteName } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { intervalWords } from './intervals';
import { keyWords, spacedQuality } from './names';

/** A stretch of a prompt: words, a numeral to be set in type, figures over each other, or chords that are sought. */
export type PromptPart =
  | string
  | { readonly numeral: string }
  | { readonly figures: readonly string[] }
  | { readonly sought: number };

/** What is heard, as it is asked for. */
const HEARD_WORDS: Readonly<Record<Listened, string>> = {
  interval: 'an interval',
  triad: 'the quality of a triad',
  seventh: 'the quality of a seventh chord',
  inversion: 'the inversion of a triad',
  cadence: 'a cadence',
};

/** What is printed beside the notes of a question, part by part; nothing where the notes say it all. */
export function promptParts(
  question: Pick<Question, 'kind' | 'given'>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): readonly PromptPart[] {
  const { prompt } = layoutOf(question);
  return prompt ? said(prompt, school) : [];
}

function said(prompt: Prompt, school: LabelStyle): readonly PromptPart[] {
  const key = (text: string) => keyWords(parseKey(text), school);
  const name = (note: string) => displayNoteName(parseNoteName(note), school.letters);
  switch (prompt.say) {
    case 'last-note':
      return ['the last note'];
    case 'mode':
      return [prompt.mode];
    case 'key':
      return [
        prompt.form === undefined ? key(prompt.key) : `${key(prompt.key)}, ${prompt.form}`,
        ...(prompt.changes ?? []).map((change) => `, from chord ${change.at + 1} on ${key(change.key)}`),
      ];
    case 'degree':
      return [`${name(prompt.note)} in ${key(prompt.key)}`];
    case 'interval': {
      const words = intervalWords(parseInterval(prompt.name));
      return [prompt.direction ? `${words} ${prompt.direction}` : words];
    }
    case 'chord': {
      const turned = INVERSION_WORDS[prompt.inversion] ?? INVERSION_WORDS[0]!;
      return [`${name(prompt.root)} ${spacedQuality(prompt.quality)}, ${turned}`];
    }
    case 'cadence':
      return [`${prompt.cadence} cadence in ${key(prompt.key)}`];
    case 'keys':
      return [prompt.keys.map(key).join(' or ')];
    case 'map':
      return [`${key(prompt.key)}, ${prompt.stack === 7 ? 'sevenths' : 'triads'}`];
    case 'target':
      return [{ sought: prompt.chords }, { numeral: prompt.target }, ` in ${key(prompt.key)}`];
    case 'chords':
      return [
        `${key(prompt.key)}: `,
        ...prompt.numerals.flatMap((numeral, at) => (at === 0 ? [{ numeral }] : [' ', { numeral }])),
      ];
    case 'heard':
      return heardParts(prompt, school);
    case 'numeral':
      return [{ numeral: prompt.numeral }, ` in ${key(prompt.key)}`];
    case 'figures':
      return [{ figures: prompt.figures }, key(prompt.key)];
    case 'text':
      return [prompt.text];
  }
}

const WAYS = { together: ', together', up: ', upward', down: ', downward' } as const;

/** What is heard: of what, how, and in which key. */
function heardParts(prompt: Extract<Prompt, { say: 'heard' }>, school: LabelStyle): readonly PromptPart[] {
  const { of, how, key, count = 0, numerals = [], first } = prompt;
  const within = key === undefined ? '' : ` in ${keyWords(parseKey(key), school)}`;
  const words: Readonly<Record<typeof of, string>> = {
    ...HEARD_WORDS,
    scale: 'a scale',
    'triad and inversion': 'quality and inversion of a triad',
    'seventh and inversion': 'quality and inversion of a seventh chord',
    'cadence of a phrase': 'the cadence of a phrase',
    numerals: `the numerals of ${count} chords`,
    'outer voices': `soprano and bass of ${count} chords`,
    melody: `a melody of ${count} notes`,
    change: 'one chord is played otherwise',
  };
  const own = `${words[of]}${how ? WAYS[how] : ''}${within}`;
  if (first === undefined) return [own];
  const begins = displayNote(parseNote(first), school.letters);
  return [
    `${own}, beginning on ${begins}, over `,
    ...numerals.flatMap((numeral, at) => (at === 0 ? [{ numeral }] : [' ', { numeral }])),
  ];
}

/** Blanks joined as they are drawn: a ii and its V under a bracket, an arrow to the target. */
const soughtText = (count: number) => (count > 1 ? '[ ____  ____ ] → ' : '____ → ');

function partText(part: PromptPart): string {
  if (typeof part === 'string') return part;
  if ('numeral' in part) return part.numeral;
  if ('sought' in part) return soughtText(part.sought);
  return part.figures.length === 0 ? '' : `${part.figures.join(' ')} · `;
}

/** What is printed beside the notes of a question, in a line of text; empty where the notes say it all. */
export const promptWords = (
  question: Pick<Question, 'kind' | 'given'>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string => promptParts(question, school).map(partText).join('');
