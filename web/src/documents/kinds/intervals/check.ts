import { CLEFS, parseKey, parseNote } from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { May, OwnIds, ReadableAs, TextValues } from '@diatonix/doors';
import { LONGEST_PIECE } from '../../checks/limits';
import { MOST_PER_BAR } from './type';

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

/** The intervals of their bench as they stand in a file or a row. */
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
