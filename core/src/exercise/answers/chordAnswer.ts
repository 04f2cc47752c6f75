import { INVERSION_WORDS } from '../../chord/inversionNames';
import { parseNoteNameIn } from '../../pitch/letters';
import { parseNoteName } from '../../pitch/parse';
import { printNoteName } from '../../pitch/print';
import { chordOfQuality, type ChordSize } from '../chordQualities';
import { isRecord, partMark, recordOf, textOf, type AnswerForm } from './answerForm';
import { parseChordText, parseInversion, type ChordAnswer } from './chordText';

export type { ChordAnswer } from './chordText';

const LETTERS = 'CDEFGAB';

/** The letter of the lowest note of a named chord. */
function lowestOf({ root, quality, inversion }: ChordAnswer): string {
  const letter = (LETTERS.indexOf(root[0]!) + 2 * inversion) % 7;
  return chordOfQuality(parseNoteName(root), quality) ? LETTERS[letter]! : root;
}

/** Which inversion a lowest letter makes on somebody's own root; null where it is not a member. */
function inversionOn({ root }: ChordAnswer, lowest: string): number | null {
  const up = (LETTERS.indexOf(lowest[0]!) - LETTERS.indexOf(root[0]!) + 7) % 7;
  return up % 2 === 0 ? up / 2 : null;
}

/** Root and quality of a chord, and its inversion where that is asked for. */
export function chordAnswer(size: ChordSize): AnswerForm<ChordAnswer> {
  const inverted = size !== 'extended';
  return {
    name: 'chord',
    isAnswer: (value) =>
      isRecord(value) &&
      typeof value['root'] === 'string' &&
      typeof value['quality'] === 'string' &&
      (value['inversion'] === undefined || Number.isInteger(value['inversion'])),
    read(raw, _given, school) {
      if (typeof raw === 'string') return parseChordText(raw, school, size);
      const { root, quality, inversion } = recordOf(raw);
      return {
        root: printNoteName(parseNoteNameIn(textOf(root), school.letters)),
        quality: textOf(quality)
          .toLowerCase()
          .replace(/[\s_]+/g, '-'),
        inversion: inversion === undefined ? 0 : parseInversion(inversion),
      };
    },
    parts(right, said) {
      const root = partMark('root', right.root === said.root);
      const quality = partMark('quality', right.quality === said.quality);
      if (!inverted) return [root, quality];
      const inversion = partMark('inversion', right.inversion === said.inversion);
      const own = root.got === 1 ? null : inversionOn(said, lowestOf(right));
      return [root, quality, own === said.inversion ? { ...inversion, got: 1, follows: true } : inversion];
    },
    inParts: true,
    blanks: inverted ? ['root', 'quality', 'inversion'] : ['root', 'quality'],
    typed: ({ root, quality, inversion }) =>
      [root, quality, INVERSION_WORDS[Number(inversion ?? 0)] ?? ''].join(' ').trim(),
  };
}
