import {
  questionsFromPassage,
  printNumeral,
  TheoryError,
  type BenchQuestions,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';

/** The chords from a place to the end of its phrase, each in its key, as they sound first; `most` of them. */
export function bringPhrase(
  given: ScoreToRead,
  reading: ScoreReading,
  from: number,
  most = Infinity,
): BenchQuestions {
  const first = reading.chords[Math.max(0, from)];
  if (!first)
    throw new TheoryError('chord', 'the piece', 'it has no chords to ask for.', 'Open another piece.');
  const end = reading.phraseEnds.find(({ at }) => at > first.from)?.at ?? Infinity;
  const chords = reading.chords.slice(Math.max(0, from)).filter(({ from: at }) => at < end);
  return questionsFromPassage(
    chords.slice(0, most).map(({ firstSlice, numeral, key }) => ({
      notes: reading.slices[firstSlice]!.sounding.map((at) => given.notes[at]!.note),
      label: printNumeral(numeral, key),
      key,
    })),
  );
}
