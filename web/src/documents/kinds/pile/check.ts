import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { LONGEST_ANSWER, MOST_ENTRIES, MOST_PUPILS } from './type';
import { MOST_VERSIONS_PRINTED } from '../sheet/type';
import { May, OwnIds } from '@diatonix/doors';
import { SheetCheck } from '../sheet/check';

class PilePupilCheck {
  @IsString()
  @MaxLength(60)
  id!: string;

  @IsString()
  @MaxLength(80)
  name!: string;

  @IsInt()
  @Min(0)
  @Max(MOST_VERSIONS_PRINTED - 1)
  version!: number;
}

class EntryResultCheck {
  @IsIn(['right', 'wrong', 'unreadable'])
  verdict!: string;

  @IsNumber()
  @Min(0)
  @Max(100)
  got!: number;

  @IsNumber()
  @Min(0)
  @Max(100)
  of!: number;

  @May()
  @IsArray()
  @ArrayMaxSize(4)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  causes?: string[];

  @May()
  @Matches(/^(?:major|minor) [1-7]$/)
  degree?: string;
}

class PileEntryCheck {
  @May()
  @IsString()
  @MaxLength(60)
  id?: string;

  @May()
  @IsIn(['class', 'file'])
  by?: string;

  @IsString()
  @MaxLength(60)
  pupil!: string;

  @Matches(/^\d{1,2}\.\d{1,3}$/)
  question!: string;

  @IsString()
  @MaxLength(LONGEST_ANSWER)
  answer!: string;

  @IsNumber()
  at!: number;

  @May()
  @IsNumber()
  @Min(0)
  @Max(100)
  marks?: number;

  @May()
  @IsString()
  @MaxLength(500)
  remark?: string;

  @May()
  @IsObject()
  @ValidateNested()
  @Type(() => EntryResultCheck)
  result?: EntryResultCheck;
}

/** A pile of answered sheets as it stands in a file or a row. */
export class PileCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @May()
  @IsString()
  @MaxLength(60)
  classId?: string;

  @Matches(/^\d{4}-\d\d-\d\d$/)
  date!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => SheetCheck)
  sheet!: SheetCheck;

  @IsNumber()
  @Min(0)
  @Max(1)
  follow!: number;

  @IsArray()
  @ArrayMaxSize(MOST_PUPILS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => PilePupilCheck)
  pupils!: PilePupilCheck[];

  @IsArray()
  @ArrayMaxSize(MOST_ENTRIES)
  @ValidateNested({ each: true })
  @Type(() => PileEntryCheck)
  entries!: PileEntryCheck[];
}
