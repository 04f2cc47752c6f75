import { checkGiven } from '../givenFields';
import { TheoryError } from '../../errors';
import { kindOf } from '../kindRegister';
import { Dice } from './dice';
import { parseMaterial, type Material, type MaterialText } from './material';
import { rounded } from './staffWriting';
import type { ExerciseKind } from '../exerciseKind';
import type { GivenData, Question } from '../question';

/** So many questions of one kind. */
export interface QuestionsWanted {
  readonly kind: string;
  readonly seed: number;
  readonly count: number;
  readonly material?: MaterialText;
  /** 0 is version A; the questions of the others are as hard one by one, and all are different. */
  readonly version?: number;
  /** Places of questions that were exchanged for others, in order; the same place may stand there again. */
  readonly exchanged?: readonly number[];
  /** Questions that stand in their places whatever the dice say, in every version. */
  readonly pinned?: readonly Pinned[];
}

/** A question that was kept, changed or written by hand. */
export interface Pinned {
  /** Its place among the questions, from 0. */
  readonly place: number;
  readonly given: GivenData;
  /** What is right, where somebody says so; computed otherwise. */
  readonly answers?: readonly unknown[];
}

export interface AskedQuestions {
  readonly questions: readonly Question[];
  /** What is to be told: what was left out, and what comes again. */
  readonly remarks: readonly string[];
}

export const MOST_QUESTIONS = 1000;
export const MOST_VERSIONS = 26;
/** The letter of a version: 0 is A. */
export const versionLetter = (version: number): string => String.fromCharCode(65 + version);

/** Throws in vain after which a question is looked for no longer, and questions after which the material is used up. */
const VAIN = 3000;
const USED_UP = 400;
/** So much may two versions of one question differ in difficulty. */
const BAND = 0.5;

/**
 * Questions of a kind, the same for the same seed. Each is asked once; where the material has no more, they come
 * again and that is told. Throws TheoryError `request` for a kind that is none, material that admits no question,
 * and numbers that cannot be.
 */
export function askQuestions({
  kind: id,
  seed,
  count,
  material = {},
  version = 0,
  exchanged = [],
  pinned = [],
}: QuestionsWanted): AskedQuestions {
  const kind = kindOf(id);
  if (!Number.isInteger(count) || count < 1 || count > MOST_QUESTIONS)
    throw wrong(`count: ${count}`, `one to ${MOST_QUESTIONS} questions are asked at once.`, 'Ask for fewer.');
  if (!Number.isInteger(version) || version < 0 || version >= MOST_VERSIONS)
    throw wrong(`version: ${version}`, 'there is no such version.', 'Versions go from A to Z.');
  if (!Number.isSafeInteger(seed))
    throw wrong(`seed: ${seed}`, 'this is not a whole number.', 'Give for example 7.');
  const read = parseMaterial(material, kind.materialFields, kind.defaults, kind.qualities ?? []);
  const source = new QuestionSource(kind, read);
  const letter = versionLetter(version);
  const questions = source
    .version(`${id} ${seed}`, { count, exchanged, version, pinned })
    .map((given, at) => questionOf(kind, given, `${id}-${seed}${letter}-${at + 1}`, answersAt(pinned, at)));
  const same = version > 0 ? sameRemarks(pinned) : [];
  return {
    questions,
    remarks: [...source.remarks, ...same, ...untaughtRemarks(kind, read), ...idleRemarks(kind, material)],
  };
}

const answersAt = (pinned: readonly Pinned[], at: number) =>
  pinned.find(({ place }) => place === at)?.answers;

const sameRemarks = (pinned: readonly Pinned[]): string[] =>
  pinned.length === 0
    ? []
    : [
        pinned.length === 1
          ? `Question ${pinned[0]!.place + 1} is the same in every version.`
          : `Questions ${pinned.map(({ place }) => place + 1).join(', ')} are the same in every version.`,
      ];

/** Reads material for a kind, to see whether it can be read. Throws TheoryError as askQuestions. */
export function checkMaterial(kind: string, material: MaterialText): void {
  const { materialFields, defaults, qualities = [] } = kindOf(kind);
  parseMaterial(material, materialFields, defaults, qualities);
}

/** A question of what is given, with its answers and its difficulty. Throws TheoryError where it is none. */
export function questionOf(
  kind: ExerciseKind,
  given: GivenData,
  id: string,
  pinned?: readonly unknown[],
): Question {
  checkGiven(kind.fields, given);
  const answers = pinned ?? kind.solve(given);
  return {
    kind: kind.id,
    id,
    given,
    answers,
    difficulty: difficultyOf(kind, given),
  };
}

function difficultyOf(kind: ExerciseKind, given: GivenData): Question['difficulty'] {
  const parts = Object.fromEntries(
    Object.entries(kind.difficulty(given))
      .filter(([, value]) => value > 0)
      .map(([part, value]) => [part, rounded(value)]),
  );
  return { total: rounded(Object.values(parts).reduce((sum, part) => sum + part, 0)), parts };
}

interface Wanted {
  readonly count: number;
  readonly exchanged: readonly number[];
  readonly version: number;
  readonly pinned: readonly Pinned[];
}

/** Questions that have not been asked yet. */
class QuestionSource {
  readonly remarks: string[] = [];
  private readonly asked = new Set<string>();

  constructor(
    private readonly kind: ExerciseKind,
    private readonly material: Material,
  ) {}

  /** The questions of a version: those of A by the dice, others as hard, and what is pinned in its place. */
  version(seed: string, { count, exchanged, version, pinned }: Wanted): GivenData[] {
    const held = new Map(
      pinned.filter(({ place }) => place < count).map(({ place, given }) => [place, given]),
    );
    // Questions that are all written by hand need no dice; others keep theirs where one of them is pinned.
    if (held.size === count) return Array.from({ length: count }, (_, at) => held.get(at)!);
    const first = this.first(`${seed} A`, count, exchanged);
    let questions = first;
    for (let at = 1; at <= version; at++) questions = this.alike(`${seed} ${versionLetter(at)}`, first);
    const taken = new Set([...held.values()].map((given) => this.idOf(given)));
    for (const id of taken) this.asked.add(id);
    const dice = new Dice(`${seed} pinned`);
    return questions.map(
      (given, at) => held.get(at) ?? (taken.has(this.idOf(given)) ? this.next(dice) : given),
    );
  }

  private idOf(given: GivenData): string {
    return JSON.stringify(this.kind.same?.(given) ?? given);
  }

  private first(seed: string, count: number, exchanged: readonly number[]): GivenData[] {
    const dice = new Dice(seed);
    const questions = Array.from({ length: count }, () => this.next(dice));
    for (const place of exchanged) if (place < count) questions[place] = this.next(dice);
    return questions;
  }

  /** Other questions, each nearly as hard as the one in its place. */
  private alike(seed: string, models: readonly GivenData[]): GivenData[] {
    const dice = new Dice(seed);
    const waiting: { readonly given: GivenData; readonly total: number }[] = [];
    return models.map((model) => {
      const wanted = difficultyOf(this.kind, model).total;
      const far = ({ total }: { readonly total: number }) => Math.abs(total - wanted);
      for (let tries = 0; tries < USED_UP && !waiting.some((one) => far(one) <= BAND); tries++) {
        const given = this.next(dice);
        waiting.push({ given, total: difficultyOf(this.kind, given).total });
      }
      const best = waiting.reduce((near, one) => (far(one) < far(near) ? one : near));
      waiting.splice(waiting.indexOf(best), 1);
      return best.given;
    });
  }

  private next(dice: Dice): GivenData {
    let again = 0;
    for (let tries = 0; tries < VAIN; tries++) {
      const given = this.kind.generate(dice, this.material);
      if (!given) continue;
      const id = this.idOf(given);
      if (this.asked.has(id) && ++again < USED_UP) continue;
      if (this.asked.has(id)) this.usedUp();
      this.asked.add(id);
      return given;
    }
    if (this.asked.size > 0 && again > 0) {
      this.usedUp();
      return this.next(dice);
    }
    throw wrong(
      `material of ${this.kind.id}`,
      'it admits no question.',
      'Allow more keys, accidentals or ledger lines, or name other intervals, qualities or numerals.',
    );
  }

  /** The material has no more: what was asked may come again. */
  private usedUp(): void {
    const size = this.asked.size;
    const come = size === 1 ? 'one question: it comes' : `${size} different questions: some come`;
    const said = `The material has only ${come} again.`;
    if (this.remarks.length === 0) this.remarks.push(said);
    this.asked.clear();
  }
}

function idleRemarks({ id, materialFields }: ExerciseKind, material: MaterialText): string[] {
  return Object.keys(material)
    .filter((field) => !(materialFields as readonly string[]).includes(field))
    .map((field) => `${id} takes no “${field}”: it changes nothing.`);
}

function untaughtRemarks({ materialFields }: ExerciseKind, { untaught, numerals }: Material): string[] {
  if (!materialFields.includes('untaught')) return [];
  return untaught
    .filter((one) => numerals.length === 0 || numerals.includes(one))
    .map((one) => `${one} has not been taught to this class, and is not asked.`);
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}
