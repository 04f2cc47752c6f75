import { memberWord } from '../chord/inversionNames';
import { printMember } from '../chord/chord';
import { qualityWord, type Interval } from '../interval/interval';
import { degreeName } from '../key/scale';
import type { Key } from '../key/key';
import type { NoteName } from '../pitch/note';
import type { LabelStyle } from '../school/school';
import type { SentencePart, Sentence, ChordStep } from '../working/step';
import { a, cap, glyphs, list } from './grammar';
import { intervalWords, numberWord } from './intervals';
import { keyWords, qualityWords } from './names';
import type { Sayings } from './say';
import { vocabulary } from './vocabulary';

/** `lowered`, `raised twice`. */
function moved(alteration: number): string {
  return `${alteration < 0 ? 'lowered' : 'raised'}${Math.abs(alteration) > 1 ? ' twice' : ''}`;
}

/** Whether each note lies a third over the one before: a suspended or an added note does not. */
function inThirds(notes: readonly NoteName[]): boolean {
  return notes.every((note, at) => at === 0 || (note.step - notes[at - 1]!.step + 7) % 7 === 2);
}

/** What is said at each step of working with chords. */
export const CHORD_SAYINGS: Sayings<ChordStep> = {
  'every-other': (step, { strong, row }) => [
    `Start on degree ${step.degree} and take every other note of the scale: `,
    strong(row(step.notes)),
    '.',
  ],
  'drop-doublings': (step, { strong, row }) => ['Leave out doubled notes: ', strong(row(step.notes)), '.'],
  restack: (step, { name, strong, row }) => [
    inThirds(step.notes) ? 'Stack in thirds: ' : 'Over the root they lie ',
    strong(row(step.notes)),
    `. The root is ${name(step.root)}.`,
  ],
  third: (step, { name, strong, steps }) => [
    `${name(step.from)} up to ${name(step.to)} is ${a(numberWord(step.interval.number))} of ${steps(step.halfSteps)}: `,
    strong(intervalWords(step.interval)),
    '.',
  ],
  gaps: (step, { words, strong }) =>
    step.gaps.length === 0
      ? ['One note alone is no chord.']
      : [`${list(step.gaps.map(String))} ${words.halfSteps}: `, strong(qualityWords(step.quality)), '.'],
  'thirds-make': (step) =>
    sayThirds(
      step.intervals,
      step.quality,
      step.numeral && step.key ? { numeral: step.numeral, key: step.key } : null,
    ),
  lowest: (step, { name }) => sayLowest(step, name),
  'root-scale': (step, { name, strong, row }) => [
    `In the major scale on ${name(step.root)} these members are `,
    strong(row(step.notes)),
    '.',
  ],
  'formula-member': (step, { name, strong }) => [
    `The ${memberWord(step.member)} is ${moved(step.member.alteration)}: ${name(step.scaleNote)} becomes `,
    strong(name(step.note)),
    '.',
  ],
  formula: (step, { strong }) => [
    'The formula is ',
    strong(step.formula.replaceAll('b', '♭').replaceAll('#', '♯')),
    `: ${qualityWords(step.quality)}.`,
  ],
  'count-up': (step, { name, strong, steps }) => [
    `From ${name(step.from)} count ${steps(step.gap)} up: `,
    strong(name(step.to)),
    '.',
  ],
  'in-signature': (step, { strong, row, school }) =>
    step.foreign.length === 0
      ? [`The signature of ${keyWords(step.key, school)} gives every note: `, strong(row(step.notes)), '.']
      : [
          `The signature of ${keyWords(step.key, school)} gives ${row(step.notes)}; `,
          strong(row(step.foreign)),
          ` ${step.foreign.length === 1 ? 'needs its' : 'need their'} own accidental.`,
        ],
  'raised-leading': (step, { words, name, strong, school }) => [
    `${name(step.plain)} is raised to `,
    strong(name(step.note)),
    `, the ${words.leading} of ${keyWords(step.key, school)}.`,
  ],
  'degree-of-root': (step, { name, strong, school }) =>
    step.alteration === 0 || isRaisedLeading(step)
      ? [
          `${name(step.root)} is degree ${step.degree} of ${keyWords(step.key, school)}, the `,
          strong(degreeWords(step, school)),
          '.',
        ]
      : [
          `${name(step.root)} is degree ${step.degree} of ${keyWords(step.key, school)}, ` +
            `${step.alteration < 0 ? 'lowered' : 'raised'}.`,
        ],
  'above-gap': (step, { name, strong }) =>
    step.below
      ? [
          `In close position the gap lies above ${name(step.below)}, and the note above the gap is the root: `,
          strong(name(step.root)),
          '.',
        ]
      : ['There is no gap in the stack, so the lowest note is the root: ', strong(name(step.root)), '.'],
  'letter-triple': (step, { name, strong, row }) => [
    'The letters ',
    strong(row(step.letters.map(({ step: s }) => ({ step: s, alteration: 0 })))),
    ` spell a stack on ${name(step.root)}, in whatever order they come.`,
  ],
  missing: (step) => [
    `The ${list(step.degrees.map((degree) => memberWord({ degree })))} ` +
      `${step.degrees.length === 1 ? 'is' : 'are'} not there.`,
  ],
  understood: (step, { strong, row, school }) => [
    `The ${list(step.degrees.map((degree) => memberWord({ degree })))} ` +
      `${step.degrees.length === 1 ? 'is' : 'are'} not there; ${keyWords(step.key, school)} has `,
    strong(row(step.notes)),
    `: ${row(step.stack)}.`,
  ],
  added: (step) => [
    `Beside the stack: ${step.members
      .map((m) => printMember(m).replaceAll('b', '♭').replaceAll('#', '♯'))
      .join(', ')}.`,
  ],
  'seventh-from-octave': (step, { words, name, strong, steps }) => [
    `${name(step.root)} an octave up, then ${
      step.halfSteps === 2
        ? `a ${words.wholeStep}`
        : step.halfSteps === 1
          ? `a ${words.halfStep}`
          : steps(step.halfSteps)
    } down: `,
    strong(name(step.seventh)),
    `, ${a(intervalWords(step.interval))}.`,
  ],
  'what-it-is': (step, { strong }) => [
    `${cap(list(step.members.map((m) => memberSaid(m))))}: `,
    strong(a(qualityWords(step.quality))),
    step.asked === null ? '.' : `, whatever was asked for: ${step.asked} would need more.`,
  ],
};

function isRaisedLeading({
  degree,
  alteration,
  key,
}: {
  degree: number;
  alteration: number;
  key: Key;
}): boolean {
  return degree === 7 && alteration === 1 && key.mode === 'minor';
}

function degreeWords(
  { degree, alteration, key }: { degree: number; alteration: number; key: Key },
  school: LabelStyle,
): string {
  const name = degreeName(key, degree, alteration === 1 ? 'harmonic' : 'natural');
  return name === 'leading' ? vocabulary(school).leading : name;
}

/** Thirds from the bottom up, put together into a quality and a numeral. */
function sayThirds(
  intervals: readonly Interval[],
  quality: string,
  named: { numeral: Extract<SentencePart, { numeral: unknown }>['numeral']; key: Key } | null,
): Sentence {
  const kinds = intervals.map((interval) => qualityWord(interval));
  const start =
    intervals.length === 2 && intervals.every((i) => i.number === 3)
      ? kinds[0] === kinds[1]
        ? `Two ${kinds[0]} thirds make `
        : `${cap(kinds[1]!)} over ${kinds[0]} makes `
      : 'Together they make ';
  const parts: SentencePart[] = [start, { strong: a(qualityWords(quality)) }, '.'];
  if (named) parts.push(' In the key it is written ', named, '.');
  return parts;
}

function sayLowest(step: Extract<ChordStep, { step: 'lowest' }>, name: (note: NoteName) => string): Sentence {
  if (!step.member)
    return [`${name(step.note)} lies below and is not part of the stack, so it is written after a slash.`];
  const figures = step.figures.length === 0 ? 'no figures' : `figures ${glyphs(step.figures.join(' '))}`;
  const counted =
    step.figures.length === 0
      ? ': a fifth and a third above the bass go without saying.'
      : ', counted in letters up from the bass.';
  return [
    `The ${memberWord(step.member)}, ${name(step.note)}, is lowest: `,
    { strong: step.inversion },
    `, ${figures}${counted}`,
  ];
}

/** `root`, `lowered third`, `raised ninth`. */
function memberSaid({ degree, alteration }: { degree: number; alteration: number }): string {
  const minor = (degree === 3 || degree === 7) && alteration === -1;
  const sign = alteration === 0 ? '' : minor ? 'minor ' : alteration < 0 ? 'lowered ' : 'raised ';
  return sign + memberWord({ degree });
}
