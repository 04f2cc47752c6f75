import type { Bench } from '../benches/bench';
import { benchAt } from '../benches/register';
import type { Scope } from '../documents/store/history';
import { redo, undo } from '../documents/store/store';

/** What undo belongs to on a bench: its open documents, and the labels, which every bench shows. */
export function scopeOf({ kinds, open }: Bench): Scope {
  return { kinds: [...kinds, 'labels'], open: open() };
}

/** Nothing but the labels where no bench is shown. */
export const NO_BENCH: Scope = { kinds: ['labels'], open: [] };

function scopeNow(): Scope {
  const bench = benchAt(location.pathname);
  return bench ? scopeOf(bench) : NO_BENCH;
}

export const undoHere = () => undo(scopeNow());
export const redoHere = () => redo(scopeNow());
