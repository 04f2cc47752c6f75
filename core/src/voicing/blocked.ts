import { memberNote } from '../chord/chord';
import { sameName } from '../pitch/note';
import { fourPartSettings } from './fourPart';
import { type Rule } from './rules';
import {
  type RuleWeights,
  type SettingProblem,
  type Blocked,
  type VoicingColumn,
  chordAt,
  columnOf,
  fourNoteChord,
  isLocked,
  advance,
} from './settingProblem';

/** Where the search stops, and which rule alone would have to be lifted there; null where it goes through. */
export function blockedBy(problem: SettingProblem): Blocked | null {
  const at = firstBlocked(problem, problem.weights ?? {});
  if (at === null) return null;
  if (notInChord(problem, at)) return { at, rule: 'not-in-chord' };
  for (const rule of BLOCKING) {
    const lifted = firstBlocked(problem, { ...problem.weights, [rule]: 0 });
    if (lifted === null || lifted > at) return { at, rule };
  }
  if (columnOf(problem, at, problem.weights ?? {}).candidates.length === 0)
    return { at, rule: within(problem, at) };
  return { at, rule: 'several-rules' };
}

const BLOCKING: readonly Rule[] = [
  'parallel-fifths', 'parallel-octaves', 'direct-fifths', 'direct-octaves', 'leading-note', 'seventh',
  'augmented-second', 'overlap', 'doubled-leading-note',
]; // prettier-ignore

/** The first chord that cannot be reached, or null. */
function firstBlocked(problem: SettingProblem, weights: RuleWeights): number | null {
  let before: VoicingColumn | null = null;
  let known: Float64Array | null = null;
  for (let at = 0; at < problem.numerals.length; at++) {
    const column = columnOf(problem, at, weights);
    known =
      before && known
        ? advance(before, column, known, weights)
        : Float64Array.from(column.candidates, ({ cost }) => cost);
    if (!known.some((cost) => cost < Infinity)) return at;
    before = column;
  }
  return null;
}

function notInChord(problem: SettingProblem, at: number): boolean {
  const locks = problem.locks?.[at];
  const chord = chordAt(problem, at);
  const names = chord.members.map((m) => memberNote(chord.root, m));
  const wrongBass = locks?.[3] && !sameName(locks[3], chord.bass);
  return (
    Boolean(wrongBass) ||
    Boolean(
      locks?.some((lock) => lock !== null && ![...names, chord.bass].some((name) => sameName(name, lock))),
    )
  );
}

/**
 * What within the chord leaves no setting: a locked note outside its voice's range, or voices that cannot
 * come near enough.
 */
export function within(problem: SettingProblem, at: number): Rule {
  const locks = problem.locks?.[at];
  const chord = fourNoteChord(chordAt(problem, at));
  const settings = fourPartSettings(chord);
  const alone = (voice: number) =>
    settings.some(({ notes }) => !locks?.[voice] || isLocked(notes[voice]!, locks[voice]));
  return [0, 1, 2, 3].every(alone) ? 'spacing' : 'range';
}
