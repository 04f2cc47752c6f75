import { INVERSION_WORDS } from '../chord/inversionNames';
import type { Question } from './ask/question';
import { ENDS } from './kinds/cadenceName/ends';

const DEGREES = ['tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant', 'leading'];
const TRIADS = ['major', 'minor', 'diminished', 'augmented'];
const TURNS = [0, 1, 2].map((turned) => INVERSION_WORDS[turned]!);

/**
 * What an answer is chosen from, where few words can be right (their names are common practice); none where it is
 * written freely.
 */
export function answerChoices({ kind, given }: Pick<Question, 'kind' | 'given'>): readonly string[] {
  switch (kind) {
    case 'degree-name':
      return String(given['key']).endsWith('minor') ? [...DEGREES, 'subtonic'] : DEGREES;
    case 'cadence-name':
      return Object.keys(ENDS);
    case 'key-find':
      return Array.isArray(given['candidates']) ? given['candidates'].map(String) : [];
    case 'listen':
      return heard(given['of']);
    default:
      return [];
  }
}

function heard(of: unknown): readonly string[] {
  if (of === 'triad') return TRIADS;
  if (of === 'inversion') return TURNS;
  return of === 'cadence' ? Object.keys(ENDS) : [];
}
