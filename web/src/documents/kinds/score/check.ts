import { MODULATIONS, RULING_KINDS, scoreOfRows, type ScoreRows } from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { TEMPO_RANGE } from '../progression/type';
import { May, ObjectAs, RowNames } from '@diatonix/doors';
import { LONGEST_PIECE, MOST_BARS, MOST_NOTES, MOST_PARTS } from '../../checks/limits';

class PartCheck {
  @IsString()
  @MaxLength(200)
  name!: string;

  @IsInt()
  @Min(1)
  @Max(6)
  staves!: number;

  @IsArray()
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  @ArrayMaxSize(MOST_BARS)
  clefs!: string[];

  @Matches(/^(?:-?\d{1,3} -?\d{1,3})?$/)
  sounds!: string;
}

class RowsCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @IsString()
  @MaxLength(200)
  composer!: string;

  @IsInt()
  @Min(0)
  @Max(400)
  tempo!: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_PARTS)
  @ValidateNested({ each: true })
  @Type(() => PartCheck)
  parts!: PartCheck[];

  @IsArray()
  @ArrayMaxSize(MOST_BARS)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  bars!: string[];

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_BARS)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  signatures!: string[];

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_NOTES)
  @IsString({ each: true })
  @MaxLength(400, { each: true })
  notes!: string[];

  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @IsString({ each: true })
  @MaxLength(80, { each: true })
  symbols!: string[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @IsString({ each: true })
  @MaxLength(160, { each: true })
  signs?: string[];
}

class RulingRowCheck {
  @IsIn(RULING_KINDS)
  kind!: string;

  @Matches(/^\d{1,7}(?:\/\d{1,5})?$/)
  from!: string;

  @Matches(/^\d{1,7}(?:\/\d{1,5})?$/)
  to!: string;

  @May()
  @IsString()
  @MaxLength(40)
  key?: string;

  @May()
  @IsString()
  @MaxLength(LONGEST_PIECE)
  numeral?: string;
}

/** A piece of the Scores bench as it stands in a file or a row. */
export class ScoreCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @IsInt()
  @Min(TEMPO_RANGE.least)
  @Max(TEMPO_RANGE.most)
  tempo!: number;

  @IsObject()
  @ValidateNested()
  @ObjectAs('a score in rows', (rows) => scoreOfRows(rows as ScoreRows))
  @Type(() => RowsCheck)
  score!: RowsCheck;

  @IsArray()
  @ArrayMaxSize(MOST_BARS)
  @ValidateNested({ each: true })
  @Type(() => RulingRowCheck)
  rulings!: RulingRowCheck[];

  @RowNames()
  hidden!: string[];

  @IsBoolean()
  closed!: boolean;

  @May()
  @IsIn(MODULATIONS)
  modulation?: string;

  @May()
  @IsIn(['notes'])
  chordsFrom?: string;

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @IsString({ each: true })
  @MaxLength(120, { each: true })
  waived?: string[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_BARS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(MOST_BARS, { each: true })
  breaks?: number[];

  @May()
  @IsIn([true])
  hideEmpty?: true;

  @May()
  @IsIn([true])
  dynamics?: true;
}
