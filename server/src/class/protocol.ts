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
  /** How many milliseconds ago it was written, where it was written while the class could not be reached. */
  readonly ago?: number;
}

export { LONGEST_NAME, nameKey, nameProblem, tidyName } from './names';

/** One question that is asked of the class beside the sheet. */
export interface QuickQuestion {
  readonly id: string;
  /** The text of a pupils' file with that question. */
  readonly sheet: string;
}

/** When work ends. */
export interface ClassClock {
  /** Whether answers are no longer taken. */
  readonly closed: boolean;
  /** Milliseconds since 1970; null without an end. Where work has ended: when it did. */
  readonly endsAt: number | null;
}

/**
 * Who may join for the first time: everybody with the code; those on the list, who choose their name from it, and
 * whom else the teacher lets in; whom the teacher lets in; nobody more. Who has joined comes back whatever it says.
 */
export const JOINING = ['open', 'list', 'ask', 'closed'] as const;
export type JoiningRule = (typeof JOINING)[number];

/** A name that the teacher's page knows already, with its version. */
export interface ListedName {
  readonly name: string;
  readonly version: number;
}

/** A pupil as the teacher's page knows one. */
export interface RoomPupil {
  readonly id: string;
  readonly name: string;
  /** 0 for A. */
  readonly version: number;
  readonly done: boolean;
  /** The highest number of an answer that the teacher's page has kept. */
  readonly n?: number;
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
  /** Asks for the names that can be chosen in a class. */
  | { readonly type: 'names'; readonly code: string }
  | { readonly type: 'work'; readonly answers: readonly SentAnswer[] }
  | { readonly type: 'at'; readonly question: string }
  | { readonly type: 'done'; readonly done: boolean }
  | { readonly type: 'quick'; readonly id: string; readonly text: string }
  | { readonly type: 'ping' };

export interface Open extends ClassClock {
  readonly type: 'open';
  readonly room: string;
  /** The code that the class has already; without one the relay gives one. */
  readonly code?: string;
  /** The text of a pupils' file for each version; none where only single questions are asked. */
  readonly sheets: readonly string[];
  readonly pupils: readonly RoomPupil[];
  /** The names of the pile or the class with their versions; none where nobody is known before. */
  readonly list?: readonly ListedName[];
  /** Open where it is not said. */
  readonly joining?: JoiningRule;
}

/** An answer that is on the pile already. */
export interface KnownAnswer {
  readonly question: string;
  readonly text: string;
}

export type TeacherSays =
  | Open
  | { readonly type: 'kept'; readonly pupil: string; readonly n: number }
  | ({ readonly type: 'clock' } & ClassClock)
  | { readonly type: 'marks'; readonly pupil: string; readonly slip: string }
  | ({ readonly type: 'quick' } & QuickQuestion)
  | { readonly type: 'quick-end'; readonly id: string }
  | { readonly type: 'release'; readonly pupil: string }
  /** Sends away somebody for whom the pile has no room. */
  | { readonly type: 'dismiss'; readonly pupil: string }
  | { readonly type: 'joining'; readonly joining: JoiningRule }
  /** Lets one in who asks, or not; with a name of the list, as that one. */
  | { readonly type: 'admit'; readonly pupil: string; readonly yes: boolean; readonly name?: string }
  /** What a pupil had answered before, for a page that has nothing of it. */
  | { readonly type: 'answers'; readonly pupil: string; readonly answers: readonly KnownAnswer[] }
  | { readonly type: 'end' }
  | { readonly type: 'ping' };

/**
 * Why a pupil is not let in. `away`: the class that was joined cannot be reached now, it may come back; `ask`: the
 * teacher is asked and has not answered yet; `busy`: too many join from the same place at once.
 */
export type Refusal = 'code' | 'wait' | 'name' | 'full' | 'away' | 'closed' | 'ask' | 'no' | 'moved' | 'busy';

export type ToPupil =
  | ({
      readonly type: 'joined';
      readonly room: string;
      /** The name in the class, which the teacher may have put in the place of the one that was typed. */
      readonly name: string;
      readonly version: number;
      readonly done: boolean;
      /** The text of the pupils' file; null where only single questions are asked. */
      readonly sheet: string | null;
      readonly quick: QuickQuestion | null;
      /** The highest number of an answer that has come from this pupil: what is sent from now on has higher ones. */
      readonly n?: number;
    } & ClassClock)
  | { readonly type: 'refused'; readonly why: Refusal }
  /** The names that nobody has taken yet; none where names are typed. */
  | { readonly type: 'names'; readonly names: readonly string[] }
  | { readonly type: 'kept'; readonly n: number }
  | ({ readonly type: 'clock' } & ClassClock)
  | ({ readonly type: 'quick' } & QuickQuestion)
  | { readonly type: 'quick-end'; readonly id: string }
  | { readonly type: 'marks'; readonly slip: string }
  /** Answers that were written after the end, and are not taken. */
  | { readonly type: 'late'; readonly n: number; readonly questions: readonly string[] }
  | { readonly type: 'answers'; readonly answers: readonly KnownAnswer[] }
  | { readonly type: 'over' }
  /** The teacher has let the name go: the pupil goes on with another device. */
  | { readonly type: 'moved' }
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
  /** Somebody wants to join, and waits. */
  | { readonly type: 'asks'; readonly id: string; readonly name: string }
  /** Who asked has gone. */
  | { readonly type: 'asks-no-more'; readonly id: string }
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
