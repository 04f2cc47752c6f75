import { displayNote } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { barAt, beatIn, type Score } from '../score';
import { firstVerse } from '../score/model/verses';
import { beatWords } from './beats';
import { lengthWords } from './lengthWords';
import { vocabulary } from './vocabulary';

/** A note of a score as it is said: its part, pitch, length and place, and what it carries. */
export function writtenNoteWords(
  score: Score,
  place: number,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const { part, note, kind, ticks, onset, tieStart, fermata, lyric } = score.notes[place]!;
  const bar = barAt(score.bars, onset)!;
  return [
    ...(score.parts[part]!.name ? [score.parts[part]!.name] : []),
    note ? displayNote(note, school.letters) : kind,
    kind === 'grace' ? 'grace note' : lengthWords(ticks, school),
    `${vocabulary(school).bar} ${bar.number} beat ${beatWords(beatIn(onset, bar))}`,
    ...(tieStart ? ['tied on'] : []),
    ...(fermata ? ['fermata'] : []),
    ...(firstVerse(lyric) ? [`“${firstVerse(lyric)}”`] : []),
  ].join(', ');
}
