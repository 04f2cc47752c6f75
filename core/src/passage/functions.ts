import type { LineLabel } from '../context/labelLine';
import type { ChordFunction, ColumnLabels } from '../context/labels';
import type { NumeralParts } from '../label/numeralParts';

/** What a chord does in its key; an applied chord leads to its target. */
export type FunctionSaid = ChordFunction | { readonly to: NumeralParts } | null;

/** The function of a column in its context: a cadential six-four belongs to the dominant (docs/conventions.md). */
export function functionSaid(labels: ColumnLabels, line: LineLabel | null): FunctionSaid {
  const cadential = line?.reason === 'cadential-six-four' && !line.ruled;
  if (labels.numeral.special === 'Cad' || cadential) return 'dominant';
  const { target } = labels.numeralParts;
  if (labels.numeral.target && target) return { to: target };
  return labels.function;
}
