/** What a pupil's page keeps between two visits, checked field by field before it is gone on with. */
import { Type } from 'class-transformer';
import {
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Min,
  ValidateNested,
} from 'class-validator';
import { isObject, soundFields } from './sound';
import { May, MayBeNull, Told } from './decorators';

/** An answer that the class does not have yet. */
const isWaiting = (one: unknown) =>
  isObject(one) &&
  typeof one['text'] === 'string' &&
  Number.isSafeInteger(one['n']) &&
  (one['at'] === undefined || typeof one['at'] === 'number');

class OutboxKept {
  @IsInt() @Min(0) n!: number;
  @Told(
    'these are not answers.',
    'Answers by question.',
    (all) => isObject(all) && Object.values(all).every(isWaiting),
  )
  waiting!: Record<string, { readonly text: string; readonly n: number; readonly at?: number }>;
}

/** The class that the page is in. */
class RoomKept {
  @IsString() room!: string;
  @IsString() key!: string;
  @May() @IsString() code?: string;
  @May() @IsObject() @ValidateNested() @Type(() => OutboxKept) outbox?: OutboxKept;
  @May() @IsObject() sent?: object;
  @May() @IsBoolean() closed?: boolean;
  @May() @IsBoolean() over?: boolean;
  @MayBeNull() @IsNumber() endsAt?: number | null;
  @MayBeNull() @IsString() slip?: string | null;
  @May() @IsBoolean() moved?: boolean;
  @May() @IsArray() @IsString({ each: true }) late?: string[];
}

/** The work, with the text of its file. */
class WorkKept {
  @IsString() file!: string;
  @MayBeNull() @IsInt() @Min(0) version?: number | null;
  @May() @IsString() name?: string;
  @May() @IsObject() answers?: object;
  @May() @IsObject() scratch?: object;
  @MayBeNull() @IsNumber() handedIn?: number | null;
  @MayBeNull() @IsObject() room?: object | null;
}

/** What is sound of the work that was kept. */
export type KeptWork = Partial<Omit<WorkKept, 'answers' | 'scratch' | 'room'>> & {
  readonly answers: Readonly<Record<string, string>>;
  readonly scratch: Readonly<Record<string, string>>;
  /** Null where it is in no class. */
  readonly room: KeptRoom | null;
};

/** What is sound of the class that was kept. */
export type KeptRoom = Partial<Omit<RoomKept, 'sent'>> &
  Pick<RoomKept, 'room' | 'key'> & { readonly sent: Readonly<Record<string, string>> };

/** Reads work as it was kept: a field that is not sound is left out, the others stay. Never throws. */
export function readKeptWork(data: unknown): KeptWork {
  const { answers, scratch, room, ...rest } = soundFields(WorkKept, data);
  return { ...rest, answers: texts(answers), scratch: texts(scratch), room: readRoom(room) };
}

function readRoom(data: unknown): KeptRoom | null {
  const { room, key, sent, ...rest } = soundFields(RoomKept, data);
  return room === undefined || key === undefined ? null : { ...rest, room, key, sent: texts(sent) };
}

const texts = (value: object = {}): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(value).filter(([, text]) => typeof text === 'string')) as Record<
    string,
    string
  >;
