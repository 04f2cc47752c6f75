import { sameValue } from '@diatonix/core';
import type { PileBody, PileEntry, PilePupil } from './type';
import { derived, fields, items, type MergePart } from '../../merging/part';
import { sheetPart } from '../sheet/merge';

/** An answer as it is known: by its id, and one that was written before there were ids by what it says. */
export const entryKey = ({ id, pupil, question, at, answer }: PileEntry): string =>
  id ?? `${pupil} ${question} ${at} ${answer}`;

const NOTHING: Pick<PileBody, 'pupils' | 'entries'> = { pupils: [], entries: [] };

const entries = items(fields({ result: derived }), entryKey);
const FIELDS = fields({ sheet: sheetPart, pupils: items(fields()), entries });

/** Answers that were added on both sides, in the order in which they were given; those of before keep their places. */
function inTime(before: readonly PileEntry[], all: readonly PileEntry[]): readonly PileEntry[] {
  const known = new Set(before.map(entryKey));
  const old = all.filter((one) => known.has(entryKey(one)));
  const fresh = all.filter((one) => !known.has(entryKey(one)));
  return [...old, ...fresh.sort((a, b) => a.at - b.at)];
}

/** Pupils that a side took out although the other has something new of them: they stay with all that was answered. */
function takenOut(base: PileBody, side: PileBody, other: PileBody): readonly PilePupil[] {
  const here = new Set(side.pupils.map(({ id }) => id));
  const gone = base.pupils.filter(({ id }) => !here.has(id));
  if (gone.length === 0) return [];
  const all = (body: PileBody, pupil: string) => [
    body.pupils.find(({ id }) => id === pupil),
    ...body.entries.filter((one) => one.pupil === pupil).map(({ result: _, ...entry }) => entry),
  ];
  return gone.filter(
    ({ id }) => other.pupils.some((one) => one.id === id) && !sameValue(all(base, id), all(other, id)),
  );
}

function withAgain(body: PileBody, base: PileBody, pupils: readonly PilePupil[]): PileBody {
  if (pupils.length === 0) return body;
  const ids = new Set(pupils.map(({ id }) => id));
  return {
    ...body,
    pupils: [...body.pupils, ...pupils],
    entries: [...base.entries.filter(({ pupil }) => ids.has(pupil)), ...body.entries],
  };
}

/** A pile: answers are only ever added, and a pupil of whom one side has something new stays on it. */
export const pilePart: MergePart = {
  merge: (three, path, clashes) => {
    const [theirs, mine] = [three.theirs as PileBody, three.mine as PileBody];
    const base = { ...NOTHING, ...(three.base as Partial<PileBody>) } as PileBody;
    const [here, there] = [takenOut(base, mine, theirs), takenOut(base, theirs, mine)];
    const sides = { base, theirs: withAgain(theirs, base, there), mine: withAgain(mine, base, here) };
    const body = FIELDS.merge(sides, path, clashes) as PileBody;
    for (const { id } of [...here, ...there]) {
      const stands = body.pupils.find((one) => one.id === id);
      clashes.push({ path: [...path, 'pupils', id], stands, other: undefined });
    }
    return { ...body, entries: inTime(base.entries, body.entries) };
  },
  put: (part, path, value) => {
    const body = FIELDS.put(part, path, value) as PileBody;
    const [list, pupil] = path;
    if (list !== 'pupils' || path.length > 2 || value !== undefined) return body;
    // Who is taken out goes with all that was answered.
    return { ...body, entries: body.entries.filter((one) => one.pupil !== pupil) };
  },
};
