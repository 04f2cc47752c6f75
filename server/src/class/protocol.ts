/**
 * What goes over the class network, one JSON object a message. The relay passes on and knows no theory: a sheet and
 * what is handed back are text to it.
 */

/** An answer as it stands now. A later one of the same question has a higher number; numbers are a pupil's own. */
export interface SentAnswer {
  /** The question's number on the sheet: `2.3`. */
  readonly question: string;
  readonly text: string;
  readonly n: number;
}

/** One question that is asked of the class beside the sheet. */
export interface QuickQuestion {
  readonly id: string;
  /** The text of a pupils' file with that question. */
  readonly sheet: string;
}

/** When work ends. */
export interface Clock {
  /** Whether answers are no longer taken. */
  readonly closed: boolean;
  /** Milliseconds since 1970; null without an end. */
  readonly endsAt: number | null;
}

/** A pupil as the teacher's page knows one. */
export interface RoomPupil {
  readonly id: string;
  readonly name: string;
  /** 0 for A. */
  readonly version: number;
  readonly done: boolean;
}

export interface Join {
  readonly type: 'join';
  readonly code: string;
  readonly name: string;
  /** A secret of the pupil's page: who has it is that pupil. */
  readonly key: string;
  /** The room that was joined before: with it no code is asked for. */
  readonly room?: string;
}

export type PupilSays =
  | Join
  | { readonly type: 'work'; readonly answers: readonly SentAnswer[] }
  | { readonly type: 'at'; readonly question: string }
  | { readonly type: 'done'; readonly done: boolean }
  | { readonly type: 'quick'; readonly id: string; readonly text: string }
  | { readonly type: 'ping' };

export interface Open extends Clock {
  readonly type: 'open';
  readonly room: string;
  /** The code that the class has already; without one the relay gives one. */
  readonly code?: string;
  /** The text of a pupils' file for each version; none where only single questions are asked. */
  readonly sheets: readonly string[];
  readonly pupils: readonly RoomPupil[];
}

export type TeacherSays =
  | Open
  | { readonly type: 'kept'; readonly pupil: string; readonly n: number }
  | ({ readonly type: 'clock' } & Clock)
  | { readonly type: 'marks'; readonly pupil: string; readonly slip: string }
  | ({ readonly type: 'quick' } & QuickQuestion)
  | { readonly type: 'quick-end'; readonly id: string }
  | { readonly type: 'release'; readonly pupil: string }
  | { readonly type: 'end' }
  | { readonly type: 'ping' };

/** Why a pupil is not let in. `away`: the class that was joined cannot be reached now, it may come back. */
export type Refusal = 'code' | 'wait' | 'name' | 'full' | 'away';

export type ToPupil =
  | ({
      readonly type: 'joined';
      readonly room: string;
      readonly version: number;
      readonly done: boolean;
      /** The text of the pupils' file; null where only single questions are asked. */
      readonly sheet: string | null;
      readonly quick: QuickQuestion | null;
    } & Clock)
  | { readonly type: 'refused'; readonly why: Refusal }
  | { readonly type: 'kept'; readonly n: number }
  | ({ readonly type: 'clock' } & Clock)
  | ({ readonly type: 'quick' } & QuickQuestion)
  | { readonly type: 'quick-end'; readonly id: string }
  | { readonly type: 'marks'; readonly slip: string }
  | { readonly type: 'over' }
  /** The same pupil has come in by another page. */
  | { readonly type: 'taken' }
  | { readonly type: 'pong' };

export type ToTeacher =
  | { readonly type: 'opened'; readonly code: string; readonly address: string }
  | { readonly type: 'refused'; readonly why: 'full' }
  | ({
      readonly type: 'pupil';
      /** Whether the pupil's page is connected now. */
      readonly here: boolean;
      /** The question that is looked at; empty where none is known. */
      readonly at: string;
    } & RoomPupil)
  | { readonly type: 'work'; readonly pupil: string; readonly answers: readonly SentAnswer[] }
  | { readonly type: 'quick'; readonly pupil: string; readonly id: string; readonly text: string }
  /** Another page of the teacher has taken the class over. */
  | { readonly type: 'taken' }
  | { readonly type: 'pong' };

/** Where the class network is on the server. */
export const PUPIL_SOCKET = '/class/pupil';
export const TEACHER_SOCKET = '/class/teacher';
/** Says whether there is a class network: `{"class":true}`. */
export const CLASS_STATE = '/class/state';
/** The protocol that both sides name; a teacher names the token after it. */
export const PROTOCOL = 'diatonix-class';
