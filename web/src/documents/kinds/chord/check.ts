import { CLEFS, parseKey, parseSymbol } from '@diatonix/core';
import { ArrayMaxSize, IsArray, IsIn, IsString, MaxLength } from 'class-validator';
import { ReadableAs } from '@diatonix/doors';
import { LONGEST_PIECE } from '../../checks/limits';

/** The chord of its bench as it stands in a file or a row. */
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
