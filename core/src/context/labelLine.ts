import type { Chord } from '../chord/chord';
import { attempt, type Result } from '../errors';
import { parseKey, printKey, sameKey, signatureFifths, type Key } from '../key/key';
import { areasOf, isMarked } from '../line/areas';
import type { LineColumn } from '../line/column';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { printNumeral } from '../label/numeralPrint';
import { type Numeral, chordOfNumeral, sameNumeral } from '../label/numeral';
import { numeralsForChord } from '../label/numeralsFor';
import { parseNumeral } from '../label/numeralParse';
import type { CadenceKind } from './cadences';
import { structureOf } from './structure';
import type { ChordIn, ContextReading } from './chordIn';
import { drawnAt, chordOfEntry, type Entry, type ReadEntry, type SoughtEntry } from '../line/entry';
import { deducedEntry, workBack, type Deduction } from './workBack';
import { labelEntry, labelsInContext, type LabelledColumn } from './labels';

/** A column in its context: its labels, and what is drawn over and under it. */
export interface LineLabel {
  readonly labelled: LabelledColumn;
  readonly key: Key;
  /** Whether its key is another than that of the column before. */
  readonly keyBegins: boolean;
  /** The numeral in the key that is left, where the chord belongs to both. */
  readonly pivot: Numeral | null;
  readonly pivotKey: Key | null;
  readonly cadence: CadenceKind | null;
  readonly bracketFrom: boolean;
  readonly bracketTo: boolean;
  /** The bracket ends here and its V does not resolve: its target is open. */
  readonly open: boolean;
  readonly arrowFrom: boolean;
  readonly arrowTo: boolean;
  /** The same for a chord that stands in for the dominant a tritone away. */
  readonly substituteFrom: boolean;
  readonly substituteTo: boolean;
  /** Why its numeral stands as it does; null where the context says nothing. */
  readonly reason: ContextReading['reason'] | null;
  readonly readings: readonly ContextReading[];
  readonly ruled: boolean;
  /** What brackets and arrows say of a chord that is sought; its labels are those of the answer. */
  readonly sought?: Deduction;
}

export interface LineOptions {
  /** Whether key changes are found, or the line is read in its own key and those that were marked. */
  readonly modulate: boolean;
}

/**
 * Labels a whole line in context. Typed numerals stand as they are, in the key
 * of their place; symbols and notes get the numeral that fits what comes before
 * and after. A column that cannot be read keeps its error, and the others are
 * read without it.
 */
export function labelLine(
  columns: readonly LineColumn[],
  key: Key,
  options: LineOptions,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): LineLabel[] {
  const areas = areasOf(columns, key);
  const entries = columns.map(({ entry }) => entry);
  const back = entries.some(({ kind }) => kind === 'sought') ? workBack(entries, areas) : NOTHING_SOUGHT;
  const reads = columns.map(({ entry }, at) =>
    readOnce(knownEntry(entry, back.get(at), areas[at]!), areas[at]!),
  );
  const good = columns.flatMap((_, at) => (reads[at]!.ok ? [at] : []));
  const place = new Map(good.map((at, index) => [at, index]));
  const rulings = columns.map((column) => rulingOf(column));
  const chords = good.map((at): ChordIn =>
    chordIn(columns[at]!, (reads[at] as { value: ReadEntry }).value, areas[at]!, rulings[at] ?? null),
  );
  const marked = isMarked(columns);
  const analysed = attempt(() =>
    structureOf(chords, {
      signature: signatureFifths(key),
      phraseEnds: good.flatMap((at, index) => (columns[at]!.phraseEnd ? [index] : [])),
      keys: good.map((at) => (options.modulate && !marked[at] ? null : areas[at]!)),
      splitCadences: school.cadences === 'split',
    }),
  );
  // Too far from every key: each chord is read by itself.
  if (!analysed.ok)
    return columns.map(({ entry }, at) => alone(labelEntry(entry, areas[at]!, school), areas[at]!));
  const { best: chosen, readings: offered, cadences, brackets, arrows } = analysed.value;
  // Where a column between them cannot be read, nothing joins its neighbours.
  const adjacent = (from: number, to: number) => good[to]! - good[from]! === to - from;
  const cadenceAt = new Map(cadences.map(({ at, kind }) => [at, kind]));
  const joined = brackets.filter(({ from, to }) => adjacent(from, to));
  const bracketFrom = new Set(joined.map(({ from }) => from));
  const bracketTo = new Map(joined.map((bracket) => [bracket.to, bracket]));
  const leading = arrows.filter(({ from, to }) => adjacent(from, to));
  const fifths = leading.filter(({ kind }) => kind === 'fifth');
  const arrowFrom = new Set(fifths.map(({ from }) => from));
  const arrowTo = new Set(fifths.map(({ to }) => to));
  const substitutes = leading.filter(({ kind }) => kind === 'substitute');
  const substituteFrom = new Set(substitutes.map(({ from }) => from));
  const substituteTo = new Set(substitutes.map(({ to }) => to));
  return columns.map((column, at): LineLabel => {
    const index = place.get(at);
    const read = reads[at]!;
    const sought = column.entry.kind === 'sought' ? { entry: column.entry, deduction: back.get(at)! } : null;
    const pointed = drawnBefore(columns[at - 1]);
    if (index === undefined || !read.ok) {
      const own = alone(labelEntry(column.entry, areas[at]!, school), areas[at]!);
      return sought
        ? { ...own, ...drawnSought(sought.entry), arrowTo: pointed, sought: sought.deduction }
        : { ...own, arrowTo: pointed };
    }
    const [best, readings] = [chosen[index]!, offered[index]!];
    const before = chosen[index - 1];
    const labelled = labelOnce(read.entry, read.value, best, school);
    const keyBegins = before !== undefined && !sameKey(before.key, best.key);
    const pivot = keyBegins
      ? (readings.find((one) => sameKey(one.key, before.key) && one.excess < PIVOT_EXCESS) ?? null)
      : null;
    const ending = bracketTo.get(index);
    return {
      labelled,
      key: best.key,
      keyBegins,
      pivot: pivot?.numeral ?? null,
      pivotKey: pivot?.key ?? null,
      cadence: cadenceAt.get(index) ?? null,
      bracketFrom: bracketFrom.has(index),
      bracketTo: ending !== undefined,
      open: ending !== undefined && ending.target === null,
      arrowFrom: arrowFrom.has(index),
      arrowTo: arrowTo.has(index) || pointed,
      substituteFrom: substituteFrom.has(index),
      substituteTo: substituteTo.has(index),
      ...(sought ? { ...drawnSought(sought.entry), sought: sought.deduction } : {}),
      reason: best.reason,
      readings: readings.length > 1 ? readings : [...readings, ...otherNumerals(best.numeral, best)],
      ruled: rulings[at] !== null,
    };
  });
}

type ReadOnce = Result<ReadEntry> & { readonly entry: Entry };

/** An entry read in a key, remembered: an edit leaves most entries of a line as they were. */
function readOnce(entry: Entry, key: Key): ReadOnce {
  const known = READS.get(entry);
  if (known?.key === key) return known.read;
  const read = { ...attempt(() => chordOfEntry(entry, key)), entry };
  READS.set(entry, { key, read });
  return read;
}

const READS = new WeakMap<Entry, { readonly key: Key; readonly read: ReadOnce }>();

const NOTHING_SOUGHT: ReadonlyMap<number, Deduction> = new Map();

/** A sought chord that was worked back counts as its answer for what stands around it. */
function knownEntry(entry: Entry, deduction: Deduction | undefined, key: Key): Entry {
  return deduction?.kind === 'found' ? deducedEntry(deduction, key) : entry;
}

/** Whether the arrow of a sought chord comes from the column before. */
function drawnBefore(before: LineColumn | undefined): boolean {
  return before?.entry.kind === 'sought' && drawnAt(before.entry).arrow;
}

/** What is drawn at a sought chord: only what was given. */
function drawnSought(
  entry: SoughtEntry,
): Pick<LineLabel, 'bracketFrom' | 'bracketTo' | 'open' | 'arrowFrom'> {
  const { opens, closes, arrow } = drawnAt(entry);
  return { bracketFrom: opens, bracketTo: closes, open: closes && !arrow, arrowFrom: arrow };
}

/** The labels of an entry under a numeral, remembered as readOnce. */
function labelOnce(entry: Entry, read: ReadEntry, best: ContextReading, school: LabelStyle): LabelledColumn {
  const known = LABELS.get(entry);
  const numeral = cadential(best);
  if (known && known.key === best.key && known.school === school && sameNumeral(known.numeral, numeral))
    return known.labelled;
  const labels = attempt(() => labelsInContext({ ...read, chord: best.chord, numeral }, best.key, school));
  const labelled: LabelledColumn = labels.ok
    ? { ok: true, labels: labels.value }
    : { ok: false, error: labels.error };
  LABELS.set(entry, { key: best.key, school, numeral, labelled });
  return labelled;
}

const LABELS = new WeakMap<
  Entry,
  {
    readonly key: Key;
    readonly school: LabelStyle;
    readonly numeral: Numeral;
    readonly labelled: LabelledColumn;
  }
>();

/** A chord belongs to both keys where its reading in the old one is not far-fetched. */
const PIVOT_EXCESS = 5;

function alone(labelled: LabelledColumn, key: Key): LineLabel {
  const nothing = {
    keyBegins: false,
    pivot: null,
    pivotKey: null,
    cadence: null,
    bracketFrom: false,
    bracketTo: false,
    open: false,
    arrowFrom: false,
    arrowTo: false,
    substituteFrom: false,
    substituteTo: false,
    ruled: false,
    reason: null,
  };
  return { labelled, key, ...nothing, readings: [] };
}

/** What a chord whose numeral is settled could be called otherwise in its key; remembered by the numeral. */
function otherNumerals(settled: Numeral, { chord, key }: ContextReading): readonly ContextReading[] {
  const known = OTHERS.get(settled);
  if (known?.key === key) return known.others;
  const others = numeralsForChord(chord, key)
    .filter((one) => one.cost < FAR_FETCHED && !sameNumeral(one.numeral, settled))
    .slice(0, MOST_OTHERS)
    .map((one): ContextReading => ({
      key,
      numeral: one.numeral,
      chord,
      reason: one.reason,
      excess: one.cost,
    }));
  OTHERS.set(settled, { key, others });
  return others;
}

const OTHERS = new WeakMap<Numeral, { readonly key: Key; readonly others: readonly ContextReading[] }>();
const FAR_FETCHED = 3.4;
const MOST_OTHERS = 3;

function rulingOf({ ruling }: LineColumn): { key: Key; numeral: Numeral; chord: Chord } | null {
  if (!ruling) return null;
  const read = attempt(() => {
    const key = parseKey(ruling.key);
    const numeral = parseNumeral(ruling.numeral, key);
    return { key, numeral, chord: chordOfNumeral(numeral, key) };
  });
  return read.ok ? read.value : null;
}

function chordIn(
  column: LineColumn,
  read: ReadEntry,
  key: Key,
  ruling: ReturnType<typeof rulingOf>,
): ChordIn {
  if (ruling) return { chord: ruling.chord, numeral: ruling.numeral, key: ruling.key };
  if (column.entry.kind === 'numeral' || column.entry.kind === 'sought')
    return { chord: read.chord, numeral: read.numeral, key };
  return read.notes ? { notes: read.notes } : { chord: read.chord };
}

/** A six-four over the dominant that follows is written as the school writes it. */
function cadential({ reason, numeral }: ContextReading): Numeral {
  return reason === 'cadential-six-four' && numeral.special === null
    ? { ...numeral, special: 'Cad' }
    : numeral;
}

/** A reading as a ruling, in plain text. */
export function rulingOfReading({ key, numeral }: ContextReading): { key: string; numeral: string } {
  return { key: printKey(key), numeral: printNumeral(numeral, key) };
}
