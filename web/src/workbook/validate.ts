import { parseKey, parseNote, parseSymbol, CLEFS, INTERVAL_WAYS, SCALE_FORMS } from '@diatonix/core';
import { plainToInstance, Type } from 'class-transformer';
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
  validateSync,
  ValidateIf,
  ValidateNested,
  type ValidationError,
} from 'class-validator';
import { ReadableAs, TextValues } from './decorators';
import { CHORD_VIEWS, KEY_VIEWS, MOST_PER_BAR } from './model';
import { ProgressionFile } from './progressionFile';

class PrintFile {
  @IsArray()
  @ArrayMaxSize(40)
  @ReadableAs('a list of keys', parseKey)
  keys!: string[];

  @IsBoolean()
  blank!: boolean;

  @IsBoolean()
  answers!: boolean;
}

class KeyBenchFile {
  @ReadableAs('a key', parseKey)
  key!: string;

  @IsIn(SCALE_FORMS)
  form!: string;

  @IsIn([5, 7, 9, 11, 13])
  top!: number;

  @IsBoolean()
  fingering!: boolean;

  @IsIn(CLEFS)
  clef!: string;

  @IsBoolean()
  beside!: boolean;

  @IsIn(KEY_VIEWS)
  view!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => PrintFile)
  print!: PrintFile;
}

class IntervalFile {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @ValidateIf((item: IntervalFile) => item.unread === undefined)
  @ReadableAs('a note with its octave', parseNote)
  from?: string;

  @ValidateIf((item: IntervalFile) => item.unread === undefined)
  @ReadableAs('a note with its octave', parseNote)
  to?: string;

  @IsOptional()
  @IsString()
  @MaxLength(400)
  unread?: string;
}

class IntervalsBenchFile {
  @IsIn(CLEFS)
  clef!: string;

  @ReadableAs('a key', parseKey)
  key!: string;

  @IsBoolean()
  pencilled!: boolean;

  @IsIn(INTERVAL_WAYS)
  way!: string;

  @IsBoolean()
  naming!: boolean;

  @IsObject()
  @TextValues()
  answers!: Record<string, string>;

  @IsObject()
  @TextValues()
  inversionAnswers!: Record<string, string>;

  @IsInt()
  @Min(1)
  @Max(MOST_PER_BAR)
  perBar!: number;

  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => IntervalFile)
  items!: IntervalFile[];
}

class ChordsBenchFile {
  @ReadableAs('a chord symbol', parseSymbol)
  symbol!: string;

  @ReadableAs('a key', parseKey)
  key!: string;

  @IsIn(CLEFS)
  clef!: string;

  @IsIn(CHORD_VIEWS)
  view!: string;

  @IsArray()
  @ArrayMaxSize(7)
  @IsString({ each: true })
  @MaxLength(4, { each: true })
  doubled!: string[];

  @IsString()
  @MaxLength(400)
  chain!: string;
}

class NotYetTaughtFile {
  @IsArray()
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  major!: number[];

  @IsArray()
  @IsInt({ each: true })
  @Min(1, { each: true })
  @Max(7, { each: true })
  minor!: number[];
}

class ClassFile {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @MaxLength(200)
  name!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => NotYetTaughtFile)
  notYetTaught!: NotYetTaughtFile;
}

class SymbolsFile {
  @IsIn(['m', '-', 'min'])
  minor!: string;

  @IsIn(['maj7', 'M7', '△7'])
  majorSeventh!: string;

  @IsIn(['m7b5', 'ø7'])
  halfDiminished!: string;

  @IsIn(['dim', '°'])
  diminished!: string;

  @IsIn(['+', 'aug'])
  augmented!: string;
}

class SchoolFile {
  @IsIn(['quality', 'capitals-suffix', 'capitals-bare'])
  numeralCase!: string;

  @IsIn(['figures', 'letters', 'slash', 'words'])
  inversion!: string;

  @IsIn(['explicit', 'diatonic'])
  sevenths!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => SymbolsFile)
  symbols!: SymbolsFile;

  @IsIn(['plain', 'flat'])
  minorDegrees!: string;

  @IsIn(['slash', 'of', 'arrow', 'arrows-only'])
  applied!: string;

  @IsIn(['dominant', 'tonic'])
  cadentialSixFour!: string;

  @IsIn(['english', 'german', 'fixed-do'])
  letters!: string;

  @IsIn(['tone', 'note'])
  words!: string;

  @IsIn(['off', 'do-minor', 'la-minor'])
  solfege!: string;
}

class WorkbookFile {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @MaxLength(200)
  title!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => KeyBenchFile)
  keyBench!: KeyBenchFile;

  @IsObject()
  @ValidateNested()
  @Type(() => IntervalsBenchFile)
  intervals!: IntervalsBenchFile;

  @IsObject()
  @ValidateNested()
  @Type(() => ChordsBenchFile)
  chords!: ChordsBenchFile;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => ClassFile)
  classes!: ClassFile[];

  @IsString()
  @IsNotEmpty()
  openClass!: string;

  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => ProgressionFile)
  progressions!: ProgressionFile[];

  @IsOptional()
  @IsString()
  openProgression!: string | null;

  @IsObject()
  @ValidateNested()
  @Type(() => SchoolFile)
  school!: SchoolFile;
}

/** What is wrong with the body of a workbook file, a sentence each; empty when it is sound. */
export function validateWorkbook(body: unknown): string[] {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return ['it holds no workbook.'];
  const errors = validateSync(plainToInstance(WorkbookFile, body), {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  });
  return errors.flatMap((error) => sentences(error, ''));
}

function sentences(error: ValidationError, path: string): string[] {
  const place =
    path === ''
      ? error.property
      : /^\d+$/.test(error.property)
        ? `${path} ${Number(error.property) + 1}`
        : `${path} › ${error.property}`;
  const own = Object.values(error.constraints ?? {}).map((message) => `${place}: ${message}.`);
  return [...own, ...(error.children ?? []).flatMap((child) => sentences(child, place))];
}
