import {
  ASKING,
  attempt,
  checkMaterial,
  MOST_QUESTIONS,
  MOST_SECTIONS,
  type MaterialText,
} from '@diatonix/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Max,
  MaxLength,
  Min,
  registerDecorator,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator';
import { MOST_VERSIONS_PRINTED } from '../kinds/sheet';
import { OwnIds } from './decorators';

/** Material that the kind of its section takes. */
function MaterialOfKind(): PropertyDecorator {
  return (target, property) =>
    registerDecorator({
      name: 'readableObject',
      target: target.constructor,
      propertyName: String(property),
      options: { message: 'this is no material for its kind of exercise' },
      validator: {
        validate: (value: unknown, { object }: ValidationArguments = { object: {} } as ValidationArguments) =>
          typeof value === 'object' &&
          value !== null &&
          !Array.isArray(value) &&
          attempt(() => checkMaterial(String((object as SectionCheck).kind), value as MaterialText)).ok,
      },
    });
}

class SectionCheck {
  @IsString()
  @MaxLength(60)
  id!: string;

  @IsIn(ASKING.map(({ id }) => id))
  kind!: string;

  @IsInt()
  @Min(1)
  @Max(200)
  count!: number;

  @IsInt()
  @Min(0)
  @Max(100)
  marks!: number;

  @IsString()
  @MaxLength(500)
  instruction!: string;

  @IsInt()
  @Min(0)
  @Max(99)
  seed!: number;

  @MaterialOfKind()
  material!: object;

  @IsArray()
  @ArrayMaxSize(MOST_QUESTIONS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  exchanged!: number[];
}

/** A sheet of the Sheets bench as it stands in a file or a row. */
export class SheetCheck {
  @IsString()
  @MaxLength(200)
  title!: string;

  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seed!: number;

  @IsInt()
  @Min(1)
  @Max(MOST_VERSIONS_PRINTED)
  versions!: number;

  @IsArray()
  @ArrayMaxSize(MOST_SECTIONS)
  @OwnIds()
  @ValidateNested({ each: true })
  @Type(() => SectionCheck)
  sections!: SectionCheck[];
}
