import { TheoryError } from '../errors';
import { type FourNotes } from './fourPart';
import { type Tail, Heap } from './cheapest';
import { blockedBy } from './blocked';
import {
  type RuleWeights,
  type SettingProblem,
  type SettingFound,
  type Blocked,
  type VoicingColumn,
  columnOf,
  advance,
  motionBetween,
} from './settingProblem';

/** Forward costs by column and candidate. */
interface Table {
  readonly columns: readonly VoicingColumn[];
  readonly forward: readonly Float64Array[];
  readonly weights: RuleWeights;
}

/**
 * The legal settings of a progression in order of cost, best first: every
 * setting of every chord is weighed by dynamic programming, exactly. Cost is
 * the sum of doubling and layout (fourPart) and of motion between chords.
 * Costs chords × candidates² at worst, but bounds cut nearly all pairs. Throws
 * TheoryError where there is none, `blockedBy` says where and why.
 */
export function* settingsInOrder(problem: SettingProblem): Generator<SettingFound> {
  const table = search(problem);
  if (!table) throw blockedError(blockedBy(problem)!);
  yield* backwards(table);
}

/** The best setting, or where it is blocked. */
export function bestVoicing(problem: SettingProblem): SettingFound | Blocked {
  if (problem.numerals.length === 0) return { voices: [], cost: 0 };
  const table = search(problem);
  if (!table) return blockedBy(problem)!;
  const first = backwards(table).next();
  return first.value as SettingFound;
}

function blockedError({ at, rule }: Blocked): TheoryError {
  return new TheoryError(
    'chord',
    `chord ${at + 1}`,
    `no legal setting goes on here: ${rule} stands in the way.`,
    'Free a locked note, or lift that rule.',
  );
}

export function search(problem: SettingProblem): Table | null {
  const weights = problem.weights ?? {};
  const columns = problem.numerals.map((_, at) => columnOf(problem, at, weights));
  const forward: Float64Array[] = [];
  for (let at = 0; at < columns.length; at++) {
    const costs =
      at === 0
        ? Float64Array.from(columns[0]!.candidates, ({ cost }) => cost)
        : advance(columns[at - 1]!, columns[at]!, forward[at - 1]!, weights);
    if (!costs.some((cost) => cost < Infinity)) return null;
    forward.push(costs);
  }
  return { columns, forward, weights };
}

/**
 * Whole settings in order of cost, found from the last chord back; the forward costs say exactly what is
 * still to come.
 */
function* backwards({ columns, forward, weights }: Table): Generator<SettingFound> {
  const last = columns.length - 1;
  const heap = new Heap();
  forward[last]!.forEach(
    (total, index) => total < Infinity && heap.push({ at: last, index, after: 0, total, rest: null }),
  );
  for (let one = heap.pop(); one; one = heap.pop()) {
    if (one.at === 0) {
      yield { voices: pathOf(one, columns), cost: one.total };
      continue;
    }
    const [before, column] = [columns[one.at - 1]!, columns[one.at]!];
    const own = column.candidates[one.index]!;
    for (let j = 0; j < before.candidates.length; j++) {
      const known = forward[one.at - 1]![j]!;
      if (known === Infinity) continue;
      const after =
        one.after + own.cost + motionBetween(before.candidates[j]!, own, before.sense, column.sense, weights);
      if (after < Infinity) heap.push({ at: one.at - 1, index: j, after, total: known + after, rest: one });
    }
  }
}

function pathOf(start: Tail, columns: readonly VoicingColumn[]): FourNotes[] {
  const voices: FourNotes[] = [];
  for (let one: Tail | null = start; one; one = one.rest)
    voices.push(columns[one.at]!.candidates[one.index]!.notes);
  return voices;
}
