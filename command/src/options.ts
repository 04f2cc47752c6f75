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
  'musicxml',
  'paper',
]);
const FLAGS = new Set(['json', 'below', 'working', 'homes', 'fingering', 'kinds', 'mistakes', 'help']);

/** Reads words, `--name value`, `--name=value` and flags. Throws TheoryError `request` for unknown ones. */
export function readArguments(args: readonly string[]): Arguments {
  const words: string[] = [];
  const options: Record<string, string> = {};
  const flags = new Set<string>();
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (!arg.startsWith('--')) {
      words.push(arg);
      continue;
    }
    const [name, inline] = arg.slice(2).split(/=(.*)/s, 2) as [string, string?];
    if (FLAGS.has(name) && inline === undefined) flags.add(name);
    else if (WITH_VALUE.has(name)) {
      const value = inline ?? args[++i];
      if (value === undefined)
        throw new TheoryError(
          'request',
          arg,
          'this option has no value after it.',
          `Write --${name} and its value.`,
        );
      options[name] = value;
    } else
      throw new TheoryError(
        'request',
        arg,
        'this option is not known.',
        `Options are ${[...WITH_VALUE, ...FLAGS].map((o) => `--${o}`).join(' ')}.`,
      );
  }
  return { words, options, flags };
}
