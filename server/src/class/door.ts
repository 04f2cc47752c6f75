/** Messages are checked at the door: what is not one of them in every field goes no further. */
import { isExactly } from '@diatonix/doors/sound';
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
  Matches,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateIf,
  ValidateNested,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { CLASS_LIMITS } from './limits';
import { nameProblem } from './names';
import { JOINING, type PupilSays, type TeacherSays } from './protocol';

const QUESTION = /^\d{1,3}\.\d{1,4}$/;
const SECRET = /^[A-Za-z0-9_-]{16,64}$/;
const ID = /^[A-Za-z0-9_-]{1,40}$/;
const SAFE = Number.MAX_SAFE_INTEGER;

/** A name that somebody can have. */
const IsName = () => Validate(NameRule);

@ValidatorConstraint({ name: 'name' })
class NameRule implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && nameProblem(value) === null;
  }
}

class AnswerCheck {
  @Matches(QUESTION) question!: string;
  @IsString() @MaxLength(CLASS_LIMITS.answer) text!: string;
  @IsInt() @Min(0) @Max(SAFE) n!: number;
  @IsOptional() @IsInt() @Min(0) @Max(SAFE) ago?: number;
}

class JoinCheck {
  @Equals('join') type!: 'join';
  @IsString() @MaxLength(40) code!: string;
  @IsName() name!: string;
  @Matches(SECRET) key!: string;
  @IsOptional() @Matches(SECRET) room?: string;
}

class NamesCheck {
  @Equals('names') type!: 'names';
  @IsString() @MaxLength(40) code!: string;
}

class WorkCheck {
  @Equals('work') type!: 'work';
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.answersInMessage)
  @ValidateNested({ each: true })
  @Type(() => AnswerCheck)
  answers!: AnswerCheck[];
}

class AtCheck {
  @Equals('at') type!: 'at';
  @Matches(QUESTION) question!: string;
}

class DoneCheck {
  @Equals('done') type!: 'done';
  @IsBoolean() done!: boolean;
}

class QuickAnswerCheck {
  @Equals('quick') type!: 'quick';
  @Matches(ID) id!: string;
  @IsString() @MaxLength(CLASS_LIMITS.answer) text!: string;
}

class PingCheck {
  @Equals('ping') type!: 'ping';
}

class ClockCheck {
  @IsBoolean() closed!: boolean;
  @ValidateIf(({ endsAt }) => endsAt !== null) @IsInt() @Min(0) @Max(SAFE) endsAt!: number | null;
}

class PupilCheck {
  @Matches(ID) id!: string;
  @IsName() name!: string;
  @IsInt() @Min(0) @Max(CLASS_LIMITS.versions - 1) version!: number;
  @IsBoolean() done!: boolean;
  @IsOptional() @IsInt() @Min(0) @Max(SAFE) n?: number;
}

class ListedCheck {
  @IsName() name!: string;
  @IsInt() @Min(0) @Max(CLASS_LIMITS.versions - 1) version!: number;
}

class OpenCheck extends ClockCheck {
  @Equals('open') type!: 'open';
  @Matches(SECRET) room!: string;
  @IsOptional() @Matches(/^[A-Z]{6}$/) code?: string;
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.versions)
  @IsString({ each: true })
  @MaxLength(CLASS_LIMITS.sheet, { each: true })
  sheets!: string[];
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.pupils)
  @ValidateNested({ each: true })
  @Type(() => PupilCheck)
  pupils!: PupilCheck[];
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.pupils)
  @ValidateNested({ each: true })
  @Type(() => ListedCheck)
  list?: ListedCheck[];
  @IsOptional() @IsIn(JOINING) joining?: string;
}

class JoiningCheck {
  @Equals('joining') type!: 'joining';
  @IsIn(JOINING) joining!: string;
}

class AdmitCheck {
  @Equals('admit') type!: 'admit';
  @Matches(ID) pupil!: string;
  @IsBoolean() yes!: boolean;
  @IsOptional() @IsName() name?: string;
}

class KnownAnswerCheck {
  @Matches(QUESTION) question!: string;
  @IsString() @MaxLength(CLASS_LIMITS.answer) text!: string;
}

class AnswersCheck {
  @Equals('answers') type!: 'answers';
  @Matches(ID) pupil!: string;
  @IsArray()
  @ArrayMaxSize(CLASS_LIMITS.questions)
  @ValidateNested({ each: true })
  @Type(() => KnownAnswerCheck)
  answers!: KnownAnswerCheck[];
}

class KeptCheck {
  @Equals('kept') type!: 'kept';
  @Matches(ID) pupil!: string;
  @IsInt() @Min(0) @Max(SAFE) n!: number;
}

class SetClockCheck extends ClockCheck {
  @Equals('clock') type!: 'clock';
}

class MarksCheck {
  @Equals('marks') type!: 'marks';
  @Matches(ID) pupil!: string;
  @IsString() @MaxLength(CLASS_LIMITS.slip) slip!: string;
}

class QuickCheck {
  @Equals('quick') type!: 'quick';
  @Matches(ID) id!: string;
  @IsString() @MaxLength(CLASS_LIMITS.sheet) sheet!: string;
}

class QuickEndCheck {
  @Equals('quick-end') type!: 'quick-end';
  @Matches(ID) id!: string;
}

class ReleaseCheck {
  @Equals('release') type!: 'release';
  @Matches(ID) pupil!: string;
}

class DismissCheck {
  @Equals('dismiss') type!: 'dismiss';
  @Matches(ID) pupil!: string;
}

class EndCheck {
  @Equals('end') type!: 'end';
}

type Checks<Says extends { type: string }> = { readonly [Type in Says['type']]: ClassConstructor<object> };

const PUPIL: Checks<PupilSays> = {
  join: JoinCheck,
  names: NamesCheck,
  work: WorkCheck,
  at: AtCheck,
  done: DoneCheck,
  quick: QuickAnswerCheck,
  ping: PingCheck,
};

const TEACHER: Checks<TeacherSays> = {
  open: OpenCheck,
  kept: KeptCheck,
  clock: SetClockCheck,
  marks: MarksCheck,
  quick: QuickCheck,
  'quick-end': QuickEndCheck,
  release: ReleaseCheck,
  dismiss: DismissCheck,
  joining: JoiningCheck,
  admit: AdmitCheck,
  answers: AnswersCheck,
  end: EndCheck,
  ping: PingCheck,
};

/** A pupil's message, or null for what is none. Never throws. */
export const readPupil = (text: string): PupilSays | null => read<PupilSays>(text, PUPIL);

/** A message of the teacher's page, or null for what is none. Never throws. */
export const readTeacher = (text: string): TeacherSays | null => read<TeacherSays>(text, TEACHER);

function read<Says extends { type: string }>(text: string, checks: Checks<Says>): Says | null {
  try {
    const data: unknown = JSON.parse(text);
    if (typeof data !== 'object' || data === null || Array.isArray(data)) return null;
    const { type } = data as { type?: unknown };
    if (typeof type !== 'string' || !Object.hasOwn(checks, type)) return null;
    const check = checks[type as Says['type']];
    return isExactly(check, data) ? (data as Says) : null;
  } catch {
    // No JSON, or nested more deeply than anything that is one of ours.
    return null;
  }
}
