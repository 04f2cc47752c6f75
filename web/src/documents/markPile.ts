import {
  attempt,
  earnedShare,
  makeSheet,
  markAnswer,
  type Earlier,
  type Marking,
  type MistakeHistory,
  type Question,
  type School,
  type Sheet,
} from '@diatonix/core';
import type { PileBody, PileEntry, PilePupil } from './kinds/pile';
import { specOf } from './sheetSpec';
import { answerIn } from './typedAnswer';

/** A question of a pupil's version, with its place and the marks that stand for it. */
export interface Asked {
  readonly id: string;
  /** As it stands on the page: 2.3. */
  readonly label: string;
  readonly question: Question;
  readonly marks: number;
  /** Marks by part, where each has its own. */
  readonly parts: Readonly<Record<string, number>>;
}

/** An answer as it is marked now. */
export interface Marked {
  readonly entry: PileEntry;
  /** Null where only right or wrong was entered. */
  readonly marking: Marking | null;
  readonly verdict: 'right' | 'wrong' | 'unreadable';
  /** Marks of the sheet, what the teacher gave in their place included. */
  readonly got: number;
  readonly of: number;
}

export interface MarkedPupil {
  readonly pupil: PilePupil;
  readonly answers: ReadonlyMap<string, Marked>;
  readonly got: number;
  readonly of: number;
}

/** The questions of every version of a pile. */
export function versionsOf({ sheet }: Pick<PileBody, 'sheet'>): readonly (readonly Asked[])[] {
  const spec = specOf(sheet, null);
  return Array.from({ length: sheet.versions }, (_, version) => {
    const made = attempt(() => makeSheet(spec, version));
    return made.ok ? askedOf(made.value) : [];
  });
}

function askedOf({ sections }: Sheet): Asked[] {
  return sections.flatMap(({ questions, marks, parts = {} }, at) =>
    questions.map((question, place) => ({
      id: `${at}.${place}`,
      label: `${at + 1}.${place + 1}`,
      question,
      marks,
      parts,
    })),
  );
}

/** The last entry of each question of a pupil. */
export function lastEntries(entries: readonly PileEntry[], pupil: string): Map<string, PileEntry> {
  return new Map(entries.filter((one) => one.pupil === pupil).map((one) => [one.question, one]));
}

/** Marks what a pupil answered, in order, each against what was written before. */
export function markPupil(
  pile: PileBody,
  pupil: PilePupil,
  questions: readonly Asked[],
  school: School,
  history: MistakeHistory = {},
): MarkedPupil {
  const entries = lastEntries(pile.entries, pupil.id);
  const answers = new Map<string, Marked>();
  const earlier: Earlier[] = [];
  for (const asked of questions) {
    const { id, question } = asked;
    const entry = entries.get(id);
    if (!entry || entry.answer.trim() === '') continue;
    const marked = markEntry(entry, asked, { school, earlier, history }, pile.follow);
    answers.set(id, marked);
    if (marked.marking) earlier.push({ question, answer: entry.answer });
  }
  const all = [...answers.values()];
  return {
    pupil,
    answers,
    got: round(all.reduce((sum, { got }) => sum + got, 0)),
    of: questions.reduce((sum, { marks }) => sum + marks, 0),
  };
}

function markEntry(
  entry: PileEntry,
  { question, marks: of, parts: byPart }: Asked,
  options: { school: School; earlier: readonly Earlier[]; history: MistakeHistory },
  follow: number,
): Marked {
  const typed = entry.answer.trim();
  if (typed === '+' || typed === '-') {
    const verdict = typed === '+' ? 'right' : 'wrong';
    return { entry, marking: null, verdict, got: entry.marks ?? (verdict === 'right' ? of : 0), of };
  }
  const marking = markAnswer(question, answerIn(question, typed), options);
  const share = earnedShare(marking, { byPart, follow });
  return { entry, marking, verdict: marking.verdict, got: entry.marks ?? round(of * share), of };
}

/** Halves are given, no smaller parts. */
const round = (value: number) => Math.round(value * 2) / 2;

/** A pupil's own mistakes weigh so much more than those of the class. */
const OWN_WEIGHT = 3;

/** Marks a pile: once as it stands, and then with what the class and each pupil did wrong elsewhere on it. */
export function markPile(
  pile: PileBody,
  versions: readonly (readonly Asked[])[],
  school: School,
): MarkedPupil[] {
  const asked = (version: number) => versions[version] ?? [];
  const first = pile.pupils.map((pupil) => markPupil(pile, pupil, asked(pupil.version), school));
  const ofClass = historyOf(first);
  return first.map((own) => {
    const history: Record<string, number> = { ...ofClass };
    for (const [id, count] of Object.entries(historyOf([own])))
      history[id] = (history[id] ?? 0) + OWN_WEIGHT * count;
    return markPupil(pile, own.pupil, asked(own.pupil.version), school, history);
  });
}

/** How often each mistake was made by a pupil in these piles, or by all of them. */
export function historyOf(marked: readonly MarkedPupil[]): MistakeHistory {
  const counts: Record<string, number> = {};
  for (const { answers } of marked)
    for (const { marking } of answers.values()) {
      // What is tied counts for each, by its share.
      const causes = marking?.causes ?? [];
      for (const { mistakes } of causes)
        for (const id of mistakes) counts[id] = (counts[id] ?? 0) + 1 / causes.length;
    }
  return counts;
}
