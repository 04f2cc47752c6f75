import { parseArgs } from 'node:util';
import { TheoryError } from '@diatonix/core';

export interface Arguments {
  /** Words that are not options. */
  readonly words: readonly string[];
  readonly options: Readonly<Record<string, string>>;
  readonly flags: ReadonlySet<string>;
}

const WITH_VALUE = new Set([
  'from',
  'add',
  'notes',
  'key',
  'numeral',
  'bass',
  'figures',
  'school',
  'form',
  'notation',
  'degree',
  'top',
  'formula',
  'half-steps',
  'root',
  'spec',
  'seed',
  'version',
  'versions',
  'pdf',
  'svg',
  'width',
  'musicxml',
  'paper',
]);
const FLAGS = new Set([
  'json',
  'below',
  'working',
  'homes',
  'fingering',
  'kinds',
  'mistakes',
  'labels',
  'closed',
  'dynamics',
  'help',
]);

const KNOWN = {
  ...Object.fromEntries([...WITH_VALUE].map((name) => [name, { type: 'string' as const }])),
  ...Object.fromEntries([...FLAGS].map((name) => [name, { type: 'boolean' as const }])),
};

/** Reads words, `--name value`, `--name=value` and flags. Throws TheoryError `request` for unknown ones. */
export function readArguments(args: readonly string[]): Arguments {
  const words = new Map<number, string>();
  const options: Record<string, string> = {};
  const flags = new Set<string>();
  const { tokens } = parseArgs({ args: [...args], options: KNOWN, strict: false, tokens: true });
  for (const token of tokens) {
    // A minus alone begins a word: a number, or the standard input.
    if (token.kind === 'positional' || (token.kind === 'option' && !token.rawName.startsWith('--')))
      words.set(token.index, args[token.index]!);
    if (token.kind !== 'option' || !token.rawName.startsWith('--')) continue;
    const { name, value, index } = token;
    if (FLAGS.has(name) && value === undefined) flags.add(name);
    else if (WITH_VALUE.has(name)) {
      if (value === undefined)
        throw new TheoryError(
          'request',
          args[index]!,
          'this option has no value after it.',
          `Write --${name} and its value.`,
        );
      options[name] = value;
    } else
      throw new TheoryError(
        'request',
        args[index]!,
        'this option is not known.',
        `Options are ${[...WITH_VALUE, ...FLAGS].map((o) => `--${o}`).join(' ')}.`,
      );
  }
  return { words: [...words.values()], options, flags };
}
