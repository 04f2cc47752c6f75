import type { SettingFact } from '../voicing/settingFacts';
import { numberWord } from './intervals';

/** How well something fits beside the best: as well, close to it, clearly worse, far from it. */
export const FITS = ['equal', 'close', 'worse', 'far'] as const;
export type Fit = (typeof FITS)[number];

/** Costs of readings, in the units of the context, up to which they fit so. */
const READING = { equal: 0.05, close: 1.5, worse: 4 };
/** Costs of a setting beside the best, for each of its chords. */
const SETTING = { equal: 0.001, close: 0.5, worse: 2 };

/** How a reading fits that makes the whole dearer by `excess`. */
export const readingFit = (excess: number): Fit => fitIn(excess, READING);

/** How a setting fits that costs so much more than the best, over so many chords. */
export const settingFit = (excess: number, chords: number): Fit =>
  fitIn(excess / Math.max(1, chords), SETTING);

function fitIn(excess: number, { equal, close, worse }: typeof READING): Fit {
  return excess < equal ? 'equal' : excess < close ? 'close' : excess < worse ? 'worse' : 'far';
}

const WORDS: Record<Fit, string> = {
  equal: 'fits as well',
  close: 'fits nearly as well',
  worse: 'fits clearly worse',
  far: 'fits far worse',
};
export const fitWords = (fit: Fit): string => WORDS[fit];

const SETTINGS: Record<Fit, string> = {
  equal: 'This is the smoothest setting.',
  close: 'This setting is nearly as smooth as the best.',
  worse: 'This setting is clearly rougher than the best.',
  far: 'This setting is far rougher than the best.',
};
export const settingFitWords = (fit: Fit): string => SETTINGS[fit];

/** `the soprano leaps a sixth`, `the third is doubled`. */
export function settingFactWords(fact: SettingFact): string {
  switch (fact.kind) {
    case 'doubled':
      return `the ${memberWord(fact.degree)} is doubled`;
    case 'tripled':
      return `the ${memberWord(fact.degree)} stands three times`;
    case 'fifth-left-out':
      return 'the fifth is left out';
    case 'unison':
      return `${fact.voices.join(' and ')} in unison`;
    case 'wide-tenor':
      return 'more than an octave between tenor and bass';
    case 'leap':
      return `the ${fact.voice} leaps ${fact.number === 8 ? 'an' : 'a'} ${numberWord(fact.number)}`;
  }
}

const memberWord = (degree: number): string => (degree === 1 ? 'root' : numberWord(degree));
