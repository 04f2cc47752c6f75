import { degreeAsked, type LabelStyle } from '@diatonix/core';
import type { EntryResult, PileBody, PileEntry, PilePupil } from '../kinds/pile/type';
import { lastEntries, markPile, versionsOf, type Marked } from './markPile';

/** An answer as the logbook has it. */
export interface Recorded extends EntryResult {
  readonly entry: PileEntry;
}

/** A pupil of a pile with what the answers earned, by the places of the questions. */
export interface RecordedPupil {
  readonly pupil: PilePupil;
  readonly answers: ReadonlyMap<string, Recorded>;
}

/**
 * The pile with what the answers of some pupils earn written beside them: the last of each question, since marks
 * follow from one answer to the next.
 */
export function withResults(
  pile: PileBody,
  school: LabelStyle,
  pupils: readonly string[] = pile.pupils.map(({ id }) => id),
): PileBody {
  const marked = new Map(
    markPile(pile, versionsOf(pile), school).map(({ pupil, answers }) => [pupil.id, answers]),
  );
  const last = lastEntries(pile.entries);
  const wanted = new Set(pupils);
  return {
    ...pile,
    entries: pile.entries.map((entry) => {
      if (!wanted.has(entry.pupil) || last.get(entry.pupil)?.get(entry.question) !== entry) return entry;
      const one = marked.get(entry.pupil)?.get(entry.question);
      return one ? { ...entry, result: resultOf(one) } : entry;
    }),
  };
}

function resultOf({ question, verdict, got, of, marking }: Marked): EntryResult {
  const causes = marking?.causes[0]?.mistakes ?? [];
  const asked = degreeAsked(question);
  return {
    ...{ verdict, got, of },
    ...(causes.length > 0 ? { causes } : {}),
    ...(asked ? { degree: `${asked.mode} ${asked.degree}` } : {}),
  };
}

/** What the answers of a pile earned as it is written beside them; what has nothing beside it is marked. */
export function recordOfPile(pile: PileBody, school: LabelStyle): RecordedPupil[] {
  const entries = lastEntries(pile.entries);
  const all = pile.pupils.map((pupil) => ({ pupil, own: answered(entries.get(pupil.id)) }));
  const bare = all.some(({ own }) => own.some(({ result }) => !result));
  const marked = bare ? markPile(pile, versionsOf(pile), school) : [];
  return all.map(({ pupil, own }, at) => {
    const now = marked[at]?.answers;
    const answers = new Map<string, Recorded>();
    for (const entry of own) {
      const one = now?.get(entry.question);
      const result = entry.result ?? (one && resultOf(one));
      if (result) answers.set(entry.question, { ...result, entry });
    }
    return { pupil, answers };
  });
}

const answered = (entries: ReadonlyMap<string, PileEntry> | undefined): PileEntry[] =>
  [...(entries?.values() ?? [])].filter(({ answer }) => answer.trim() !== '');
