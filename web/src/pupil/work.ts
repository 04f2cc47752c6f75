import { attempt, type PupilSheet } from '@diatonix/core';
import { create } from 'zustand';
import { nameProblem, type KnownAnswer } from '@diatonix/server/class';
import { download, fileName } from '../documents/files/download';
import { fetchScript, SCRIPT_MISSING } from '../fetchScript';
import { forgetOldWork, hasOldWork } from './oldWork';
import { asKept, isUnkept, keepNow, keepSoon, readKept, startKeeping } from './workPersistence';
import type { RoomWork, Work } from './workTypes';

export type { RoomWork, Work } from './workTypes';

/** What checks whatever comes in: fetched when something does. */
/** Null where it does not come: what is kept stays as it is, and the page says so. */
async function fetchDoors(): Promise<typeof import('./doors') | null> {
  try {
    return await fetchScript(() => import('./doors'));
  } catch {
    setState({ problem: SCRIPT_MISSING });
    return null;
  }
}

interface PupilState {
  readonly work: Work | null;
  /** Said once: why a file was not opened, or that nothing can be kept. */
  readonly problem: string;
  /** The place of the question that is looked at; null for the whole sheet. */
  readonly place: number | null;
  /** Whether version and name are given, and the sheet is worked on. */
  readonly begun: boolean;
  /** Whether everything that was written is on the disk. */
  readonly kept: boolean;
}

/** Letters of an answer; the page says so where they are used up. */
export const LONGEST = 300;
const LONGEST_SCRATCH = 2000;
const KEEPS_NOTHING =
  'This browser keeps nothing: hand in before you close the page, or write your answers down.';

export const usePupil = create<PupilState>()(() => ({
  work: null,
  problem: '',
  place: 0,
  begun: false,
  kept: true,
}));

const { getState, setState } = usePupil;

/** Keeps the work with every letter. */
function keep(work: Work | null): void {
  setState({ work });
  keepSoon(work);
}

/** Brings back what was kept, and what another tab writes from now on. */
export async function startWork(): Promise<void> {
  startKeeping({
    onKept: (kept) => {
      if (kept === null) setState({ kept: false, problem: KEEPS_NOTHING });
      else setState(({ problem }) => ({ kept, problem: kept && problem === KEEPS_NOTHING ? '' : problem }));
    },
    onElsewhere: () => void takeElsewhere(),
  });
  let kept: unknown = null;
  try {
    kept = await readKept();
  } catch {
    setState({ kept: false, problem: KEEPS_NOTHING });
  }
  // What checks is fetched where there is something to be checked.
  if (!kept && !hasOldWork()) return;
  const doors = await fetchDoors();
  if (!doors) return;
  const { oldWork, workIn } = doors;
  const work = workIn(kept);
  asKept(work);
  const old = work ? null : oldWork();
  // Who comes back goes on where the sheet was left.
  setState({ work: work ?? old, begun: isReady(work ?? old) });
  if (!old) return;
  keepSoon(old);
  await keepNow();
  if (getState().kept) forgetOldWork();
}

/** What another tab wrote comes in, once what was written here is kept. */
async function takeElsewhere(): Promise<void> {
  await keepNow();
  // Where nothing can be written, what stands here is all there is of it: nothing takes its place.
  if (getState().problem === KEEPS_NOTHING) return;
  const before = getState().work;
  const doors = await fetchDoors();
  if (!doors) return;
  const kept = await readKept().catch(() => undefined);
  if (kept === undefined) return;
  // What was written here meanwhile is kept first.
  if (isUnkept() || getState().work !== before) return takeElsewhere();
  const work = doors.workIn(kept);
  asKept(work);
  setState({ work });
}

/** Opens the file of a sheet. One that is none is told, and what was there stays. */
export async function openFile(name: string, text: string): Promise<void> {
  const doors = await fetchDoors();
  if (!doors) return;
  const read = attempt(() => doors.readPupilsFile(name, text));
  if (!read.ok) return setState({ problem: `${read.error.message} Nothing was changed.` });
  const { sheets } = read.value;
  const version = sheets.length === 1 ? 0 : null;
  setState({ problem: '', place: 0, begun: false });
  keep({
    ...read.value,
    version,
    name: getState().work?.name ?? '',
    answers: {},
    scratch: {},
    handedIn: null,
  });
}

/** Puts work on the page in the place of what is there. */
export function takeWork(work: Work): void {
  setState({ problem: '', place: 0, begun: true });
  keep(work);
}

/** Changes what is kept of the class. */
export const changeRoom = (part: Partial<RoomWork>) =>
  change((work) => (work.room ? { ...work, room: { ...work.room, ...part } } : work));

/** Says why something was not done. */
export const complain = (problem: string) => setState({ problem });

function change(update: (work: Work) => Work): void {
  const { work } = getState();
  if (work) keep(update(work));
}

export const chooseOwnVersion = (version: number) => change((work) => ({ ...work, version }));

/** Takes the pupil's name; one of the class list brings its version along. */
export const giveName = (name: string) =>
  change((work) => {
    const version = work.names?.find((one) => one.name === name)?.version;
    return { ...work, name, ...(version === undefined ? {} : { version }) };
  });

export const answer = (id: string, text: string) =>
  change((work) =>
    work.room?.closed
      ? work
      : {
          ...work,
          answers: { ...work.answers, [id]: text.slice(0, LONGEST) },
          handedIn: null,
        },
  );

/** Answers that the pupil gave on another device: only what stands nowhere here. Gives what came in. */
export function takeKnown(known: readonly KnownAnswer[]): Readonly<Record<string, string>> {
  const { work } = getState();
  const fresh = known.filter(({ question }) => (work?.answers[question] ?? '').trim() === '');
  const answers = Object.fromEntries(fresh.map(({ question, text }) => [question, text]));
  change((now) => ({ ...now, answers: { ...now.answers, ...answers } }));
  return answers;
}

export const scribble = (id: string, text: string) =>
  change((work) => ({ ...work, scratch: { ...work.scratch, [id]: text.slice(0, LONGEST_SCRATCH) } }));

export const look = (place: number | null) => setState({ place });

/** Whether version and name are given. */
export const isReady = (work: Work | null): work is Work =>
  work !== null && work.version !== null && work.name.trim() !== '' && nameProblem(work.name) === null;

/** Begins to work on the sheet, once version and name are given. */
export function begin(): void {
  if (isReady(getState().work)) setState({ begun: true });
}

/** Puts the sheet away with all that was written on it. */
export function putAway(): void {
  keep(null);
  setState({ place: 0, problem: '', begun: false });
}

/** A question of the sheet with its number and what its section says. */
export interface PupilQuestion {
  readonly id: string;
  readonly kind: string;
  readonly given: PupilSheet['sections'][number]['questions'][number]['given'];
  readonly section: PupilSheet['sections'][number];
}

/** The questions of the chosen version from the first to the last. */
export function questionsOf({ sheets, version }: Pick<Work, 'sheets' | 'version'>): readonly PupilQuestion[] {
  return (sheets[version ?? 0]?.sections ?? []).flatMap((section) =>
    section.questions.map(({ id, given }) => ({ id, kind: section.kind, given, section })),
  );
}

/** The numbers of the questions without an answer. */
export const openOnes = (work: Work): string[] =>
  questionsOf(work)
    .filter(({ id }) => (work.answers[id] ?? '').trim() === '')
    .map(({ id }) => id);

/** What is handed in, as the text of a file. */
export function answersFile({ sheets, version, name, answers }: Work): string {
  const code = sheets[version ?? 0]!.code;
  const given = Object.fromEntries(Object.entries(answers).filter(([, text]) => text.trim() !== ''));
  return JSON.stringify({ pupil: name.trim(), code, answers: given }, null, 1);
}

/** Says that everything is handed in to the class. */
export const handInToClass = () => change((work) => ({ ...work, handedIn: Date.now() }));

/** Hands the answers to the browser to save as one file, and remembers when. */
export function handIn(): void {
  const { work } = getState();
  if (!work || work.version === null || work.name.trim() === '') return;
  const name = `${fileName(work.name)}-${work.sheets[work.version]!.code}.json`;
  download(answersFile(work), name, 'application/json');
  change((now) => ({ ...now, handedIn: Date.now() }));
}
