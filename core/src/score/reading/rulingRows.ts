import { parseKey, printKey } from '../../key/key';
import { printNumeral } from '../../label/numeralPrint';
import { parseNumeral } from '../../label/numeralParse';
import { parseTime, printLength } from '../../time/length';
import type { ScoreRuling } from './rulings';

/** A ruling as it is kept: times in quarters as text, key and numeral in plain text. */
export interface RulingRow {
  readonly kind: ScoreRuling['kind'];
  readonly from: string;
  /** Where it ends; the same as `from` for a ruling on one moment. */
  readonly to: string;
  readonly key?: string;
  readonly numeral?: string;
}

export const RULING_KINDS = ['numeral', 'key', 'split', 'join', 'phrase-end', 'no-phrase-end'] as const;

export function rowOfRuling(ruling: ScoreRuling): RulingRow {
  if ('at' in ruling) {
    const at = printLength(ruling.at);
    return { kind: ruling.kind, from: at, to: at };
  }
  const times = { from: printLength(ruling.from), to: printLength(ruling.to) };
  const key = printKey(ruling.key);
  if (ruling.kind === 'key') return { kind: 'key', ...times, key };
  return { kind: 'numeral', ...times, key, numeral: printNumeral(ruling.numeral, ruling.key) };
}

/** The ruling of a row. Throws TheoryError where it cannot be read. */
export function rulingOfRow({ kind, from, to, key, numeral }: RulingRow): ScoreRuling {
  const [start, end] = [parseTime(from), parseTime(to)];
  switch (kind) {
    case 'split':
    case 'join':
    case 'phrase-end':
    case 'no-phrase-end':
      return { kind, at: start };
    case 'key':
      return { kind, from: start, to: end, key: parseKey(key ?? '') };
    case 'numeral': {
      const read = parseKey(key ?? '');
      return { kind, from: start, to: end, key: read, numeral: parseNumeral(numeral ?? '', read) };
    }
  }
}
