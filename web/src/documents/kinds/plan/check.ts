import { KINDS, DRILLS, KEY_MODES, KEY_ORDERS, SCALE_FORMS } from '@diatonix/core';
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
  ValidateNested,
} from 'class-validator';
import { GRADES, MOST_MINUTES, MOST_THEORY, MOST_TICKS } from './type';
import { May } from '@diatonix/doors';
import { MaterialOfKind } from '../sheet/check';

class TickCheck {
  @IsString()
  @MaxLength(60)
  item!: string;

  @Matches(/^\d{4}-\d\d-\d\d$/)
  on!: string;

  @IsIn(GRADES)
  grade!: string;
}

class TheoryCheck {
  @IsIn(KINDS.map(({ id }) => id))
  kind!: string;

  @MaterialOfKind()
  material!: object;
}

/** A plan of practice as it stands in a file or a row. */
export class PlanCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @May()
  @IsString()
  @MaxLength(60)
  classId?: string;

  @May()
  @IsString()
  @MaxLength(80)
  pupil?: string;

  @IsArray()
  @ArrayMaxSize(DRILLS.length)
  @IsIn(DRILLS, { each: true })
  drills!: string[];

  @IsIn(KEY_ORDERS)
  order!: string;

  @IsIn(KEY_MODES)
  modes!: string;

  @IsInt()
  @Min(0)
  @Max(6)
  most!: number;

  @IsIn(SCALE_FORMS)
  form!: string;

  @IsArray()
  @ArrayMaxSize(MOST_THEORY)
  @ValidateNested({ each: true })
  @Type(() => TheoryCheck)
  theory!: TheoryCheck[];

  @IsInt()
  @Min(5)
  @Max(MOST_MINUTES)
  minutes!: number;

  @IsInt()
  @Min(0)
  @Max(60)
  pause!: number;

  @Matches(/^\d{4}-\d\d-\d\d$/)
  start!: string;

  @IsArray()
  @ArrayMaxSize(MOST_TICKS)
  @ValidateNested({ each: true })
  @Type(() => TickCheck)
  ticks!: TickCheck[];
}
