/** A phrase written as text, for tests. */
import {
  barsAfter,
  parseLength,
  parseMetre,
  parseNote,
  TICKS_A_QUARTER,
  type ScoreNote,
  type ScoreToRead,
} from '../src';

/**
 * Voices from the top, notes as `C5` or `C5:1/2`, several at once as `C4+E4`, `r` for a rest; a quarter where no length
 * is said.
 */
export function phrase(
  voices: readonly string[],
  { metre = '4/4', fifths = 0, fermatas = [] as number[], upbeat = 0 } = {},
): ScoreToRead {
  const notes: ScoreNote[] = voices.flatMap((line, part) => {
    let onset = 0;
    return line.split(/\s+/).flatMap((word): ScoreNote[] => {
      const [names, length = '1'] = word.split(':');
      const from = onset;
      onset += parseLength(length);
      if (names === 'r') return [];
      return names!.split('+').map((name) => ({
        ...{ onset: from, end: onset, note: parseNote(name) },
        ...{ part, voice: String(part) },
      }));
    });
  });
  const end = Math.max(...notes.map((note) => note.end));
  return {
    notes,
    bars: barsAfter(upbeat * TICKS_A_QUARTER, parseMetre(metre), end),
    signatures: [{ at: 0, fifths }],
    fermatas: fermatas.map((at) => at * TICKS_A_QUARTER),
  };
}
