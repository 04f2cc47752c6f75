import { qualityWord, type Interval } from '../interval/interval';

/** Interval numbers in words: third, sixth, tenth. */
export function numberWord(number: number): string {
  const words = [
    'unison',
    'second',
    'third',
    'fourth',
    'fifth',
    'sixth',
    'seventh',
    'octave',
    'ninth',
    'tenth',
    'eleventh',
    'twelfth',
    'thirteenth',
    'fourteenth',
    'fifteenth',
  ];
  if (words[number - 1]) return words[number - 1]!;
  const end =
    number % 10 === 1 && number !== 11 ? 'st' : number % 10 === 2 ? 'nd' : number % 10 === 3 ? 'rd' : 'th';
  return `${number}${end}`;
}

/** `minor third`, `doubly augmented fourth`. */
export function intervalWords(interval: Interval): string {
  return `${qualityWord(interval).replace('-', ' ')} ${numberWord(interval.number)}`;
}
