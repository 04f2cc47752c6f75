import { choicesOf, CLEFS, parseKey, parseNote, parseSymbol, SCALE_FORMS } from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { SCHOOL_SETTINGS, SYMBOL_SETTINGS } from '@diatonix/core';
import { MOST_PER_BAR } from '../kinds/intervals';
import { MOST_IN_CLASS, MOST_LESSONS } from '../kinds/schoolClass';
import { May, OwnIds, ReadableAs, TextValues } from './decorators';
import { LONGEST_PIECE } from './limits';

/** A day: 2026-11-26. */
const DAY = /^\d{4}-\d\d-\d\d$/;

class PrintCheck {
  @IsArray()
  @ArrayMaxSize(40)
  @ReadableAs('a list of keys', parseKey, { each: true })
  keys!: string[];

  @IsBoolean()
  blank!: boolean;

  @IsBoolean()
  answers!: boolean;

  @IsBoolean()
  taughtOnly!: boolean;
}

export class KeyMapCheck {
  @ReadableAs('a key', parseKey)
  key!: string;

  @IsIn(SCALE_FORMS)
  form!: string;

  @IsIn([5, 7, 9, 11, 13])
  top!: number;

  @IsIn(CLEFS)
  clef!: string;

  @IsBoolean()
  fingering!: boolean;

  @IsBoolean()
  beside!: boolean;

  @IsObject()
  @ValidateNested()
  @Type(() => PrintCheck)
  print!: PrintCheck;
}

class IntervalCheck {
  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  id!: string;

  @ValidateIf((item: IntervalCheck) => item.unread === undefined)
  @ReadableAs('a note with its octave', parseNote)
  from?: string;

  @ValidateIf((item: IntervalCheck) => item.unread === undefined)
  @ReadableAs('a note with its octave', parseNote)
  to?: string;

  @May()
  @IsString()
  @MaxLength(LONGEST_PIECE)
  unread?: string;
}

export class IntervalLineCheck {
  @IsIn(CLEFS)
  clef!: string;

  @ReadableAs('a key', parseKey)
  key!: string;

  @IsBoolean()
  pencilled!: boolean;

  @IsBoolean()
  naming!: boolean;

  @TextValues()
  answers!: Record<string, string>;

  @TextValues()
  inversionAnswers!: Record<string, string>;

  @IsInt()
  @Min(1)
  @Max(MOST_PER_BAR)
  perBar!: number;

  @IsArray()
  @ArrayMaxSize(500)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => IntervalCheck)
  items!: IntervalCheck[];
}

export class ChordStudyCheck {
  @ReadableAs('a chord symbol', parseSymbol)
  symbol!: string;

  @ReadableAs('a key', parseKey)
  key!: string;

  @IsIn(CLEFS)
  clef!: string;

  @IsArray()
  @ArrayMaxSize(7)
  @IsString({ each: true })
  @MaxLength(4, { each: true })
  doubled!: string[];

  @IsString()
  @MaxLength(LONGEST_PIECE)
  chain!: string;
}

class NotYetTaughtCheck {
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

/** A class whose fields are the settings of a table of schools. */
function fromSettings(target: object, table: typeof SCHOOL_SETTINGS | typeof SYMBOL_SETTINGS): void {
  for (const [name, setting] of Object.entries(table)) IsIn(choicesOf(setting))(target, name);
}

class SymbolsCheck {}
fromSettings(SymbolsCheck.prototype, SYMBOL_SETTINGS);

export class LabelsCheck {
  @IsObject()
  @ValidateNested()
  @Type(() => SymbolsCheck)
  symbols!: SymbolsCheck;
}
fromSettings(LabelsCheck.prototype, SCHOOL_SETTINGS);
