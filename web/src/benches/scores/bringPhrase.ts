import {
  questionsFromPassage,
  printKey,
  printNumeral,
  TheoryError,
  type BenchQuestions,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';

/** So many chords stand side by side on a sheet. */
const MOST = 8;

/** The chords from a place to the end of its phrase, as far as they are in one key, as they sound first. */
export function bringPhrase(
  given: ScoreToRead,
  reading: ScoreReading,
  from: number,
  most = MOST,
): BenchQuestions {
  const first = reading.chords[Math.max(0, from)];
  if (!first)
    throw new TheoryError('chord', 'the piece', 'it has no chords to ask for.', 'Open another piece.');
  const end = reading.phraseEnds.find(({ at }) => at > first.from)?.at ?? Infinity;
  const chords = reading.chords.slice(Math.max(0, from)).filter(({ from: at }) => at < end);
  const away = chords.findIndex(({ key }) => printKey(key) !== printKey(first.key));
  const own = (away < 0 ? chords : chords.slice(0, away)).slice(0, most);
  return questionsFromPassage(
    first.key,
    own.map(({ firstSlice, numeral, key }) => ({
      notes: reading.slices[firstSlice]!.sounding.map((at) => given.notes[at]!.note),
      label: printNumeral(numeral, key),
    })),
  );
}
