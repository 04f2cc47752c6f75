/** Messages of the relay are checked by the pages that hear them: what is none in every field is passed over. */
import { isSound } from '@diatonix/doors/sound';
import { Type, type ClassConstructor } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { CLASS_LIMITS } from './limits';
import type { ToPupil, ToTeacher } from './protocol';

const SAFE = Number.MAX_SAFE_INTEGER;
const LONGEST_ID = 80;
const LONGEST_NAME_HEARD = 200;
const Id = () => MaxLength(LONGEST_ID);
const Name = () => MaxLength(LONGEST_NAME_HEARD);

class Plain {
  @IsString() @Id() type!: string;
}

class WithId extends Plain {
  @IsString() @Id() id!: string;
}

class ClockHeard extends Plain {
  @IsBoolean() closed!: boolean;
  @ValidateIf(({ endsAt }) => endsAt !== null) @IsInt() @Min(0) @Max(SAFE) endsAt!: number | null;
}

class QuickHeard {
  @IsString() @Id() id!: string;
  @IsString() @MaxLength(CLASS_LIMITS.sheet) sheet!: string;
}

class JoinedHeard extends ClockHeard {
  @IsString() @Id() room!: string;
  @IsString() @Name() name!: string;
  @IsInt() @Min(0) @Max(CLASS_LIMITS.versions - 1) version!: number;
  @IsBoolean() done!: boolean;
  @ValidateIf(({ sheet }) => sheet !== null) @IsString() @MaxLength(CLASS_LIMITS.sheet) sheet!: string | null;
  @ValidateIf(({ quick }) => quick !== null)
  @ValidateNested()
  @Type(() => QuickHeard)
  quick!: QuickHeard | null;
  @IsOptional() @IsInt() @Min(0) @Max(SAFE) n?: number;
}

class RefusedHeard extends Plain {
  @IsIn(['code', 'wait', 'name', 'full', 'away', 'closed', 'ask', 'no', 'moved', 'busy'])
  why!: string;
}

class NamesHeard extends Plain {
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.pupils)
  @IsString({ each: true })
  @MaxLength(LONGEST_NAME_HEARD, { each: true })
  names!: string[];
}

class KeptHeard extends Plain {
  @IsInt() @Min(0) @Max(SAFE) n!: number;
}

class QuickAsked extends WithId {
  @IsString() @MaxLength(CLASS_LIMITS.sheet) sheet!: string;
}

class MarksHeard extends Plain {
  @IsString() slip!: string;
}

class LateHeard extends KeptHeard {
  @IsArray() @IsString({ each: true }) @MaxLength(LONGEST_ID, { each: true }) questions!: string[];
}

class KnownHeard {
  @IsString() @Id() question!: string;
  @IsString() @MaxLength(CLASS_LIMITS.answer) text!: string;
}

class AnswersHeard extends Plain {
  @IsArray() @ValidateNested({ each: true }) @Type(() => KnownHeard) answers!: KnownHeard[];
}

class SentHeard extends KnownHeard {
  @IsInt() @Min(0) @Max(SAFE) n!: number;
  @IsOptional() @IsInt() @Min(0) @Max(SAFE) ago?: number;
}

class OpenedHeard extends Plain {
  @IsString() @Id() code!: string;
  @IsString() address!: string;
}

class PupilHeard extends WithId {
  @IsString() @Name() name!: string;
  @IsInt() @Min(0) @Max(CLASS_LIMITS.versions - 1) version!: number;
  @IsBoolean() done!: boolean;
  @IsBoolean() here!: boolean;
  @IsString() @Id() at!: string;
  @IsOptional() @IsInt() @Min(0) @Max(SAFE) n?: number;
}

class AsksHeard extends WithId {
  @IsString() @Name() name!: string;
}

class WorkHeard extends Plain {
  @IsString() @Id() pupil!: string;
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.answersInMessage)
  @ValidateNested({ each: true })
  @Type(() => SentHeard)
  answers!: SentHeard[];
}

class QuickAnswerHeard extends WithId {
  @IsString() @Id() pupil!: string;
  @IsString() @MaxLength(CLASS_LIMITS.answer) text!: string;
}

class FullHeard extends Plain {
  @Equals('full') why!: 'full';
}

type Checks<Message extends { readonly type: string }> = Readonly<
  Record<Message['type'], ClassConstructor<object>>
>;

const TO_PUPIL: Checks<ToPupil> = {
  joined: JoinedHeard,
  refused: RefusedHeard,
  names: NamesHeard,
  kept: KeptHeard,
  clock: ClockHeard,
  quick: QuickAsked,
  'quick-end': WithId,
  marks: MarksHeard,
  late: LateHeard,
  answers: AnswersHeard,
  over: Plain,
  moved: Plain,
  taken: Plain,
  pong: Plain,
};

const TO_TEACHER: Checks<ToTeacher> = {
  opened: OpenedHeard,
  refused: FullHeard,
  pupil: PupilHeard,
  asks: AsksHeard,
  'asks-no-more': WithId,
  work: WorkHeard,
  quick: QuickAnswerHeard,
  taken: Plain,
  pong: Plain,
};

function passes(checks: Readonly<Record<string, ClassConstructor<object>>>, message: unknown): boolean {
  const type = typeof message === 'object' && message !== null ? (message as { type?: unknown }).type : null;
  if (typeof type !== 'string' || !Object.hasOwn(checks, type)) return false;
  return isSound(checks[type]!, message);
}

/** Whether a message is one that a pupil's page may hear. */
export const isToPupil = (message: unknown): message is ToPupil => passes(TO_PUPIL, message);

/** Whether a message is one that the teacher's page may hear. */
export const isToTeacher = (message: unknown): message is ToTeacher => passes(TO_TEACHER, message);
