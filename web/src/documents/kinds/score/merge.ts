import {
  attempt,
  noteGroups,
  notesOfGroups,
  sameValue,
  type RulingRow,
  type ScoreRows,
} from '@diatonix/core';
import { fields, items, mergedMembers, merged, whole, type MergePart, type Path } from '../../merging/part';

const first = (row: string): string => row.split(' ')[0] ?? '';
const signatures = items(whole, first);
const OTHERS = fields({ signatures, symbols: items(whole, first) });
const GROUPS = fields();

/** The notes of rows by part and bar; null where they cannot be told apart. */
function groupsOf(rows: ScoreRows): Record<string, readonly string[]> | null {
  const groups = attempt(() => noteGroups(rows));
  return groups.ok ? Object.fromEntries(groups.value) : null;
}

const withNotes = (rows: ScoreRows, groups: unknown): ScoreRows => ({
  ...rows,
  notes: notesOfGroups(new Map(Object.entries(groups as Record<string, readonly string[]>))),
});

const sameFrame = (one: ScoreRows, other: ScoreRows): boolean =>
  sameValue(one.bars, other.bars) && sameValue(one.parts, other.parts);

/**
 * The notes of a score bar by bar in each part. Where one of the two changed bars or parts, the notes no longer stand
 * in the same places: then the whole score is one thing.
 */
const scoreRows: MergePart = {
  merge: (three, path, clashes) => {
    const [base, theirs, mine] = [three.base, three.theirs, three.mine] as (ScoreRows | undefined)[];
    if (!base || !theirs || !mine || !sameFrame(base, theirs) || !sameFrame(base, mine))
      return whole.merge(three, path, clashes);
    const [was, other, own] = [groupsOf(base), groupsOf(theirs), groupsOf(mine)];
    if (!was || !other || !own) return whole.merge(three, path, clashes);
    const groups = merged(
      GROUPS,
      { base: was, theirs: other, mine: own },
      [...path, 'notes'] as Path,
      clashes,
    );
    const without = ({ notes: _, ...rest }: ScoreRows) => rest;
    const rest = merged(
      OTHERS,
      { base: without(base), theirs: without(theirs), mine: without(mine) },
      path,
      clashes,
    );
    return withNotes({ ...(rest as ScoreRows), notes: [] }, groups);
  },
  put: (part, path, value) => {
    const rows = part as ScoreRows;
    const [name, ...below] = path;
    if (name !== 'notes' || below.length === 0) return OTHERS.put(rows, path, value);
    const groups = groupsOf(rows);
    return groups ? withNotes(rows, GROUPS.put(groups, below, value)) : rows;
  },
};

/** How two changes of a piece come together: its notes by part and bar, its rulings by place. */
export const scorePart = fields({
  score: scoreRows,
  rulings: items(whole, ({ kind, from }: RulingRow) => `${kind} ${from}`),
  hidden: mergedMembers,
  waived: mergedMembers,
  breaks: mergedMembers,
});
