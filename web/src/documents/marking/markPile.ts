import {
  attempt,
  earnedShare,
  makeSheet,
  markAnswer,
  rankCauses,
  type Earlier,
  type Marking,
  type MistakeHistory,
  type Question,
  type LabelStyle,
  type Sheet,
} from '@diatonix/core';
import type { PileBody, PileEntry, PilePupil } from '../kinds/pile/type';
import { specOf } from '../kinds/sheet/spec';

/** A question of a pupil's version, with its place and the marks that stand for it. */
export interface PileQuestion {
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
  readonly question: Question;
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

const VERSIONS = new WeakMap<PileBody['sheet'], readonly (readonly PileQuestion[])[]>();

/** The questions of every version of a pile; made once for a sheet. */
export function versionsOf({ sheet }: Pick<PileBody, 'sheet'>): readonly (readonly PileQuestion[])[] {
  const known = VERSIONS.get(sheet);
  if (known) return known;
  const spec = specOf(sheet, null);
  const versions = Array.from({ length: sheet.versions }, (_, version) => {
    const made = attempt(() => makeSheet(spec, version));
    return made.ok ? askedOf(made.value) : [];
  });
  VERSIONS.set(sheet, versions);
  return versions;
}

function askedOf({ sections }: Sheet): PileQuestion[] {
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

/** For each pupil the last entry of each question. */
export function lastEntries(entries: readonly PileEntry[]): Map<string, Map<string, PileEntry>> {
  const found = new Map<string, Map<string, PileEntry>>();
  for (const entry of entries) {
    const own = found.get(entry.pupil) ?? new Map<string, PileEntry>();
    own.set(entry.question, entry);
    found.set(entry.pupil, own);
  }
  return found;
}

/** Marks what a pupil answered, in order, each against what was written before. */
function markPupil(
  pupil: PilePupil,
  entries: ReadonlyMap<string, PileEntry>,
  questions: readonly PileQuestion[],
  school: LabelStyle,
  follow: number,
): MarkedPupil {
  const answers = new Map<string, Marked>();
  const earlier: Earlier[] = [];
  for (const asked of questions) {
    const { id, question } = asked;
    const entry = entries.get(id);
    if (!entry || entry.answer.trim() === '') continue;
    const marked = markEntry(entry, asked, { school, earlier }, follow);
    answers.set(id, marked);
    if (marked.marking) earlier.push({ question, answer: entry.answer });
  }
  const of = questions.reduce((sum, { marks }) => sum + marks, 0);
  return { pupil, answers, got: totalOf(answers.values()), of };
}

/** The marks of several answers together. */
export function totalOf(answers: Iterable<{ readonly got: number }>): number {
  let sum = 0;
  for (const { got } of answers) sum += got;
  return round(sum);
}

function markEntry(
  entry: PileEntry,
  { question, marks: of, parts: byPart }: PileQuestion,
  options: { school: LabelStyle; earlier: readonly Earlier[] },
  follow: number,
): Marked {
  const typed = entry.answer.trim();
  if (typed === '+' || typed === '-') {
    const verdict = typed === '+' ? 'right' : 'wrong';
    return {
      entry,
      question,
      marking: null,
      verdict,
      got: entry.marks ?? (verdict === 'right' ? of : 0),
      of,
    };
  }
  const marking = markAnswer(question, typed, options);
  const share = earnedShare(marking, { byPart, follow });
  return { entry, question, marking, verdict: marking.verdict, got: entry.marks ?? round(of * share), of };
}

/** Halves are given, no smaller parts. */
const round = (value: number) => Math.round(value * 2) / 2;

/** A pupil's own mistakes weigh so much more than those of the class. */
const OWN_WEIGHT = 3;

/** What was marked of a pupil, and of what. */
interface Known {
  readonly pupil: PilePupil;
  readonly entries: ReadonlyMap<string, PileEntry>;
  readonly school: LabelStyle;
  readonly follow: number;
  readonly marked: MarkedPupil;
}

const KNOWN = new WeakMap<readonly (readonly PileQuestion[])[], Map<string, Known>>();

/** A pupil as marked already, while nothing of what was answered has changed; otherwise marked anew. */
function markedOf(
  known: Map<string, Known>,
  pupil: PilePupil,
  entries: ReadonlyMap<string, PileEntry>,
  questions: readonly PileQuestion[],
  school: LabelStyle,
  follow: number,
): MarkedPupil {
  const before = known.get(pupil.id);
  if (
    before?.pupil === pupil &&
    before.school === school &&
    before.follow === follow &&
    sameEntries(before.entries, entries)
  )
    return before.marked;
  const marked = markPupil(pupil, entries, questions, school, follow);
  known.set(pupil.id, { pupil, entries, school, follow, marked });
  return marked;
}

function sameEntries(a: ReadonlyMap<string, PileEntry>, b: ReadonlyMap<string, PileEntry>): boolean {
  return a.size === b.size && [...b].every(([question, entry]) => sameEntry(a.get(question), entry));
}

/** Whether they say the same, whatever is recorded beside them. */
function sameEntry(a: PileEntry | undefined, b: PileEntry): boolean {
  return a === b || (a?.answer === b.answer && a.at === b.at && a.marks === b.marks && a.remark === b.remark);
}

/**
 * Marks a pile. A pupil of whom nothing changed is not marked again; of several causes those come first that the
 * pupil and the class made elsewhere on it.
 */
export function markPile(
  pile: PileBody,
  versions: readonly (readonly PileQuestion[])[],
  school: LabelStyle,
): MarkedPupil[] {
  const known = KNOWN.get(versions) ?? new Map<string, Known>();
  KNOWN.set(versions, known);
  const entries = lastEntries(pile.entries);
  const none = new Map<string, PileEntry>();
  const first = pile.pupils.map((pupil) =>
    markedOf(known, pupil, entries.get(pupil.id) ?? none, versions[pupil.version] ?? [], school, pile.follow),
  );
  const ofClass = historyOf(first);
  return first.map((own) => ranked(own, ofClass));
}

/** The same with its causes in the order of what the pupil and the class did. */
function ranked(own: MarkedPupil, ofClass: MistakeHistory): MarkedPupil {
  if (![...own.answers.values()].some(({ marking }) => marking && marking.causes.length > 1)) return own;
  const history: Record<string, number> = { ...ofClass };
  for (const [id, count] of Object.entries(historyOf([own])))
    history[id] = (history[id] ?? 0) + OWN_WEIGHT * count;
  const answers = new Map(
    [...own.answers].map(([id, one]) => [
      id,
      one.marking && one.marking.causes.length > 1
        ? { ...one, marking: { ...one.marking, causes: rankCauses(one.marking.causes, history) } }
        : one,
    ]),
  );
  return { ...own, answers };
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
