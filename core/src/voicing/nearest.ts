import { attempt } from '../errors';
import { RULES, type Rule } from './rules';
import { settingsInOrder } from './search';
import type { SettingFound, SettingProblem } from './settingProblem';

/** What breaking a rule that forbids costs where no setting keeps them all: more than any motion saves. */
const HEAVY = 100;

/**
 * The setting that breaks the fewest rules, for a progression that has no legal one; its faults are for
 * `checkSetting` to name. Null where a chord cannot be set at all, as with a locked note outside it.
 */
export function nearestSetting(problem: SettingProblem): SettingFound | null {
  const weights = Object.fromEntries(
    RULES.map((rule): [Rule, number] => [rule, Math.min(problem.weights?.[rule] ?? HEAVY, HEAVY)]),
  );
  const first = attempt(() => settingsInOrder({ ...problem, weights }).next());
  return first.ok && !first.value.done ? first.value.value : null;
}
