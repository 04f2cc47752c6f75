import type { PupilsFile } from '@diatonix/core';
import type { Outbox } from '../classroom/pupil/pupilLine';

/** What a pupil has on the page: the sheet, the version, the name, and what was written so far. */
export interface Work extends PupilsFile {
  /** 0 for A; null until it is chosen. */
  readonly version: number | null;
  readonly name: string;
  /** By the numbers of the questions: `2.3`. */
  readonly answers: Readonly<Record<string, string>>;
  readonly scratch: Readonly<Record<string, string>>;
  /** When it was handed in, in milliseconds since 1970. */
  readonly handedIn: number | null;
  /** The class in which the sheet is done; none where it came as a file. */
  readonly room?: RoomWork;
}

/** What a pupil's page keeps of the class that it is in. */
export interface RoomWork {
  readonly room: string;
  readonly code: string;
  /** The secret by which the class knows this page again. */
  readonly key: string;
  /** Answers that the teacher's page does not have yet. */
  readonly outbox: Outbox;
  /** What was put into the outbox last, by question. */
  readonly sent: Readonly<Record<string, string>>;
  /** Whether answers are no longer taken. */
  readonly closed: boolean;
  /** When work ends, in milliseconds since 1970. */
  readonly endsAt: number | null;
  /** What was handed back, as it came. */
  readonly slip: string | null;
  /** Whether the class has ended. */
  readonly over: boolean;
  /** Whether the pupil goes on with another device. */
  readonly moved?: boolean;
  /** Questions whose answers were written after the end, and not taken. */
  readonly late?: readonly string[];
}
