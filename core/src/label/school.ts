import { DEFAULT_SYMBOLS, type SymbolSchool } from '../chord/symbolPrint';
import type { SolfegeSystem } from '../key/solfege';
import type { LetterSystem } from '../pitch';

/**
 * A school of labelling: how labels are printed and read, never what is
 * stored. The choices and their defaults are the house theory's.
 */
export interface School {
  readonly numeralCase: 'quality' | 'capitals-suffix' | 'capitals-bare';
  readonly inversion: 'figures' | 'letters' | 'slash' | 'words';
  /** `explicit`: Imaj7, and I7 is a dominant seventh; `diatonic`: I7 takes the scale's seventh. */
  readonly sevenths: 'explicit' | 'diatonic';
  readonly symbols: SymbolSchool;
  /** VI, VII of minor as the signature has them, or with a cautionary flat. */
  readonly minorDegrees: 'plain' | 'flat';
  readonly applied: 'slash' | 'of' | 'arrow' | 'arrows-only';
  readonly cadentialSixFour: 'dominant' | 'tonic';
  readonly letters: LetterSystem;
  readonly words: 'tone' | 'note';
  readonly solfege: 'off' | SolfegeSystem;
}

export const DEFAULT_SCHOOL: School = {
  numeralCase: 'quality',
  inversion: 'figures',
  sevenths: 'explicit',
  symbols: DEFAULT_SYMBOLS,
  minorDegrees: 'plain',
  applied: 'slash',
  cadentialSixFour: 'dominant',
  letters: 'english',
  words: 'tone',
  solfege: 'off',
};

/** RomanText as its readers take it: a bare 7 is the seventh of the scale. */
export const ROMANTEXT: School = { ...DEFAULT_SCHOOL, sevenths: 'diatonic' };
