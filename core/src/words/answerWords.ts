import { INVERSION_WORDS } from '../chord/inversionNames';
import { dividedAnswer } from '../exercise/dividedAnswer';
import type { ChordAnswer } from '../exercise/answers/chordText';
import type { FiguredAnswer } from '../exercise/answers/figuredAnswer';
import { kindOf } from '../exercise/kindRegister';
import type { HeardChord } from '../exercise/kinds/heardChord/answer';
import type { OuterVoices } from '../exercise/kinds/heardOuterVoices/answer';
import type { FaultAnswer } from '../exercise/kinds/partsFaults/answer';
import { additionalTask, layoutOf, soundOf } from '../exercise/layout/questionOnPage';
import type { Question } from '../exercise/question';
import { parseNoteName } from '../pitch/parse';
import { displayNote, displayNoteName, withSigns } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { Rule } from '../voicing/rules';
import { spacedQuality } from './names';
import { faultWords } from './rules';
import { vocabulary } from './vocabulary';

/** The blank rows of a chord map, the degrees from left to right. */
function mapParts(answer: Readonly<Record<string, readonly unknown[]>>): string[] {
  const cellText = (cell: unknown) =>
    Array.isArray(cell) ? cell.join(' ') : String(cell).replace(/-/g, ' ');
  return Object.entries(answer).map(([row, cells]) => `${row}: ${cells.map(cellText).join(', ')}`);
}

/** Lines that are filled in under a question, by name; one without a name where there is only one. */
export const blankNames = (kind: string): readonly string[] => kindOf(kind).answer.blanks ?? [''];

/** A line to fill in under a question: its name, empty where it is the only one, and what is right there. */
export interface BlankLine {
  readonly name: string;
  readonly text: string;
}

/** The lines to fill in under a question, beside what is written on its staff, under its chords or in its table. */
export function blankLines(
  question: Question,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): readonly BlankLine[] {
  const { kind, given, answers } = question;
  const divided = answers.map((answer) => dividedAnswer(kindOf(kind), given, answer));
  const names = ['line', 'table', 'target'].includes(layoutOf(question).form) ? [] : blankNames(kind);
  const all = names.length === 0 ? [] : divided.map(({ own }) => answerParts(kind, own, school));
  // Where one line is asked for and several answers are right, all stand on it.
  const texts = names.length === 1 ? [all.map(([text]) => text).join(' or ')] : (all[0] ?? []);
  const task = additionalTask(question);
  // What is only heard is written out for the teacher.
  const played = kindOf(kind).sound ? ` (${playedWords(question, school)})` : '';
  return [
    ...names.map((name, at) => ({
      name,
      text: `${texts[at] ?? ''}${at === names.length - 1 ? played : ''}`,
    })),
    ...(task ? [{ name: task, text: withSigns(String(divided[0]?.besides)) }] : []),
  ];
}

/** What a question plays, moment by moment: `played C4 E4 G4, then F4 A4 C5`. */
const playedWords = (question: Question, school: LabelStyle): string =>
  `played ${soundOf(question)
    .map((notes) => notes.map((note) => displayNote(note, school.letters)).join(' '))
    .join(', then ')}`;

const listed = (one: unknown): string => (Array.isArray(one) ? one.map(listed).join(' ') : String(one));

/** An answer in the parts of its blanks, with signs as they are printed. */
export function answerParts(
  kind: string,
  answer: unknown,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string[] {
  switch (kindOf(kind).answer.name) {
    case 'map':
      return [
        mapParts(answer as Record<string, unknown[]>)
          .map(withSigns)
          .join('; '),
      ];
    case 'figured': {
      const { notes, numeral } = answer as FiguredAnswer;
      return [withSigns(notes.join(' ')), numeral];
    }
    case 'chord': {
      const { root, quality, inversion } = answer as ChordAnswer;
      const parts = [
        displayNoteName(parseNoteName(root), school.letters),
        spacedQuality(quality),
        INVERSION_WORDS[inversion] ?? String(inversion),
      ];
      return parts.slice(0, blankNames(kind).length);
    }
    case 'word':
      return [withSigns(String(answer)).replace(/^phrygian-half$/, 'Phrygian half')];
    case 'faults':
      return [
        (answer as readonly FaultAnswer[])
          .map(({ at, rule, voices = [] }) => `${at}: ${faultWords({ rule: rule as Rule, voices }, school)}`)
          .join('; '),
      ];
    case 'heard-chord': {
      const { quality, inversion } = answer as HeardChord;
      return [spacedQuality(quality), INVERSION_WORDS[inversion] ?? String(inversion)];
    }
    case 'outer-voices': {
      const { soprano, bass } = answer as OuterVoices;
      return [soprano, bass].map((voice) => withSigns(voice.join(' ')));
    }
    case 'change': {
      const [which = '', what = ''] = answer as readonly string[];
      return [which, what];
    }
    case 'heard':
      return typeof answer === 'number'
        ? [INVERSION_WORDS[answer] ?? String(answer)]
        : [withSigns(String(answer).replace(/-/g, ' '))];
    case 'voices':
      return [
        (answer as readonly (readonly string[])[])
          .map((own) => withSigns([...own].reverse().join(' ')))
          .join(' | '),
      ];
    default:
      return [withSigns(listed(answer))];
  }
}

/** An answer as it is printed in one line. */
export function answerWords(kind: string, answer: unknown, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  if (answer === 'leading') return vocabulary(school).leading;
  const parts = answerParts(kind, answer, school);
  return parts.join(kindOf(kind).answer.name === 'figured' ? ': ' : ', ');
}
