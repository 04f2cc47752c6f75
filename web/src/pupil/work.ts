import { attempt, printPupilsFile, readPupilsFile, type PupilSheet, type PupilsFile } from '@diatonix/core';
import { create } from 'zustand';
import { EMPTY_OUTBOX, type Outbox } from '../network/pupilLine';
import { download, fileName } from '../documents/download';

/** What a pupil has on the page: the sheet, the version, the name, and what was written so far. */
export interface Work extends PupilsFile {
  /** 0 for A; null until it is chosen. */
  readonly version: number | null;
  readonly name: string;
  /** By the numbers of the questions: `2.3`. */
  readonly answers: Readonly<Record<string, string>>;
  readonly scratch: Readonly<Record<string, string>>;
  /** When it was handed in, in milliseconds since 1970. */
  readonly handedIn: number | null;
  /** The class in which the sheet is done; none where it came as a file. */
  readonly room?: RoomWork;
}

/** What a pupil's page keeps of the class that it is in. */
export interface RoomWork {
  readonly room: string;
  readonly code: string;
  /** The secret by which the class knows this page again. */
  readonly key: string;
  /** Answers that the teacher's page does not have yet. */
  readonly outbox: Outbox;
  /** What was put into the outbox last, by question. */
  readonly sent: Readonly<Record<string, string>>;
  /** Whether answers are no longer taken. */
  readonly closed: boolean;
  /** When work ends, in milliseconds since 1970. */
  readonly endsAt: number | null;
  /** What was handed back, as it came. */
  readonly slip: string | null;
  /** Whether the class has ended. */
  readonly over: boolean;
}

interface PupilState {
  readonly work: Work | null;
  /** Said once: why a file was not opened, or that nothing can be kept. */
  readonly problem: string;
  /** The place of the question that is looked at; null for the whole sheet. */
  readonly place: number | null;
  /** Whether version and name are given, and the sheet is worked on. */
  readonly begun: boolean;
}

const KEY = 'diatonix-pupil';
const LONGEST = 300;
const LONGEST_NAME = 80;
const LONGEST_SCRATCH = 2000;

export const usePupil = create<PupilState>()(() => ({
  work: null,
  problem: '',
  place: 0,
  begun: false,
}));

const { getState, setState } = usePupil;

/**
 * Keeps the work with every letter. The browser's small store is written at once, before anything else happens: the
 * next moment the battery may be empty.
 */
function keep(work: Work | null): void {
  setState({ work });
  try {
    if (work) localStorage.setItem(KEY, JSON.stringify(work));
    else localStorage.removeItem(KEY);
  } catch {
    setState({
      problem: 'This browser keeps nothing: hand in before you close the page, or write your answers down.',
    });
  }
}

/** The work as it was kept; null where there is none, none that can be read, or the browser keeps nothing. */
function kept(): Work | null {
  try {
    const { sheets, practice, version, name, answers, scratch, handedIn, room } = JSON.parse(
      localStorage.getItem(KEY) ?? 'null',
    ) as Work;
    const inClass = roomIn(room);
    // A class may begin without a sheet, for single questions.
    const file =
      inClass && Array.isArray(sheets) && sheets.length === 0
        ? { sheets: [], practice: false }
        : readPupilsFile('the kept sheet', printPupilsFile({ sheets, practice }));
    return {
      ...file,
      version: typeof version === 'number' && (file.sheets[version] || inClass) ? version : null,
      name: typeof name === 'string' ? name : '',
      answers: texts(answers),
      scratch: texts(scratch),
      handedIn: typeof handedIn === 'number' ? handedIn : null,
      ...(inClass ? { room: inClass } : {}),
    };
  } catch {
    return null;
  }
}

/** The class as it was kept; null where there is none. */
function roomIn(data: Work['room']): RoomWork | null {
  const { room, code, key, outbox, sent, closed, endsAt, slip, over } = data ?? {};
  if (typeof room !== 'string' || typeof key !== 'string') return null;
  const isOutbox = typeof outbox?.n === 'number' && typeof outbox.waiting === 'object';
  return {
    ...{ room, key, code: typeof code === 'string' ? code : '' },
    outbox: isOutbox ? outbox : EMPTY_OUTBOX,
    sent: texts(sent),
    ...{ closed: closed === true, over: over === true },
    endsAt: typeof endsAt === 'number' ? endsAt : null,
    slip: typeof slip === 'string' ? slip : null,
  };
}

const texts = (value: unknown): Readonly<Record<string, string>> =>
  Object.fromEntries(
    Object.entries(typeof value === 'object' && value !== null ? value : {}).filter(
      ([, text]) => typeof text === 'string',
    ),
  ) as Record<string, string>;

/** Brings back what was kept, and what another tab writes from now on. */
export function startWork(): void {
  const work = kept();
  // Who comes back goes on where the sheet was left.
  setState({ work, begun: isReady(work) });
  window.addEventListener('storage', (event) => {
    if (event.key === KEY || event.key === null) setState({ work: kept() });
  });
}

/** Opens the file of a sheet. One that is none is told, and what was there stays. */
export function openFile(name: string, text: string): void {
  const read = attempt(() => readPupilsFile(name, text));
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

export const chooseVersion = (version: number) => change((work) => ({ ...work, version }));

export const giveName = (name: string) => change((work) => ({ ...work, name: name.slice(0, LONGEST_NAME) }));

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

export const scribble = (id: string, text: string) =>
  change((work) => ({ ...work, scratch: { ...work.scratch, [id]: text.slice(0, LONGEST_SCRATCH) } }));

export const look = (place: number | null) => setState({ place });

/** Whether version and name are given. */
export const isReady = (work: Work | null): work is Work =>
  work !== null && work.version !== null && work.name.trim() !== '';

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
