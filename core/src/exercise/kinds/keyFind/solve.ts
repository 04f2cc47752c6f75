import { type Key, parseKey, printKey } from '../../../key/key';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { lineOfFifths } from '../../../pitch/note';
import { rounded } from '../../generating/staffWriting';
import { chordsIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { KeyFindGiven } from './given';

/** The key of two that share a signature: that of the last chord, after its dominant. */
export function keyFound(given: KeyFindGiven): Key {
  const candidates = given.candidates.map((text) => parseKey(text));
  const chords = chordsIn(given.chords);
  const cost = (key: Key) => {
    const readings = chords.map((notes) => numeralsForNotes(notes, key)[0]!);
    const last = readings[readings.length - 1]!.numeral;
    const before = readings[readings.length - 2]?.numeral;
    return (
      (last.degree === 1 && before?.degree === 5 ? 0 : 10) +
      readings.filter(({ reason }) => reason !== 'diatonic').length
    );
  };
  return candidates.reduce((best, key) => (cost(key) < cost(best) ? key : best));
}

export const solveKeyFind = (given: KeyFindGiven): readonly string[] => [printKey(keyFound(given))];

export function keyFindDifficulty(given: KeyFindGiven): DifficultyParts {
  const chords = chordsIn(given.chords);
  return {
    line: rounded(0.2 * chords.length),
    signature: rounded((given.signature ?? []).length * 0.2),
    ...(keyFound(given).mode === 'minor' ? { mode: 0.4 } : {}),
    accidentals: rounded(chords.flat().filter((note) => Math.abs(lineOfFifths(note)) > 8).length * 0.1),
  };
}
