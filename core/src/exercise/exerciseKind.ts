import type { Key } from '../key/key';
import type { AnswerForm } from './answers/answerForm';
import type { AdditionalTask } from './additionalTask';
import type { Dice } from './generating/dice';
import type { Material, MaterialField, MaterialText } from './generating/material';
import type { GivenFields } from './givenFields';
import type { Sounding } from './heard/timedSound';
import type { QuestionLayout } from './layout/questionLayout';
import type { StaffLayout } from './layout/staffLayout';
import type { Mistake } from './mistakes/mistake';
import type { DifficultyParts, GivenData, WorkingWays } from './question';
import type { WorkingStep } from '../working/step';

/**
 * A kind of exercise, whole: what its questions are made of, what is right in them and why, how an answer is read and
 * compared, how a question stands on a page, and how pupils go wrong. Page, sheet, PDF, pupils' page, command and
 * documentation draw from it. A new kind is a folder under `kinds/` and a line in `kindRegister.ts`; its words stand
 * in `words/kindWords.ts`.
 *
 * `Given` is what is given in a question, in plain data with texts as they are read elsewhere; `Answer` is a right
 * answer. What comes from outside is checked by `fields` and `answer.isAnswer` before anything else looks at it.
 */
export interface ExerciseKind<Given extends object = GivenData, Answer = unknown> {
  /** The name by which the command and every file call it. */
  readonly id: string;
  readonly materialFields: readonly MaterialField[];
  /** What holds for this kind where the material says nothing. */
  readonly defaults: MaterialText;
  /** The qualities that it knows, if it takes any. */
  readonly qualities?: readonly string[];
  /** The inversions that it knows, where not all of a seventh chord. */
  readonly inversions?: readonly number[];
  readonly fields: GivenFields<Given>;
  readonly answer: AnswerForm<Answer, Given>;
  /** A question by the dice; null where this throw gives none that a teacher would ask. */
  generate(dice: Dice, material: Material): Given | null;
  /** Every right answer, the usual one first. Throws TheoryError where the given is none. */
  solve(given: Given): readonly Answer[];
  difficulty(given: Given): DifficultyParts;
  /** What makes two questions the same to a class; all that is given where it is not said. */
  same?(given: Given): unknown;
  /** What stands on staves, what is blank, a table, words. */
  layout(given: Given): QuestionLayout;
  /** How a teacher would work it out, in the way that is chosen where the kind has several. */
  working(given: Given, ways?: WorkingWays): readonly WorkingStep[];
  /** The causes of this kind, the likeliest first. */
  readonly mistakes: readonly Mistake<Given, Answer>[];
  /** Two mistakes about one interval explain nearly any answer: one of the two has to be in the reading. */
  readonly pairsStartWithReading?: true;
  /** What is asked for besides the answer itself, as its last entry. */
  additionalTask?(given: Given): AdditionalTask | null;
  /** The question of that task alone, where its mistakes are known. */
  additionalQuestion?(given: Given): { readonly kind: AnyKind; readonly given: GivenData };
  /** Answers that are several labels, each marked as one: the questions of the single labels. */
  readonly singles?: { readonly kind: AnyKind; of(given: Given): readonly GivenData[] };
  /** Where the answer is four voices: those that are given, from the soprano down, null for one to be written. */
  voices?(given: Given): readonly (readonly (string | null)[])[];
  /** What stands on the staves once it is answered, for kinds that are set in voices. */
  answeredStaff?(given: Given, answer: Answer): StaffLayout;
  /** The one numeral that a question asks for or names; null where it is none. */
  numeralAsked?(given: Given, answers: readonly Answer[]): string | null;
  /** Where a question plays something instead of showing it: the notes, moment by moment, as texts. */
  sound?(given: Given): readonly (readonly string[])[];
  /** What is heard in time: what gives the key, and then the question; each sound with its seconds. */
  timed?(given: Given): { readonly before: readonly Sounding[]; readonly sound: readonly Sounding[] };
  /** Where the answer is chosen from few words. */
  choices?(given: Given): readonly string[];
  /** How the answer is given on a staff or a keyboard. */
  readonly played?: PlayedAnswer<Given>;
  /** What goes to pupils where what is given says the answer in letters, and the way back. */
  readonly sent?: { draw(given: Given): GivenData; read(sent: GivenData): GivenData };
  /** Whether an answer is right for what was answered, wrongly, to an earlier question. */
  follows?(given: Given, said: Answer, earlier: EarlierAnswer): boolean;
}

/** A kind, whatever is given and answered in it. */
export type AnyKind = ExerciseKind;

/** An earlier question with what was answered, in the shape of its kind. */
export interface EarlierAnswer {
  readonly kind: string;
  readonly given: GivenData;
  readonly said: unknown;
}

/** One note; notes after each other; notes that stand over each other. */
export type Playing = 'one' | 'row' | 'stack';

/** How an answer is played or put on a staff. */
export interface PlayedAnswer<Given> {
  readonly as: Playing;
  /** Whether the octave belongs to the answer. */
  readonly octaves: boolean;
  /** The key that a struck key is spelled in, where it is not that of the question. */
  spelledIn?(given: Given): Key;
}
