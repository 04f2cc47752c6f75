import { attempt } from '../../../errors';
import {
  halfSteps,
  intervalBetween,
  invert,
  isPerfectNumber,
  parseInterval,
  printInterval,
  qualityLetters,
  simpleForm,
  type Interval,
} from '../../../interval/interval';
import { keyOf } from '../../../key/key';
import { scaleOf } from '../../../key/scale';
import { sameName } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import type { Given } from '../../ask/question';
import type { Mistake } from '../mistake';

const NAMED = ['interval-name', 'listen'];
const WANTED = ['interval-build', 'transpose'];
type Turn = (interval: Interval) => readonly Interval[];

/** A mistake about an interval: in its name where it is named, in what is counted off where it is built. */
function aboutInterval(id: string, turn: Turn, more: readonly string[] = []): Mistake {
  return {
    id,
    kinds: [...NAMED, ...WANTED, ...more],
    slips: (right, _, kind) => (WANTED.includes(kind) ? [] : turned(right, turn)),
    misreads(given, kind) {
      const field = kind === 'transpose' ? 'by' : 'name';
      if (!WANTED.includes(kind) || typeof given[field] !== 'string') return [];
      return turned(given[field], turn).map((name) => ({ ...given, [field]: name }));
    },
  };
}

function turned(name: unknown, turn: Turn): string[] {
  const read = attempt(() => parseInterval(String(name)));
  if (!read.ok) return [];
  return turn(read.value).flatMap((interval) => {
    const printed = attempt(() => printInterval(interval));
    return printed.ok && interval.number >= 1 && printed.value !== name ? [printed.value] : [];
  });
}

/** An interval of another number with the same quality as far as the number has it. */
function sameQuality(interval: Interval, number: number): Interval {
  const letters = qualityLetters(interval);
  const perfect = isPerfectNumber(number);
  const plain: Interval = { number, deviation: 0 };
  if (/^[Ad]/.test(letters)) {
    const read = attempt(() => parseInterval(`${letters}${number}`));
    return read.ok ? read.value : plain;
  }
  return perfect || letters !== 'm' ? plain : { number, deviation: -1 };
}

const inverted: Turn = (interval) => {
  const turnedRound = attempt(() => invert(interval));
  return turnedRound.ok ? [turnedRound.value] : [];
};
const zero: Turn = (interval) => (interval.number > 1 ? [sameQuality(interval, interval.number - 1)] : []);
const lettersByHalfSteps: Turn = (interval) => {
  const steps = Math.abs(halfSteps(interval));
  return [steps, steps + 1]
    .filter((number) => number !== interval.number && number > 0)
    .flatMap((number) => [sameQuality(interval, number), { number, deviation: 0 }, { number, deviation: -1 }])
    .filter(({ number, deviation }) => !(isPerfectNumber(number) && deviation === -1));
};
const majorMinor: Turn = ({ number, deviation }) =>
  !isPerfectNumber(number) && (deviation === 0 || deviation === -1)
    ? [{ number, deviation: -1 - deviation }]
    : [];
const augmentedDiminished: Turn = (interval) => {
  const letters = qualityLetters(interval);
  if (!/^[Ad]+$/.test(letters)) return [];
  const other = letters.replace(/./g, (one) => (one === 'A' ? 'd' : 'A'));
  const read = attempt(() => parseInterval(`${other}${interval.number}`));
  return read.ok ? [read.value] : [];
};
/** A half step too many, where the first note is counted as a step. */
const startCounted: Turn = ({ number, deviation }) => [{ number, deviation: deviation + 1 }];
const enharmonic: Turn = (interval) =>
  [-1, 1].flatMap((by) => {
    const number = interval.number + by;
    if (number < 1) return [];
    const deviation = halfSteps(interval) - halfSteps({ number, deviation: 0 });
    return Math.abs(deviation) <= 2 ? [{ number, deviation }] : [];
  });
const plainQuality: Turn = ({ number, deviation }) =>
  deviation === 0 || (!isPerfectNumber(number) && deviation === -1)
    ? []
    : [{ number, deviation: 0 }, ...(isPerfectNumber(number) ? [] : [{ number, deviation: -1 }])];

const familyConfused: Mistake = {
  id: 'major-perfect-confused',
  kinds: ['interval-name', 'interval-invert', 'listen'],
  slips(right) {
    const read = attempt(() => parseInterval(String(right)));
    if (!read.ok) return [];
    const { number } = read.value;
    const letters = isPerfectNumber(number) ? ['M', 'm'] : ['P'];
    const words: Record<string, string> = { M: 'major', m: 'minor', P: 'perfect' };
    return letters.flatMap((letter) => [
      `${letter}${number}`,
      `${words[letter]} ${ORDINALS[number] ?? number}`,
    ]);
  },
};
const ORDINALS = [
  ...['', 'unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave', 'ninth', 'tenth'],
];

const upperKey: Mistake = {
  id: 'upper-key-used',
  kinds: ['interval-name'],
  slips(right, given: Given) {
    const [from, to] = [parseNote(String(given['from'])), parseNote(String(given['to']))];
    const scale = attempt(() => scaleOf(keyOf(to, 'major')));
    if (!scale.ok) return [];
    const { number } = intervalBetween(from, to);
    const inside = scale.value.some((name) => sameName(name, from));
    // Found in the scale of the upper note it is called major or perfect, else minor or diminished.
    const said = printInterval({ number, deviation: inside ? 0 : -1 });
    return said === right ? [] : [said];
  },
};

const INVERT = ['interval-invert'];
const ofGiven = (given: Given): Interval => parseInterval(String(given['name']));

const notTurned: Mistake = {
  id: 'not-turned',
  kinds: INVERT,
  slips: (_, given) => [printInterval(simpleForm(ofGiven(given)))],
};
const qualityNotSwapped: Mistake = {
  id: 'quality-not-swapped',
  kinds: INVERT,
  slips(right, given) {
    const { number } = parseInterval(String(right));
    const name = `${qualityLetters(ofGiven(given))}${number}`;
    return attempt(() => parseInterval(name)).ok ? [name] : [];
  },
};
const perfectSwapped: Mistake = {
  id: 'perfect-swapped',
  kinds: INVERT,
  slips: (right) =>
    /^P/.test(String(right)) ? ['d', 'A'].map((one) => String(right).replace('P', one)) : [],
};
const sumOfEight: Mistake = {
  id: 'sum-not-nine',
  kinds: INVERT,
  slips(right) {
    const interval = parseInterval(String(right));
    return [-1, 1]
      .map((by) => interval.number + by)
      .filter((number) => number >= 1 && number <= 8)
      .flatMap((number) => [sameQuality(interval, number), { number, deviation: 0 }])
      .map(printInterval);
  },
};

const wrongDirection: Mistake = {
  id: 'wrong-direction',
  kinds: WANTED,
  misreads: (given) => [{ ...given, below: given['below'] !== true }],
};

/** What goes wrong with intervals, the likeliest first. */
export const INTERVAL_MISTAKES: readonly Mistake[] = [
  notTurned,
  qualityNotSwapped,
  wrongDirection,
  aboutInterval('inverted', inverted),
  familyConfused,
  aboutInterval('major-minor-exchanged', majorMinor, INVERT),
  aboutInterval('octave-left-out', (interval) => (interval.number > 8 ? [simpleForm(interval)] : [])),
  aboutInterval('augmented-diminished-exchanged', augmentedDiminished, INVERT),
  sumOfEight,
  perfectSwapped,
  upperKey,
  aboutInterval('counted-from-zero', zero),
  aboutInterval('half-steps-for-letters', lettersByHalfSteps),
  aboutInterval('start-counted', startCounted),
  aboutInterval('enharmonic-spelling', enharmonic),
  aboutInterval('quality-not-measured', plainQuality, INVERT),
];
