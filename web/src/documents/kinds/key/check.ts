import { CLEFS, parseKey, SCALE_FORMS } from '@diatonix/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsObject, ValidateNested } from 'class-validator';
import { ReadableAs } from '@diatonix/doors';

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

/** The map of the Key bench as it stands in a file or a row. */
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
