import { parseKey, parseLength, parseMetre, parseNote, PATTERNS, RULES } from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { ReadableAs, Weights } from './decorators';
import { PROGRESSION_VIEWS, TEMPO_RANGE } from './model';

class EntryFile {
  @IsIn(['numeral', 'symbol', 'notes', 'sought'])
  kind!: 'numeral' | 'symbol' | 'notes' | 'sought';

  @ValidateIf((entry: EntryFile) => entry.kind !== 'notes')
  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  text?: string;

  @ValidateIf((entry: EntryFile) => entry.kind === 'notes')
  @IsArray()
  @ArrayMaxSize(16)
  @IsString({ each: true })
  @ReadableAs('a list of notes with octaves', parseNote)
  notes?: string[];
}

class RulingFile {
  @ReadableAs('a key', parseKey)
  key!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  numeral!: string;
}

class ColumnFile {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @ValidateIf((column: ColumnFile) => column.unread === undefined)
  @IsObject()
  @ValidateNested()
  @Type(() => EntryFile)
  entry?: EntryFile;

  @IsOptional()
  @IsString()
  @MaxLength(400)
  unread?: string;

  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => RulingFile)
  ruling?: RulingFile;

  @IsOptional()
  @ReadableAs('a key', parseKey)
  key?: string;

  @IsOptional()
  @IsBoolean()
  phraseEnd?: boolean;

  @IsOptional()
  @IsArray()
  @ArrayMinSize(4)
  @ArrayMaxSize(4)
  @ReadableAs('four notes with octaves, or nulls', (note) => parseNote(note))
  locks?: (string | null)[];

  @IsOptional()
  @ReadableAs('a length in quarters', parseLength)
  length?: string;

  @IsOptional()
  @IsBoolean()
  repeatStart?: boolean;

  @IsOptional()
  @IsBoolean()
  repeatEnd?: boolean;

  @IsOptional()
  @IsString()
  @MaxLength(200)
  words?: string;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(16)
  @ReadableAs('a list of notes with octaves', parseNote)
  melody?: string[];

  @IsOptional()
  @IsString()
  @MaxLength(80)
  answer?: string;
}

/** A progression as it stands in a workbook file. */
export class ProgressionFile {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @MaxLength(200)
  title!: string;

  @ReadableAs('a key', parseKey)
  key!: string;

  @IsInt()
  @Min(TEMPO_RANGE.least)
  @Max(TEMPO_RANGE.most)
  tempo!: number;

  @ReadableAs('a metre', parseMetre)
  metre!: string;

  @ReadableAs('a length in quarters', (text) => text === '0' || parseLength(text))
  pickup!: string;

  @IsString()
  @MaxLength(200)
  source!: string;

  @IsBoolean()
  modulate!: boolean;

  @IsIn(PROGRESSION_VIEWS)
  view!: string;

  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(20)
  hidden!: string[];

  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(20)
  blank!: string[];

  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(20)
  order!: string[];

  @Weights(RULES)
  weights!: Record<string, number>;

  @IsIn(PATTERNS)
  pattern!: string;

  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => ColumnFile)
  columns!: ColumnFile[];
}
