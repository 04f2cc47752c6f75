import type { Chord } from '../../chord/chord';
import type { Score } from '../model/score';
import { takesTime } from '../model/voicePlace';
import { wrong } from './edited';

/** What stands over a moment of a score: a chord, that none is meant, or nothing. */
export type SymbolAt = Chord | 'no-chord' | null;

export function symbolAt({ symbols, noChord = [] }: Score, at: number): SymbolAt {
  return symbols.find((one) => one.at === at)?.chord ?? (noChord.includes(at) ? 'no-chord' : null);
}

/** Writes a chord symbol over a moment, or that no chord is meant there, or takes away what stands there. */
export function putSymbol(score: Score, at: number, symbol: SymbolAt): Score {
  const { noChord: before = [], ...rest } = score;
  const symbols = score.symbols.filter((one) => one.at !== at);
  if (symbol !== null && symbol !== 'no-chord') symbols.push({ at, chord: symbol });
  const silent = [...before.filter((one) => one !== at), ...(symbol === 'no-chord' ? [at] : [])];
  return {
    ...rest,
    symbols: symbols.sort((a, b) => a.at - b.at),
    ...(silent.length > 0 ? { noChord: silent.sort((a, b) => a - b) } : {}),
  };
}

/**
 * Moves what stands over a moment to the next one at which a note or a rest begins, or to the one before it; returns
 * where it stands then. Throws TheoryError `request` where nothing stands, at the ends, and where one stands there.
 */
export function moveSymbol(
  score: Score,
  at: number,
  way: 'before' | 'after',
): { readonly score: Score; readonly at: number } {
  const symbol = symbolAt(score, at);
  if (symbol === null) throw wrong('no symbol', 'no chord symbol stands here.', 'Write one first.');
  const moments = score.notes.filter(takesTime).map(({ onset }) => onset);
  const beyond = moments.filter((one) => (way === 'after' ? one > at : one < at));
  if (beyond.length === 0) throw wrong('the symbol', `nothing begins ${way} it.`, 'Leave it where it is.');
  const to = way === 'after' ? Math.min(...beyond) : Math.max(...beyond);
  if (symbolAt(score, to) !== null)
    throw wrong('the symbol', 'another one stands at that moment.', 'Take that one away first.');
  return { score: putSymbol(putSymbol(score, at, null), to, symbol), at: to };
}
