/** What kind of thing could not be read or built; stable, for programs. */
export type ErrorCode =
  | 'note'
  | 'interval'
  | 'key'
  | 'symbol'
  | 'numeral'
  | 'figures'
  | 'degree'
  | 'formula'
  | 'chord'
  | 'alteration'
  | 'entry'
  | 'musicxml'
  | 'school'
  | 'request';

const STACKS = Error as { stackTraceLimit?: number };

/**
 * The one error that core throws. It says what was read, what is wrong with
 * it, and what would be right; the message is the three joined.
 */
export class TheoryError extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly read: string,
    readonly wrong: string,
    readonly right: string,
  ) {
    // Bad input is part of the day's work, and parsers may make thousands: no stack is recorded.
    const limit = STACKS.stackTraceLimit;
    STACKS.stackTraceLimit = 0;
    super(`“${clip(read)}”: ${wrong} ${right}`);
    if (limit !== undefined) STACKS.stackTraceLimit = limit;
    this.name = 'TheoryError';
  }
}

export type Result<T> = { ok: true; value: T } | { ok: false; error: TheoryError };

/**
 * The boundary between throwing and telling: runs `work` and returns its value
 * or the TheoryError it threw. Any other exception is a defect and passes on.
 */
export function attempt<T>(work: () => T): Result<T> {
  try {
    return { ok: true, value: work() };
  } catch (error) {
    if (error instanceof TheoryError) return { ok: false, error };
    throw error;
  }
}

function clip(text: string): string {
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
