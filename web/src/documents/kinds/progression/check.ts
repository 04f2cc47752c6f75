import {
  MOST_COLUMNS,
  MOST_HELD,
  parseKey,
  parseLength,
  parseMelodyEntry,
  parseMetre,
  parseNote,
  PATTERNS,
  RULES,
} from '@diatonix/core';
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
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { May, OwnIds, ReadableAs, RowNames, Weights } from '@diatonix/doors';
import { LONGEST_PIECE } from '../../checks/limits';
import { PROGRESSION_VIEWS, TEMPO_RANGE } from './type';

class EntryCheck {
  @IsIn(['numeral', 'symbol', 'notes', 'sought', 'rest'])
  kind!: 'numeral' | 'symbol' | 'notes' | 'sought' | 'rest';

  @ValidateIf((entry: EntryCheck) => entry.kind !== 'notes')
  @IsString()
  @IsNotEmpty()
  @MaxLength(LONGEST_PIECE)
  text?: string;

  @ValidateIf((entry: EntryCheck) => entry.kind === 'notes')
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(128)
  @ReadableAs('a list of notes with octaves', parseNote, { each: true })
  notes?: string[];
}

class RulingCheck {
  @ReadableAs('a key', parseKey)
  key!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(LONGEST_PIECE)
  numeral!: string;
}

class ColumnCheck {
  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  id!: string;

  @ValidateIf((column: ColumnCheck) => column.unread === undefined)
  @IsObject()
  @ValidateNested()
  @Type(() => EntryCheck)
  entry?: EntryCheck;

  @May()
  @IsString()
  @MaxLength(LONGEST_PIECE)
  unread?: string;

  @May()
  @IsObject()
  @ValidateNested()
  @Type(() => RulingCheck)
  ruling?: RulingCheck;

  @May()
  @ReadableAs('a key', parseKey)
  key?: string;

  @May()
  @IsBoolean()
  phraseEnd?: boolean;

  @May()
  @IsArray()
  @ArrayMinSize(4)
  @ArrayMaxSize(4)
  @ReadableAs('four notes with octaves, or nulls', parseNote, { each: true, nulls: true })
  locks?: (string | null)[];

  @May()
  @IsArray()
  @ArrayMaxSize(MOST_HELD)
  @ReadableAs('notes with octaves', parseNote, { each: true })
  held?: string[];

  @May()
  @ReadableAs('a length in quarters', parseLength)
  length?: string;

  @May()
  @IsBoolean()
  repeatStart?: boolean;

  @May()
  @IsBoolean()
  repeatEnd?: boolean;

  @May()
  @IsIn(['1', '2'])
  ending?: string;

  @May()
  @ReadableAs('a metre', parseMetre)
  metre?: string;

  @May()
  @IsString()
  @MaxLength(200)
  words?: string;

  @May()
  @IsArray()
  @ArrayMaxSize(LONGEST_PIECE)
  @ReadableAs('a list of notes with octaves', parseMelodyEntry, { each: true })
  melody?: string[];

  @May()
  @IsString()
  @MaxLength(80)
  answer?: string;
}

/** A progression as it stands in a file or a row. */
export class ProgressionCheck {
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
  upbeat!: string;

  @IsString()
  @MaxLength(200)
  source!: string;

  @IsBoolean()
  modulate!: boolean;

  @IsIn(PROGRESSION_VIEWS)
  view!: string;

  @RowNames()
  hidden!: string[];

  @RowNames()
  blank!: string[];

  @RowNames()
  order!: string[];

  @Weights(RULES)
  weights!: Record<string, number>;

  @IsIn(PATTERNS)
  pattern!: string;

  @IsArray()
  @ArrayMaxSize(MOST_COLUMNS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => ColumnCheck)
  columns!: ColumnCheck[];
}
