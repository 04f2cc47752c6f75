import type { LabelStyle } from '@diatonix/core';
import { newId } from '../store/ids';
import type { PileBody, PileEntry } from '../kinds/pile/type';
import { lastEntries, versionsOf } from './markPile';
import { withResults } from './pileRecord';
import { pupilFor } from './returned';
import { fromPupil } from './fromPupil';

/** An answer as it came from a pupil in the class. */
export interface CameIn {
  /** The pupil's id on the pile. */
  readonly pupil: string;
  /** The question as it stands on the page: `2.3`. */
  readonly question: string;
  readonly text: string;
}

/** The pile with a pupil of the class on it, known by the name; and the pupil's id there. */
export function withPupil(
  pile: PileBody,
  name: string,
  version: number,
): { readonly pile: PileBody; readonly id: string } {
  const own = pupilFor(pile.pupils, name, version);
  const known = pile.pupils.find(({ id }) => id === own.id);
  if (known?.version === version) return { pile, id: own.id };
  const pupils = known ? pile.pupils.map((one) => (one === known ? own : one)) : [...pile.pupils, own];
  return { pile: { ...pile, pupils }, id: own.id };
}

/** Of so many entries of a pupil all are kept; after that one takes the place of the last of its question. */
const MOST_OF_PUPIL = 1000;

/**
 * Puts answers of the class on the pile, after all that was entered. One that says what stands already was sent twice,
 * and is no second answer; one to a question that is not on the pupil's version is left out.
 */
export function withAnswers(
  pile: PileBody,
  came: readonly CameIn[],
  at: number,
  school: LabelStyle,
): PileBody {
  const versions = versionsOf(pile);
  const versionOf = new Map(pile.pupils.map(({ id, version }) => [id, version]));
  const last = lastEntries(pile.entries);
  const counts = new Map<string, number>();
  for (const { pupil } of pile.entries) counts.set(pupil, (counts.get(pupil) ?? 0) + 1);
  const fresh: PileEntry[] = [];
  const replaced = new Set<PileEntry>();
  for (const { pupil, question, text } of came) {
    const asked = versions[versionOf.get(pupil) ?? -1]?.find(({ label }) => label === question);
    if (!asked) continue;
    const own = last.get(pupil) ?? new Map<string, PileEntry>();
    const answer = fromPupil(text);
    if ((own.get(asked.id)?.answer ?? '') === answer) continue;
    const entry: PileEntry = { id: newId(), by: 'class', pupil, question: asked.id, answer, at };
    const before = own.get(asked.id);
    const count = counts.get(pupil) ?? 0;
    if (before && count >= MOST_OF_PUPIL) replaced.add(before);
    else counts.set(pupil, count + 1);
    own.set(asked.id, entry);
    last.set(pupil, own);
    fresh.push(entry);
  }
  if (fresh.length === 0) return pile;
  const entries = [...pile.entries, ...fresh].filter((one) => !replaced.has(one));
  const concerned = [...new Set(fresh.map(({ pupil }) => pupil))];
  return withResults({ ...pile, entries }, school, concerned);
}
