import { qualityWord, type Interval } from '../interval/interval';
import type { IntervalStep } from '../working/step';
import { a, cap } from './grammar';
import { intervalWords, numberWord } from './intervals';
import type { Sayings } from './say';

/** Half steps as they were counted, which may have gone the other way. */
function asCounted(halfSteps: number): string {
  if (halfSteps === 0) return 'none';
  return halfSteps < 0 ? `${-halfSteps} the other way` : String(halfSteps);
}

/** What is said at each step of working with intervals. */
export const INTERVAL_SAYINGS: Sayings<IntervalStep> = {
  'count-letters': (step, { strong, row }) => [
    `Count the letters, ${row(step.letters.map(({ step: s }) => ({ step: s, alteration: 0 })))}: `,
    strong(a(numberWord(step.number))),
    '.',
  ],
  'take-octaves': (step) => [
    `${cap(a(numberWord(step.interval.number)))} is ` +
      `${step.octaves === 1 ? 'an octave' : `${step.octaves} octaves`} and ${a(numberWord(step.simple.number))}: ` +
      `work with the ${numberWord(step.simple.number)}.`,
  ],
  'scale-note': (step, { name, strong }) => [
    `In the major scale on ${name(step.tonic)}, the ${numberWord(step.number)} is `,
    strong(name(step.note)),
    '.',
  ],
  compare: (step, { name, strong, steps }) => {
    if (step.difference === 0)
      return [`${name(step.note)} is that very note: `, strong(intervalWords(step.interval)), '.'];
    return [
      `${name(step.note)} is ${steps(Math.abs(step.difference))} ` +
        `${step.difference > 0 ? 'higher' : 'lower'} than ${name(step.scaleNote)}: `,
      strong(intervalWords(step.interval)),
      '.',
    ];
  },
  strip: (step, { name, strong }) => [
    `Take the same ${signWord(step.taken)} from both notes: ${name(step.from)}–${name(step.to)} is as wide as `,
    strong(`${name(step.bareFrom)}–${name(step.bareTo)}`),
    '.',
  ],
  'bare-size': (step, { name, strong }) => [
    `${name(step.from)}–${name(step.to)} without accidentals is `,
    strong(a(intervalWords(step.interval))),
    '.',
  ],
  'put-back': (step, { name, strong }) => [
    `Put back ${name(step.note)} at the ${step.end}: it ${step.wider ? 'widens' : 'narrows'} to `,
    strong(a(intervalWords(step.interval))),
    '.',
  ],
  'count-half-steps': (step, { name, strong, steps }) =>
    step.halfSteps > 0
      ? [
          `From ${name(step.from)} up to ${name(step.to)} there ${step.halfSteps === 1 ? 'is' : 'are'} `,
          strong(steps(step.halfSteps)),
          '.',
        ]
      : step.halfSteps === 0
        ? [`${name(step.to)} sounds like ${name(step.from)}: `, strong(steps(0)), '.']
        : [
            `${name(step.to)} sounds `,
            strong(steps(-step.halfSteps)),
            ` lower than ${name(step.from)}, though its letter is higher.`,
          ],
  'look-up': (step, { strong, steps }) =>
    step.halfSteps === step.plainHalfSteps
      ? [
          `${cap(a(numberWord(step.number)))} of ${steps(step.halfSteps)} is `,
          strong(a(intervalWords(step.interval))),
          '.',
        ]
      : [
          `${cap(a(intervalWords(step.plain)))} has ${step.plainHalfSteps}, so ${asCounted(step.halfSteps)} makes it `,
          strong(a(intervalWords(step.interval))),
          '.',
        ],
  'turn-over': (step, { name, strong }) => [
    `Turn it over: ${name(step.from)} up to ${name(step.to)} is `,
    strong(a(intervalWords(step.inversion))),
    '.',
  ],
  'turn-back': (step, { strong }) => [
    `${step.inversion.number} and ${step.interval.number} make 9, and the qualities ` +
      `${qualityWord(step.interval) === 'perfect' ? 'stay perfect' : 'swap'}: `,
    strong(intervalWords(step.interval)),
    '.',
  ],
  'no-inversion': (step) => [
    `${cap(a(intervalWords(step.interval)))} has no inversion within the octave: ` +
      'moved down an octave, the upper note is still above.',
  ],
  result: (step, { strong }) => [
    `The interval is `,
    strong(a(intervalWords(step.interval))),
    step.direction === 'down' ? ', going down.' : '.',
  ],
  'reach-letter': (step, { name, strong }) => [
    `${cap(a(numberWord(step.number)))} ${step.below ? 'below' : 'above'} ${name(step.from)} falls on the letter `,
    strong(name(step.letter)),
    '.',
  ],
  adjust: (step, { name, strong }) => {
    if (sameInterval(step.bareInterval, step.wanted))
      return [
        `${name(step.bare)} as it stands makes ${a(intervalWords(step.wanted))}: `,
        strong(name(step.note)),
        '.',
      ];
    return [
      `With plain ${name(step.bare)} it is ${a(intervalWords(step.bareInterval))}; ` +
        `to make it ${intervalWords(step.wanted).split(' ').slice(0, -1).join(' ')}, write `,
      strong(name(step.note)),
      '.',
    ];
  },
};

function signWord(taken: number): string {
  return Math.abs(taken) === 1 ? (taken > 0 ? 'sharp' : 'flat') : taken > 0 ? 'double sharp' : 'double flat';
}

function sameInterval(one: Interval, other: Interval): boolean {
  return one.number === other.number && one.deviation === other.deviation;
}
