/** Requests that read the notes of a score. */
import { Braces, List, MayList, MayText, MayWholeNumber } from './fields';
import { InSchool } from './theory';

export class ReadRequest extends InSchool {
  @Braces() score!: object;
  @MayText() key?: string | null;
}

/** `{"signature":1,"time":"4/4","fermatas":["7"],"notes":[["0","1","B4",0],…]}` */
export class ScoreRequested {
  @MayText() time?: string | null;
  @List() notes!: unknown[];
  @MayList() fermatas?: unknown[] | null;
  @MayWholeNumber(-7, 7) signature?: number | null;
  /** `[number, at]` each. */
  @MayList() measures?: unknown[] | null;
  @MayText() upbeat?: string | null;
  /** An older name of the upbeat. */
  @MayText() pickup?: string | null;
}
