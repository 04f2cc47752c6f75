import { TICKS_A_QUARTER, type ScoreReading, type ScoreToRead } from '@diatonix/core';
import { perform, type Sounding } from '../../sound/player';

/** The piece as it sounds, chord by chord from one to another, at a tempo in quarters a minute. */
function soundings(
  { notes }: ScoreToRead,
  { chords }: ScoreReading,
  from: number,
  to: number,
  tempo: number,
): Sounding[] {
  const seconds = (ticks: number) => (ticks / TICKS_A_QUARTER) * (60 / tempo);
  const order = [...notes].sort((a, b) => a.onset - b.onset);
  let next = 0;
  return chords.slice(from, to).map((chord, at): Sounding => {
    const own: { note: (typeof notes)[number]['note']; from: number; to: number }[] = [];
    // What is held from before sounds from the first chord on.
    while (next < order.length && order[next]!.onset < chord.to) {
      const one = order[next++]!;
      if (one.end <= chord.from || (one.onset < chord.from && at > 0)) continue;
      const begins = Math.max(one.onset, chord.from) - chord.from;
      own.push({ note: one.note, from: seconds(begins), to: seconds(one.end - chord.from) });
    }
    return { column: from + at, seconds: seconds(chord.to - chord.from), notes: own };
  });
}

/** Plays from a chord on; one chord alone, or to the end. */
export function listen(
  score: ScoreToRead,
  reading: ScoreReading,
  from: number,
  tempo: number,
  alone: boolean,
): void {
  const to = alone ? from + 1 : reading.chords.length;
  void perform([soundings(score, reading, Math.max(0, from), to, tempo)]);
}
