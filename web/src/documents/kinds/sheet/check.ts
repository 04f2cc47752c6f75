import {
  answeredStaff,
  answerWords,
  KINDS,
  kindOf,
  attempt,
  checkMaterial,
  INTERVAL_WAYS,
  MOST_QUESTIONS,
  MOST_SECTIONS,
  promptWords,
  staffLayout,
  QUESTION_CHORD_WAYS,
  questionOf,
  OWN_WORDS,
  type MaterialText,
  type Pinned,
} from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  registerDecorator,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator';
import { MOST_VERSIONS_PRINTED, SCRAPS, STAFF_SIZES } from './type';
import { May, OwnIds } from '@diatonix/doors';

/** Material that the kind of its section takes. */
export function MaterialOfKind(): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'readableObject',
      target: target.constructor,
      propertyName: String(property),
      options: { message: 'this is not material for its kind of exercise' },
      validator: {
        validate: (value: unknown, { object }: ValidationArguments = { object: {} } as ValidationArguments) =>
          typeof value === 'object' &&
          value !== null &&
          !Array.isArray(value) &&
          attempt(() => checkMaterial(String((object as { kind?: unknown }).kind), value as MaterialText)).ok,
      },
    });
}

/** Whether a question can be put on a page. */
function stands(kind: string, pinned: unknown): boolean {
  if (typeof pinned !== 'object' || pinned === null) return false;
  const { place, given, answers } = pinned as Partial<Pinned>;
  if (!Number.isInteger(place) || typeof given !== 'object' || given === null) return false;
  if (answers !== undefined && !Array.isArray(answers)) return false;
  try {
    const question = questionOf(kindOf(kind), given, 'pinned', answers);
    staffLayout(question);
    answeredStaff(question);
    promptWords(question);
    for (const answer of question.answers) answerWords(kind, answer);
    return JSON.stringify(pinned).length <= LONGEST_QUESTION;
  } catch {
    // Whatever is wrong with it, it is none: the check says so.
    return false;
  }
}
const LONGEST_QUESTION = 20_000;

/** Marks by the names of parts. */
function PartMarks(): PropertyDecorator {
  const isMark = (value: unknown) =>
    Number.isInteger(value) && (value as number) >= 0 && (value as number) <= 100;
  return (target, property) =>
    registerDecorator({
      name: 'readableObject',
      target: target.constructor,
      propertyName: String(property),
      options: { message: 'these are not marks by part' },
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' &&
          value !== null &&
          Object.entries(value).length <= 20 &&
          Object.entries(value).every(([name, mark]) => name.length <= 40 && isMark(mark)),
      },
    });
}

/** Questions of the kind of their section. */
function QuestionsOfKind(): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'readableObject',
      target: target.constructor,
      propertyName: String(property),
      options: { message: 'a question is none of its kind of exercise' },
      validator: {
        validate: (value: unknown, { object }: ValidationArguments = { object: {} } as ValidationArguments) =>
          Array.isArray(value) && value.every((one) => stands(String((object as SectionCheck).kind), one)),
      },
    });
}

class SectionCheck {
  @IsString()
  @MaxLength(60)
  id!: string;

  @IsIn([...KINDS.map(({ id }) => id), OWN_WORDS])
  kind!: string;

  @IsInt()
  @Min(1)
  @Max(200)
  count!: number;

  @IsInt()
  @Min(0)
  @Max(100)
  marks!: number;

  @May()
  @PartMarks()
  parts?: object;

  @IsString()
  @MaxLength(500)
  instruction!: string;

  @IsInt()
  @Min(0)
  @Max(99)
  seed!: number;

  @MaterialOfKind()
  material!: object;

  @IsArray()
  @ArrayMaxSize(MOST_QUESTIONS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  exchanged!: number[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_QUESTIONS)
  @QuestionsOfKind()
  pinned?: object[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_QUESTIONS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  order?: number[];
}

/** In which way the answers are worked out. */
class WaysCheck {
  @May()
  @IsIn(INTERVAL_WAYS)
  intervals?: string;

  @May()
  @IsIn(QUESTION_CHORD_WAYS)
  chords?: string;
}

/** A sheet of the Sheets bench as it stands in a file or a row. */
export class SheetCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seed!: number;

  @IsInt()
  @Min(1)
  @Max(MOST_VERSIONS_PRINTED)
  versions!: number;

  @IsArray()
  @ArrayMaxSize(MOST_SECTIONS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => SectionCheck)
  sections!: SectionCheck[];

  @May()
  @IsString()
  @MaxLength(60)
  classId?: string;

  @May()
  @Matches(/^\d{4}-\d\d-\d\d$/)
  date?: string;

  @May()
  @IsIn(STAFF_SIZES)
  size?: string;

  @May()
  @IsIn(SCRAPS)
  scrap?: string;

  @May()
  @ValidateNested()
  @Type(() => WaysCheck)
  ways?: WaysCheck;
}
