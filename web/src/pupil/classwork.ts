/** The pupils' page in a class: joins, sends what is answered, and keeps what is told. */
import {
  CLASS_STATE,
  PROTOCOL,
  PUPIL_SOCKET,
  type PupilSays,
  type Refusal,
  type ToPupil,
} from '@diatonix/server/class';
import { attempt } from '@diatonix/core';
import { nanoid } from 'nanoid';
import { create } from 'zustand';
import { Connection, type Socket } from '../network/line';
import { socketTo } from '../network/socketTo';
import { EMPTY_OUTBOX, PupilLine, type Ticket } from '../classroom/pupil/pupilLine';
import {
  changeRoom,
  complain,
  putAway,
  questionsOf,
  takeKnown,
  takeWork,
  usePupil,
  type PupilQuestion,
  type RoomWork,
  type Work,
} from './work';

interface ClassState {
  /** Whether the server of this page has a class network. */
  readonly offered: boolean;
  readonly joining: boolean;
  readonly here: boolean;
  /** Why joining takes its time; empty where it does not. */
  readonly waiting: string;
  /** Whether another tab of this browser is in the class instead. */
  readonly taken: boolean;
  /** A question that is asked beside the sheet, and what was sent to it. */
  readonly quick: { readonly id: string; readonly question: PupilQuestion } | null;
  readonly quickSent: string | null;
  /** The names that can be chosen under a code, and why none can; by the code. */
  readonly choice: {
    readonly code: string;
    readonly names: readonly string[];
    readonly problem: string;
  } | null;
}

const NOWHERE = { joining: false, waiting: '', here: false, taken: false, quick: null, quickSent: null };

export const useClass = create<ClassState>()(() => ({ offered: false, choice: null, ...NOWHERE }));

const { getState, setState } = useClass;

const REFUSED: Readonly<Record<Refusal, string>> = {
  code: 'No class is open under this code. Look at the board again, letter by letter.',
  wait: 'Too many codes were tried from here. Wait a minute, then try again.',
  name:
    'Somebody has joined under this name already, or under one that looks like it. ' +
    'Add a letter of your family name, or tell your teacher.',
  full: 'The class is full. Tell your teacher.',
  away: 'The class cannot be reached now. It is tried again by itself.',
  closed: 'Nobody new can join now. Tell your teacher.',
  ask: 'Your teacher is asked to let you in. Wait here.',
  no: 'Your teacher has not let you in.',
  moved: 'You went on with another device. What you wrote here is still here.',
  busy: 'Many join at the moment. It is tried again by itself.',
};

/** What comes by itself: the page stays connected, or tries again. */
const WAITED_FOR: readonly Refusal[] = ['away', 'ask', 'busy'];

/** An answer goes out so long after its last letter. */
const QUIET_MS = 900;

/** What checks sheets and messages: it is there before anything is heard. */
let doors: typeof import('./doors');

const pupilSocket = () => socketTo(PUPIL_SOCKET, [PROTOCOL]) as Socket;

const checkOfMessages = async () => {
  doors = await import('./doors');
  return doors.isToPupil;
};

let line: PupilLine | null = null;
const timers = new Map<string, ReturnType<typeof setTimeout>>();

/** Finds out whether there is a class network, and goes on with the class that was joined before. */
export function startClasswork(): void {
  void fetch(CLASS_STATE)
    .then((response) => response.json() as Promise<{ class?: boolean }>)
    .then(({ class: offered }) => setState({ offered: offered === true }))
    .catch(() => undefined);
  usePupil.subscribe(({ work, place }, before) => {
    if (!work?.room || !line) return;
    if (work.answers !== before.work?.answers) planChanged(work, before.work);
    if (place !== before.place) sendNow();
    tellPlace(work, place);
    if (work.handedIn !== before.work?.handedIn) {
      sendNow();
      tellDone(work);
    }
  });
  for (const event of ['online', 'focus']) window.addEventListener(event, () => line?.hurry());
  window.addEventListener('pagehide', sendNow);
  resume();
}

/** Goes on with the class that was joined before. */
export function resume(): void {
  const { work } = usePupil.getState();
  if (!work?.room || work.room.over || line) return;
  setState({ taken: false });
  const { room, code, key } = work.room;
  open({ code, key, name: work.name, room }, work.room);
}

/** Joins a class for the first time. */
export function join(code: string, name: string): void {
  line?.stop();
  complain('');
  setState({ ...NOWHERE, joining: true });
  open({ code, name: name.trim(), key: nanoid(32) }, null);
}

/** Finds the names that can be chosen under a code: one question over a connection of its own. */
export function lookForNames(code: string): void {
  if (getState().choice?.code === code) return;
  setState({ choice: { code, names: [], problem: '' } });
  const found = (names: readonly string[], problem = '') => {
    asking.stop();
    if (getState().choice?.code === code) setState({ choice: { code, names, problem } });
  };
  const asking: Connection<PupilSays, ToPupil> = new Connection<PupilSays, ToPupil>({
    open: pupilSocket,
    onUp: () => asking.say({ type: 'names', code }),
    // Without an answer the name is typed.
    onDown: () => asking.stop(),
    onHeard: (message) => {
      if (message.type === 'names') found(message.names);
      else if (message.type === 'refused') found([], REFUSED[message.why]);
    },
    check: checkOfMessages,
  });
}

/** Puts the sheet away, and leaves the class that it is done in. */
export function leave(): void {
  line?.stop();
  line = null;
  setState(NOWHERE);
  putAway();
}

function open(ticket: Ticket, before: RoomWork | null): void {
  const opened: PupilLine = new PupilLine(
    ticket,
    before?.outbox ?? EMPTY_OUTBOX,
    {
      onJoined: ({ room, name, sheet, version, closed, endsAt, quick, done }) => {
        setState({ joining: false, waiting: '' });
        complain('');
        const { work } = usePupil.getState();
        if (work?.room?.room === room) changeRoom({ closed, endsAt, over: false });
        else begin({ ...ticket, name, room }, sheet, { closed, endsAt }, version, done);
        takeQuick(quick);
        sendNow();
        const now = usePupil.getState();
        if (now.work) tellDone(now.work);
        told = '';
        if (now.work) tellPlace(now.work, now.place);
      },
      onRefused: (why) => {
        if (WAITED_FOR.includes(why)) {
          if (why !== 'away') setState({ waiting: REFUSED[why] });
          return;
        }
        setState({ joining: false, waiting: '' });
        complain(REFUSED[why]);
        if (why === 'moved') changeRoom({ over: true, closed: true, moved: true });
        opened.stop();
        if (line === opened) line = null;
      },
      onHere: (here) => setState({ here }),
      onOutbox: (outbox) => changeRoom({ outbox }),
      onClock: ({ closed, endsAt }) => {
        // What is in the pen when work ends is handed in.
        if (closed) sendNow();
        changeRoom({ closed, endsAt });
      },
      onQuick: takeQuick,
      onMarks: (slip) => changeRoom({ slip }),
      onLate: (questions) => {
        const late = usePupil.getState().work?.room?.late ?? [];
        changeRoom({ late: [...new Set([...late, ...questions])] });
      },
      onAnswers: (known) => {
        // What is on the pile already is not sent again.
        const sent = usePupil.getState().work?.room?.sent ?? {};
        changeRoom({
          sent: { ...sent, ...Object.fromEntries(known.map((one) => [one.question, one.text])) },
        });
        takeKnown(known);
      },
      onMoved: () => {
        line = null;
        setState(NOWHERE);
        changeRoom({ over: true, closed: true, moved: true });
      },
      onOver: () => {
        line = null;
        setState(NOWHERE);
        changeRoom({ over: true, closed: true });
      },
      onTaken: () => {
        line = null;
        setState({ taken: true });
      },
    },
    pupilSocket,
    checkOfMessages,
  );
  line = opened;
}

/** The sheet of the class comes onto the page. */
function begin(
  { code, key, name, room }: Required<Ticket>,
  sheet: string | null,
  clock: Pick<RoomWork, 'closed' | 'endsAt'>,
  version: number,
  done: boolean,
): void {
  const read = sheet === null ? null : attempt(() => doors.readPupilsFile('the sheet of the class', sheet));
  if (read && !read.ok) return complain(read.error.message);
  const work: Work = {
    sheets: read ? read.value.sheets : [],
    practice: false,
    version: read ? 0 : version,
    name,
    answers: {},
    scratch: {},
    handedIn: done ? Date.now() : null,
    room: { room, code, key, outbox: EMPTY_OUTBOX, sent: {}, slip: null, over: false, ...clock },
  };
  takeWork(work);
}

function planChanged(work: Work, before: Work | null): void {
  for (const [id, text] of Object.entries(work.answers)) {
    if (before?.answers[id] === text) continue;
    clearTimeout(timers.get(id));
    timers.set(id, setTimeout(sendNow, QUIET_MS));
  }
}

/** Puts every answer that has changed since into the outbox. */
function sendNow(): void {
  for (const timer of timers.values()) clearTimeout(timer);
  timers.clear();
  const { work } = usePupil.getState();
  if (!work?.room || !line || getState().taken) return;
  const { sent } = work.room;
  const changed = Object.entries(work.answers).filter(([id, text]) => sent[id] !== text);
  if (changed.length === 0) return;
  for (const [id, text] of changed) line.answer(id, text);
  changeRoom({ sent: { ...sent, ...Object.fromEntries(changed) } });
}

/** The question that was told to be looked at. */
let told = '';

function tellPlace(work: Work, place: number | null): void {
  const question = place === null ? undefined : questionsOf(work)[place];
  if (question) atQuestion(question.id);
}

/** Says which question is worked on. */
export function atQuestion(id: string): void {
  if (id === told || !line) return;
  told = id;
  line.at(id);
}

const tellDone = (work: Work) => line?.done(work.handedIn !== null);

function takeQuick(quick: { readonly id: string; readonly sheet: string } | null): void {
  if (quick === null) return setState({ quick: null, quickSent: null });
  if (getState().quick?.id === quick.id) return;
  const read = attempt(() => doors.readPupilsFile('the question', quick.sheet));
  const [question] = read.ok ? questionsOf({ sheets: read.value.sheets, version: 0 }) : [];
  setState({ quick: question ? { id: quick.id, question } : null, quickSent: null });
}

/** Answers the question that is asked beside the sheet. */
export function answerQuick(text: string): void {
  const { quick } = getState();
  if (quick && line?.quick(quick.id, text)) setState({ quickSent: text });
}
