/** Requests that ask, mark and plant. */
import { REQUEST_LIMITS, type GivenData, type MaterialText } from '@diatonix/core';
import { Allow } from 'class-validator';
import { Told } from '../decorators';
import { Braces, MayBraces, MayList, MayText, MayWholeNumber, Text } from './fields';
import { InSchool } from './theory';

const { number: FARTHEST } = REQUEST_LIMITS;

export class AskRequest extends InSchool {
  @Text() kind!: string;
  @MayWholeNumber(-FARTHEST, FARTHEST) seed?: number | null;
  @MayWholeNumber(-FARTHEST, FARTHEST) count?: number | null;
  @MayBraces() material?: MaterialText | null;
  @MayText() version?: string | null;
}

/** A question as it was asked; its kind checks what is given. */
export class QuestionRequested {
  @Told('the question has no kind.', 'Give it as ask gave it.', (kind) => typeof kind === 'string')
  kind!: string;
  @Braces() given!: GivenData;
  @MayList() answers?: unknown[] | null;
}

/** An answer that was given before. */
export class EarlierRequested {
  @Braces() question!: object;
  @Allow() answer?: unknown;
}

export class MarkRequest extends InSchool {
  @Braces() question!: object;
  @Told('there is no answer.', 'Give for example "answer": "m6".', (answer) => answer !== undefined)
  answer!: unknown;
  @MayList() earlier?: unknown[] | null;
}

export class PlantRequest {
  @Braces() question!: object;
  @Text() mistake!: string;
}
