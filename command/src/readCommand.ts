import { DEFAULT_LABEL_STYLE, TheoryError, vocabulary } from '@diatonix/core';
import type { Arguments } from './options';
import { readFiles, scoreFiles } from './readFiles';

interface Answer {
  readonly file: string;
  readonly title: string;
  readonly bars: number;
  readonly keys: readonly {
    readonly from: string;
    readonly key: string;
    readonly evidence: readonly string[];
  }[];
  /** Chords that fit a tune alone. */
  readonly offers?: Answer['chords'];
  readonly chords: readonly {
    readonly bar: number;
    readonly beat: string;
    readonly key: string;
    readonly numeral: string;
    readonly symbol: string;
    readonly at: string;
    readonly nonChord: readonly { readonly note: string; readonly kind: string; readonly part: string }[];
  }[];
  readonly cadences: readonly { readonly at: string; readonly bar: number; readonly kind: string }[];
  readonly remarks: readonly string[];
}

/** `diatonix read FILE… [--key KEY] [--json]`. Returns the exit status: 2 where no file could be read. */
export async function readCommand(args: Arguments): Promise<number> {
  const paths = args.words.slice(1);
  if (paths.length === 0)
    throw new TheoryError('request', 'read', 'no file is given.', 'Write diatonix read FILE.musicxml.');
  const { key, school } = args.options;
  const task = { ...(key === undefined ? {} : { key }), ...(school === undefined ? {} : { school }) };
  let good = 0;
  await readFiles(scoreFiles(paths), task, (line, { error }) => {
    if (error === null) good++;
    if (args.flags.has('json')) console.log(line);
    else if (error !== null) console.error(`${(JSON.parse(line) as Answer).file}: ${error}`);
    else console.log(readingText(JSON.parse(line) as Answer));
  });
  return good > 0 ? 0 : 2;
}

/** Bars with their chords, keys where they begin, and cadences. */
function readingText({ file, title, bars, keys, chords, offers, cadences, remarks }: Answer): string {
  const keyAt = new Map(keys.map((key) => [key.from, key]));
  const cadenceAt = new Map(cadences.map((cadence) => [cadence.at, cadence.kind]));
  const lines = [`${title} (${file}), ${bars} bars`];
  if (offers) lines.push('', 'A tune alone: no chord sounds. These fit it, and are offered.');
  for (const chord of offers ?? chords) {
    const key = keyAt.get(chord.at);
    if (key) lines.push('', `${key.key}: ${key.evidence.join('; ') || 'no evidence of its own'}`);
    const foreign = chord.nonChord.map(({ note, kind }) => `${note} ${kind}`).join(', ');
    const cadence = cadenceAt.get(chord.at);
    const row = [
      `${vocabulary(DEFAULT_LABEL_STYLE).bar} ${chord.bar} beat ${chord.beat}`.padEnd(18),
      chord.numeral.padEnd(10),
      chord.symbol.padEnd(10),
      cadence ? `${cadence} cadence`.padEnd(18) : foreign ? ''.padEnd(18) : '',
      foreign,
    ];
    lines.push(row.join(' ').trimEnd());
  }
  return [...lines, ...remarks.map((remark) => `\nNote: ${remark}`), ''].join('\n');
}
