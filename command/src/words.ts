import { TheoryError } from '@diatonix/core';
import type { Arguments } from './options';

export function need({ options }: Arguments, name: string): string {
  const value = options[name];
  if (value === undefined)
    throw new TheoryError(
      'request',
      `--${name}`,
      'this option is missing.',
      `Give --${name}. See diatonix help.`,
    );
  return value;
}

export function wordsAfter(args: Arguments, count: number, example: string): readonly string[] {
  const rest = args.words.slice(1);
  if (rest.length !== count)
    throw new TheoryError(
      'request',
      rest.join(' ') || 'nothing',
      `${count} ${count === 1 ? 'word is' : 'words are'} expected here.`,
      `Write for example: ${example}`,
    );
  return rest;
}
