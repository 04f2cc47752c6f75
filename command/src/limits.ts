import { REQUEST_LIMITS, TheoryError } from '@diatonix/core';

/** @throws {TheoryError} `request` where there are more than `most` */
export function atMost(count: number, most: number, what: string): void {
  if (count > most)
    throw new TheoryError(
      'request',
      `${count} ${what}`,
      `at most ${most} ${what} are taken at once.`,
      'Divide the request into several.',
    );
}

/** @throws {TheoryError} `request` where there are none, or more than `most` */
export function oneTo(most: number, count: number, what: string, right: string): void {
  if (count === 0) throw new TheoryError('request', `0 ${what}`, `one or more ${what} are needed.`, right);
  atMost(count, most, what);
}

/** Refuses a line that is too long or nested too deeply, before anything reads it. */
export function checkLine(line: string): void {
  atMost(line.length, REQUEST_LIMITS.line, 'characters of a line');
  let depth = 0;
  let inText = false;
  for (let at = 0; at < line.length; at++) {
    const sign = line[at];
    if (inText) {
      if (sign === '\\') at++;
      else if (sign === '"') inText = false;
    } else if (sign === '"') inText = true;
    else if (sign === '[' || sign === '{') {
      if (++depth > REQUEST_LIMITS.depth)
        throw new TheoryError(
          'request',
          line,
          `brackets lie more than ${REQUEST_LIMITS.depth} deep in each other.`,
          'A request is an object of texts, numbers and lists of them.',
        );
    } else if (sign === ']' || sign === '}') depth--;
  }
}
