import type { Sentence, NumeralStep } from '../working/step';
import { keyWords } from './names';
import type { Sayings } from './say';

/** What is said at each step of working with numerals. */
export const NUMERAL_SAYINGS: Sayings<NumeralStep> = {
  'foreign-note': (step, { name, strong, school }) => [
    strong(name(step.note)),
    ` is not in ${keyWords(step.key, school)}.`,
  ],
  'leads-to': (step, { words, name, strong }) => [
    `${name(step.note)} is the ${words.leading} of `,
    strong(name(step.target)),
    `, the root of `,
    { numeral: step.targetNumeral, key: step.key },
    '.',
  ],
  'dominant-of': (step, { name }) => [
    `${name(step.root)} is a fifth above ${name(step.target)}, so it is the dominant of `,
    { numeral: step.targetNumeral, key: step.key },
    '.',
  ],
  'local-key': (step, { school }) => [
    'Count in the key of ',
    { numeral: step.target, key: step.key },
    `, ${keyWords(step.local, school)}.`,
  ],
  'arrow-to': (step, { name, strong }) => [
    'The arrow goes to ',
    { numeral: step.targetNumeral, key: step.key },
    `: its root is `,
    strong(name(step.target)),
    '.',
  ],
  'fifth-above': (step, { name, strong }) => [
    'A dominant falls a fifth, so its root is a fifth above ',
    name(step.of),
    ': ',
    strong(name(step.root)),
    '.',
  ],
  'bracket-back': (step, { name, strong }) => [
    `The bracket joins it to its ii, a fifth above ${name(step.of)}: `,
    strong(name(step.root)),
    step.minor ? ', with a lowered fifth before a minor goal.' : ', a minor chord.',
  ],
  named: (step) => ['In the key it is written ', { numeral: step.numeral, key: step.key }, '.'],
  special: (step, { words, name, school }) =>
    saySpecial(step.numeral.special!, name(step.root), keyWords(step.key, school), words.halfStep),
};

function saySpecial(special: string, root: string, key: string, halfStep: string): Sentence {
  switch (special) {
    case 'N':
      return [
        `${root} is a ${halfStep} above the tonic of ${key}; its major triad is the `,
        { strong: 'Neapolitan' },
        '.',
      ];
    case 'Cad':
      return [
        'A tonic chord over the dominant in the bass: ' +
          'the sixth and fourth are about to fall to the fifth and third, a ',
        { strong: 'cadential six-four' },
        '.',
      ];
    case 'CT':
      return [
        `A diminished seventh that keeps the tonic of ${key} as a common note: ` +
          'it decorates the tonic and does not resolve to a new root.',
      ];
    case 'sub':
      return [
        `${root} is a ${halfStep} above the tonic of ${key}; it shares its third and seventh with the dominant and `,
        { strong: 'stands in for it' },
        '.',
      ];
    default:
      return [
        `${root} in the bass and the note an augmented sixth above it both move outward to the dominant of ${key}: an `,
        { strong: 'augmented sixth' },
        '.',
      ];
  }
}
