import { attempt, makeSheet, TheoryError, versionLetter, typedAnswer } from '@diatonix/core';
import { readAnswerFile, type AnswerFile } from '@diatonix/doors';
import { LONGEST_NAME, nameKey, nameProblem, tidyName } from '@diatonix/server/class';
import { newId } from '../store/ids';
import {
  LONGEST_ANSWER,
  MOST_PUPILS,
  type PileBody,
  type PileEntry,
  type PilePupil,
} from '../kinds/pile/type';
import { versionsOf, type PileQuestion } from './markPile';
import { specOf } from '../kinds/sheet/spec';
import { fromPupil } from './fromPupil';

/** A file that a pupil handed in, as it was read from the disk. */
export interface ReturnedFile {
  readonly name: string;
  readonly text: string;
}

/** A pile with what was handed in, and what is told of single files. */
export interface TakenAnswers {
  readonly pile: PileBody;
  /** How many files came in. */
  readonly files: number;
  readonly told: readonly string[];
}

const wrong = (read: string, what: string, right: string) => new TheoryError('request', read, what, right);

/**
 * Puts the answers of files on a pile, after all that was entered. A pupil is known by the name; one who is not on the
 * pile is added. A file that is none, of another sheet, or the second one of a pupil is told and left out; the others
 * go on.
 */
export function takeReturned(pile: PileBody, files: readonly ReturnedFile[], at: number): TakenAnswers {
  const codes = codesOf(pile);
  const versions = versionsOf(pile);
  const pupils = [...pile.pupils];
  const entries: PileEntry[] = [];
  const told: string[] = [];
  const seen = new Map<string, string>();
  for (const { name, text } of files) {
    const taken = attemptFile(name, () => {
      const file = readAnswerFile(name, text);
      const version = versionIn(name, file, codes, versions.length);
      const key = nameKey(file.pupil);
      const before = seen.get(key);
      if (before !== undefined)
        throw wrong(name, `“${file.pupil}” has handed in ${before} already.`, 'Take one of the two files.');
      const own = pupilFor(pupils, file.pupil, version);
      seen.set(key, name);
      return { own, ...entriesOf(name, file, own.id, versions[version]!, at) };
    });
    if (!taken.ok) {
      told.push(taken.error.message);
      continue;
    }
    const place = pupils.findIndex(({ id }) => id === taken.value.own.id);
    if (place < 0) pupils.push(taken.value.own);
    else pupils[place] = taken.value.own;
    entries.push(...taken.value.entries);
    told.push(...taken.value.told);
  }
  return { pile: { ...pile, pupils, entries: [...pile.entries, ...entries] }, files: seen.size, told };
}

/** As attempt; whatever else a file brings about is its own fault, and told so. */
function attemptFile<T>(name: string, read: () => T): ReturnType<typeof attempt<T>> {
  return attempt(() => {
    try {
      return read();
    } catch (error) {
      if (error instanceof TheoryError) throw error;
      throw wrong(name, 'its answers cannot be read.', 'Ask the pupil to save the file again.');
    }
  });
}

/** The codes of the pages, version by version. */
function codesOf(pile: PileBody): string[] {
  const spec = specOf(pile.sheet, null);
  return Array.from({ length: pile.sheet.versions }, (_, version) => makeSheet(spec, version).code);
}

function versionIn(
  name: string,
  { code, version }: AnswerFile,
  codes: readonly string[],
  count: number,
): number {
  if (code !== null) {
    const at = codes.indexOf(code);
    if (at >= 0) return at;
    throw wrong(
      name,
      `its code is ${code}, and those of this pile are ${codes.join(', ')}.`,
      'Take it to the pile of its own sheet.',
    );
  }
  const letters = Array.from({ length: count }, (_, at) => versionLetter(at));
  const at = version === undefined ? (count === 1 ? 0 : -1) : letters.indexOf(version.trim().toUpperCase());
  if (at >= 0) return at;
  throw wrong(
    name,
    'it does not say which version it answers.',
    `Give "code", or "version": one of ${letters.join(', ')}.`,
  );
}

/** The pupil of that name with the version that was done; a new one where there is none. */
export function pupilFor(pupils: readonly PilePupil[], name: string, version: number): PilePupil {
  const found = pupils.find((one) => nameKey(one.name) === nameKey(name));
  if (found) return { ...found, version };
  if (pupils.length >= MOST_PUPILS)
    throw wrong(name, `a pile has ${MOST_PUPILS} pupils at most.`, 'Begin another pile.');
  const problem = nameProblem(name);
  if (problem !== null) throw wrong(name.slice(0, LONGEST_NAME), 'this name cannot be taken.', problem);
  return { id: newId(), name: tidyName(name), version };
}

function entriesOf(
  name: string,
  { answers }: AnswerFile,
  pupil: string,
  asked: readonly PileQuestion[],
  at: number,
) {
  const entries: PileEntry[] = [];
  const told: string[] = [];
  const unknown: string[] = [];
  const byLabel = new Map(asked.map((one) => [one.label, one]));
  for (const [label, raw] of Object.entries(answers)) {
    if (raw === null || raw === '') continue;
    const found = byLabel.get(label);
    if (!found) {
      unknown.push(label.slice(0, 20));
      continue;
    }
    const answer = typedAnswer(found.question.kind, raw);
    if (answer === null || answer.length > LONGEST_ANSWER)
      told.push(`${name}: the answer to ${label} is too long, or none; it was left out.`);
    else entries.push({ id: newId(), by: 'file', pupil, question: found.id, answer: fromPupil(answer), at });
  }
  if (unknown.length > 0) told.push(`${name}: ${unknownWords(unknown)}`);
  return { entries, told };
}

/** So many questions that there are not are named. */
const SHOWN = 3;

function unknownWords(labels: readonly string[]): string {
  const rest = labels.length - SHOWN;
  const named = labels.slice(0, SHOWN).join(', ') + (rest > 0 ? ` and ${rest} more` : '');
  return labels.length === 1
    ? `there is no question ${named} on this sheet; its answer was left out.`
    : `there are no questions ${named} on this sheet; their answers were left out.`;
}
