import { INVERSION_WORDS } from '../../../chord/inversionNames';
import { attempt } from '../../../errors';
import { QUALITIES } from '../../chordQualities';
import { isRecord, partMark, recordOf, textOf, unread, type AnswerForm } from '../../answers/answerForm';
import { parseChordText, parseInversion, qualityNamed } from '../../answers/chordText';
import type { HeardChordGiven } from './given';

/** What is heard of a chord: its quality, and which member is lowest, 0 for the root. */
export interface HeardChord {
  readonly quality: string;
  readonly inversion: number;
}

/** A root that is not asked for, so that a name without one is read as one with it. */
const SOME_ROOT = 'C ';

/** A quality with an inversion behind it, in words or figures: `major 6`; null where it is written otherwise. */
function inTwoParts(text: string, size: HeardChordGiven['size']): HeardChord | null {
  const [, name = '', turned = ''] = TURNED.exec(text.trim()) ?? [];
  const quality = qualityNamed(name);
  const inversion = attempt(() => parseInversion(turned));
  return QUALITIES[size].includes(quality) && inversion.ok ? { quality, inversion: inversion.value } : null;
}
const TURNED = /^(.+?)[\s,]+((?:\S+\s+)?(?:inversion|position|inv\.?|pos\.?)|\S+)$/i;

/** Quality and inversion: `minor, first inversion`, `dominant seventh`, `dim 2`. */
export const HEARD_CHORD_ANSWER: AnswerForm<HeardChord, HeardChordGiven> = {
  name: 'heard-chord',
  isAnswer: (value) =>
    isRecord(value) && typeof value['quality'] === 'string' && Number.isInteger(value['inversion']),
  read(raw, { size }, school) {
    if (typeof raw === 'string') {
      if (raw.trim() === '')
        throw unread(raw, 'nothing was written.', 'Write for example minor, first inversion.');
      const apart = inTwoParts(raw, size);
      if (apart) return apart;
      const { quality, inversion } = parseChordText(
        SOME_ROOT + textOf(raw),
        { ...school, letters: 'english' },
        size,
      );
      return { quality, inversion };
    }
    const { quality, inversion } = recordOf(raw);
    return {
      quality: qualityNamed(textOf(quality)),
      inversion: inversion === undefined ? 0 : parseInversion(inversion),
    };
  },
  parts: (right, said) => [
    partMark('quality', right.quality === said.quality),
    partMark('inversion', right.inversion === said.inversion),
  ],
  inParts: true,
  blanks: ['quality', 'inversion'],
  typed: ({ quality, inversion }) => `${quality}, ${INVERSION_WORDS[inversion] ?? inversion}`,
};
