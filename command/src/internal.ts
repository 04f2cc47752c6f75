import type { ErrorCode, TheoryError } from '@diatonix/core';

/** An error as it is told: its code, and a message in words. */
export interface ToldError {
  readonly code: ErrorCode | 'internal';
  readonly message: string;
}

/** What is told of whatever was thrown. What should not happen is `internal`; no source is ever printed. */
export function errorOf(error: unknown): ToldError {
  // What engraves is a file of its own, with a class of the same name.
  if (error instanceof Error && error.name === 'TheoryError')
    return { code: (error as TheoryError).code, message: error.message };
  const reported = error instanceof Error ? error.message : String(error);
  return {
    code: 'internal',
    message:
      `This should not happen (${reported.slice(0, 200)}). The fault is in Diatonix, not in what was given; ` +
      'please report the request that led to it.',
  };
}
