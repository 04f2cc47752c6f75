/** The class that this browser keeps, checked before it is led on: fetched when there is one. */
import { isSound } from '@diatonix/doors';
import { Type } from 'class-transformer';
import {
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import type { KeptClass } from './kept';

class PupilKept {
  @IsString() id!: string;
  @IsString() name!: string;
  @IsString() pupil!: string;
  @IsInt() version!: number;
  @IsBoolean() done!: boolean;
  @IsBoolean() here!: boolean;
  @IsString() at!: string;
  @IsNumber() since!: number;
  @IsInt() n!: number;
}

class RoomKept {
  @IsString() room!: string;
  @ValidateIf(({ code }) => code !== null) @IsString() code!: string | null;
  @IsString() title!: string;
  @IsString() workbook!: string;
  @ValidateIf(({ pile }) => pile !== null) @IsString() pile!: string | null;
  @IsBoolean() closed!: boolean;
  @ValidateIf(({ endsAt }) => endsAt !== null) @IsNumber() endsAt!: number | null;
  @IsBoolean() handedBack!: boolean;
  @IsOptional() @IsObject() slips?: Record<string, string>;
}

class ClassKept {
  @IsObject() @ValidateNested() @Type(() => RoomKept) room!: RoomKept;
  @IsArray() @ValidateNested({ each: true }) @Type(() => PupilKept) pupils!: PupilKept[];
}

/** Whether something that was kept is a class. */
export const isKeptClass = (value: unknown): value is KeptClass => isSound(ClassKept, value);
