import { isRecord, isTexts, partMark, recordOf, unread, type AnswerForm } from '../../answers/answerForm';
import { withoutOctave } from '../../answers/noteAnswer';
import { parseNotesAnswer } from '../../answers/notesAnswer';
import type { HeardInKey } from '../../heard/heardQuestion';

/** The notes of the soprano and of the bass, chord by chord. */
export interface OuterVoices {
  readonly soprano: readonly string[];
  readonly bass: readonly string[];
}

const VOICES = ['soprano', 'bass'] as const;
const EXAMPLE = 'Write the soprano, a stroke and the bass: E5 D5 C5 / C3 G3 C3.';

/** Both outer voices; octaves may be left out. Each note counts by itself. */
export const OUTER_VOICES_ANSWER: AnswerForm<OuterVoices, HeardInKey> = {
  name: 'outer-voices',
  isAnswer: (value) => isRecord(value) && isTexts(value['soprano']) && isTexts(value['bass']),
  read(raw, _given, school) {
    if (typeof raw === 'string') {
      const [soprano, bass, ...more] = raw.split(/[/|]/);
      if (soprano === undefined || bass === undefined || more.length > 0)
        throw unread(raw, 'these are not two voices.', EXAMPLE);
      return { soprano: parseNotesAnswer(soprano, school), bass: parseNotesAnswer(bass, school) };
    }
    const { soprano, bass } = recordOf(raw);
    return { soprano: parseNotesAnswer(soprano ?? [], school), bass: parseNotesAnswer(bass ?? [], school) };
  },
  parts: (right, said) =>
    VOICES.flatMap((voice) =>
      right[voice].map((note, at) =>
        partMark(`${voice} ${at + 1}`, withoutOctave(note) === withoutOctave(said[voice][at] ?? '')),
      ),
    ),
  isRight: (said, right) =>
    right.some((one) =>
      VOICES.every(
        (voice) =>
          one[voice].length === said[voice].length &&
          one[voice].every((note, at) => withoutOctave(note) === withoutOctave(said[voice][at]!)),
      ),
    ),
  inParts: true,
  blanks: VOICES,
  typed: ({ soprano, bass }) => `${soprano.join(' ')} / ${bass.join(' ')}`,
};
