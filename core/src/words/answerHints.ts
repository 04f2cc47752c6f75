import type { AnswerFormName } from '../exercise/answers/answerForm';
import { kindOf } from '../exercise/kindRegister';

/** How an answer of each sort is written, by an example. */
const HINTS: Readonly<Record<AnswerFormName, string>> = {
  interval: 'for example m6, or minor sixth',
  note: 'for example Bb4: letter, sign, octave',
  key: 'for example F# minor',
  word: 'one word',
  numeral: 'for example V65 or iio6',
  chord: 'for example F# minor, first inversion',
  figured: 'for example C# E A#: viio6',
  notes: 'letters from the lowest: C# E A#',
  labels: 'one for each chord: I V6 I',
  heard: 'what you hear: M3, C major',
  map: 'row by row, with commas',
  voices: 'from the bass up, chords parted by |',
  faults: 'chord and rule: 3 parallel fifths',
  text: 'in your own words',
  'heard-chord': 'for example minor, first inversion',
  'outer-voices': 'soprano / bass: E5 D5 C5 / C3 G3 C3',
  change: 'number and numeral: 3 vi',
};

/** How an answer of a kind is written, by an example. */
export const answerHint = (kind: string): string => HINTS[kindOf(kind).answer.name];
