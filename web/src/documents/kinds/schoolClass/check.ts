import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { parseKey } from '@diatonix/core';
import { May, OwnIds, ReadableAs } from '@diatonix/doors';
import { MOST_IN_CLASS, MOST_LESSONS } from './type';

/** A day: 2026-11-26. */
const DAY = /^\d{4}-\d\d-\d\d$/;

class ByModeCheck {
  @IsArray()
  @ArrayMaxSize(7)
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  major!: number[];

  @IsArray()
  @ArrayMaxSize(7)
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  minor!: number[];
}

class NotYetTaughtCheck extends ByModeCheck {
  @May()
  @IsObject()
  @ValidateNested()
  @Type(() => ByModeCheck)
  sevenths?: ByModeCheck;

  @May()
  @IsArray()
  @ArrayMaxSize(30)
  @ReadableAs('a key', parseKey, { each: true })
  keys?: string[];
}

class ClassPupilCheck {
  @IsString()
  @MaxLength(60)
  id!: string;

  @IsString()
  @MaxLength(80)
  name!: string;

  @IsString()
  @MaxLength(500)
  note!: string;

  @Matches(DAY)
  since!: string;

  @IsBoolean()
  left!: boolean;
}

class LessonCheck {
  @IsString()
  @MaxLength(60)
  id!: string;

  @Matches(DAY)
  date!: string;

  @IsString()
  @MaxLength(500)
  taught!: string;

  @IsString()
  @MaxLength(500)
  set!: string;

  @IsString()
  @MaxLength(500)
  remark!: string;
}

/** A class as it stands in a file or a row. */
export class SchoolClassCheck {
  @IsString()
  @MaxLength(200)
  name!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => NotYetTaughtCheck)
  notYetTaught!: NotYetTaughtCheck;

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_IN_CLASS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => ClassPupilCheck)
  pupils?: ClassPupilCheck[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_LESSONS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => LessonCheck)
  lessons?: LessonCheck[];
}
