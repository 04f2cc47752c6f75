/** Leading a class from the teacher's page: what comes in is put on the pile, and what is decided goes out. */
import type { BenchQuestions } from '@diatonix/core';
import {
  PROTOCOL,
  TEACHER_SOCKET,
  type JoiningRule,
  type TeacherSays,
  type ToTeacher,
} from '@diatonix/server/class';
import { nanoid } from 'nanoid';
import { newId } from '../../documents/store/ids';
import type { Document } from '../../documents/store/document';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { addDocument, tell, useDocuments } from '../../documents/store/store';
import { Connection, type Socket } from '../../network/line';
import { socketTo } from '../../network/socketTo';
import { arrived, forgetArrived, tryAgain } from './arrivals';
import { giveSlip, meet } from './comings';
import { leaveHere } from './leaderTab';
import { keepClass, keepToken, keptClass, keptToken } from './kept';
import { namesOf, pileFor, quickSheet, sheetTexts } from './sheets';
import { useClassroom, type LivePupil, type OpenRoom } from './store';

const { getState, setState } = useClassroom;

let line: Connection<TeacherSays, ToTeacher> | null = null;
let token: string | null = null;
let ending: ReturnType<typeof setTimeout> | null = null;
let locking: ReturnType<typeof setTimeout> | null = null;

/** Takes the token out of the address, where the terminal's link has put it, and finds a class that is open. */
export async function lookForClass(): Promise<void> {
  const given = /^#([A-Za-z0-9_-]{43})$/.exec(location.hash)?.[1];
  if (given) {
    await keepToken(given);
    // The token stays in no history.
    history.replaceState(history.state, '', location.pathname);
  }
  token = given ?? (await keptToken());
  setState({ hasToken: token !== null });
  const kept = await keptClass();
  // While it is led from here, this page knows best.
  if (line) return;
  setState({ room: kept?.room ?? null, pupils: byId(kept?.pupils ?? []) });
}

/** Goes on with the class that was led from this tab before it was loaded anew. */
export async function resumeClass(): Promise<void> {
  await lookForClass();
  if (getState().room) connect();
}

const byId = (pupils: readonly LivePupil[]) =>
  Object.fromEntries(pupils.map((one) => [one.id, { ...one, here: false }]));

/** Opens a class with a sheet, whose answers go on a new pile; without one only single questions are asked. */
export function openClass(sheet: SheetBody | null, forClass: Document<'class'> | null): void {
  const pile = sheet ? addDocument('pile', newId(), pileFor(sheet, forClass), 'the new pile') : null;
  const room: OpenRoom = {
    room: nanoid(21),
    code: null,
    title: sheet ? sheet.title : '',
    workbook: useDocuments.getState().workbook.id,
    pile,
    closed: false,
    endsAt: null,
    handedBack: false,
    // Who is in the class chooses a name; whoever else comes is asked about.
    joining: pile !== null && (forClass?.body.pupils?.length ?? 0) > 0 ? 'list' : 'open',
  };
  setState({ room, pupils: {}, quick: null, asking: [], held: 0 });
  void keep();
  connect();
}

/** The class is led from this page from now on. */
export function connect(): void {
  line?.stop();
  watchWorkbook();
  setState({ line: 'connecting', problem: '' });
  line = new Connection<TeacherSays, ToTeacher>({
    open: () => socketTo(TEACHER_SOCKET, [PROTOCOL, token ?? 'none']) as Socket,
    onUp: announce,
    onDown: () => {
      const { pupils } = getState();
      setState({ line: getState().line === 'off' ? 'off' : 'away', pupils: byId(Object.values(pupils)) });
    },
    onHeard: hear,
    check: async () => (await import('@diatonix/server/heard')).isToTeacher,
  });
}

let watched = false;

/** Where another workbook is opened, the class waits: its pile is not there. */
function watchWorkbook(): void {
  if (watched) return;
  watched = true;
  useDocuments.subscribe(({ workbook }, before) => {
    const { room } = getState();
    if (!room || room.pile === null || workbook.id === before.workbook.id) return;
    if (workbook.id === room.workbook) return connect();
    if (getState().line === 'off') return;
    setState({ problem: ELSEWHERE });
    stop();
  });
  window.addEventListener('online', () => line?.hurry());
}

const ELSEWHERE = 'The pile of this class is in another workbook: open that one, and the class goes on.';

/** Tells the network which class is open; after a restart it knows it from here alone. */
function announce(): void {
  const { room, pupils, quick } = getState();
  const sheets = room && sheetTexts(room);
  if (!room || !sheets) {
    setState({ problem: ELSEWHERE });
    return stop();
  }
  line?.say({
    type: 'open',
    room: room.room,
    ...(room.code === null ? {} : { code: room.code }),
    sheets,
    pupils: Object.values(pupils).map(({ id, name, version, done, n }) => ({ id, name, version, done, n })),
    list: namesOf(room),
    joining: room.joining ?? 'open',
    closed: room.closed,
    endsAt: room.endsAt,
  });
  setState({ asking: [] });
  if (quick) line?.say({ type: 'quick', id: quick.id, sheet: quick.sheet });
  watchClock();
}

function hear(message: ToTeacher): void {
  const { room } = getState();
  if (!room) return;
  switch (message.type) {
    case 'opened':
      setState({
        line: 'here',
        address: message.address,
        problem: '',
        room: { ...room, code: message.code },
      });
      if (forgetting) return endClass();
      void keep();
      return tryAgain();
    case 'refused':
      setState({
        problem: 'So many classes are open on this server that no other fits in. End one of them.',
      });
      return stop();
    case 'taken':
      setState({ problem: 'This class is led from another tab now.' });
      leaveHere();
      return stop();
    case 'pupil':
      return meet(message, { say, keep: () => void keep() });
    case 'asks':
      return setState(({ asking }) => ({
        asking: [...asking.filter(({ id }) => id !== message.id), { id: message.id, name: message.name }],
      }));
    case 'asks-no-more':
      return setState(({ asking }) => ({ asking: asking.filter(({ id }) => id !== message.id) }));
    case 'work':
      return arrived(message, (pupil, n) => line?.say({ type: 'kept', pupil, n }) ?? false);
    case 'quick': {
      const { quick } = getState();
      if (quick?.id !== message.id) return;
      setState({ quick: { ...quick, came: { ...quick.came, [message.pupil]: message.text } } });
    }
  }
}

const say = (message: TeacherSays): boolean => line?.say(message) ?? false;

function stop(): void {
  setState({ line: 'off' });
  line?.stop();
  line = null;
}

/** Keeps the class as it is now. */
async function keep(): Promise<void> {
  const { room, pupils } = getState();
  await keepClass(room && { room, pupils: Object.values(pupils) });
}

function change(part: Partial<OpenRoom>): void {
  const { room } = getState();
  if (!room) return;
  setState({ room: { ...room, ...part } });
  void keep();
  watchClock();
}

/** Ends work: nothing is taken any more; or gives time until then, or without an end. */
export function setClock(closed: boolean, endsAt: number | null): void {
  // Of work that has ended it is known when it did: what was written before that is in time.
  const end = closed ? (endsAt ?? Date.now()) : endsAt;
  line?.say({ type: 'clock', closed, endsAt: end });
  change({ closed, endsAt: end });
}

/** Says who may join for the first time, and until when. */
export function setJoining(joining: JoiningRule, until: number | null = null): void {
  line?.say({ type: 'joining', joining });
  change({ joining, joiningEndsAt: until });
}

/** Lets one in who asks, or not; with a name of the list, as that one. */
export function admitPupil(id: string, yes: boolean, name?: string): void {
  line?.say({ type: 'admit', pupil: id, yes, ...(name === undefined ? {} : { name }) });
  setState(({ asking }) => ({ asking: asking.filter((one) => one.id !== id) }));
}

/** Work ends by itself when its time has come. */
function watchClock(): void {
  for (const timer of [ending, locking]) if (timer) clearTimeout(timer);
  ending = locking = null;
  const { room } = getState();
  if (!room) return;
  const { closed, endsAt, joiningEndsAt = null, joining = 'open' } = room;
  if (!closed && endsAt !== null)
    ending = setTimeout(() => setClock(true, endsAt), Math.max(0, endsAt - Date.now()));
  if (joining !== 'closed' && joiningEndsAt !== null)
    locking = setTimeout(() => setJoining('closed'), Math.max(0, joiningEndsAt - Date.now()));
}

/** Hands everyone their marks; work has ended with that. */
export function handBack(slips: ReadonlyMap<string, unknown>): void {
  setClock(true, null);
  const texts = Object.fromEntries([...slips].map(([pupil, slip]) => [pupil, JSON.stringify(slip)]));
  change({ handedBack: true, slips: texts });
  const { room, pupils } = getState();
  for (const one of Object.values(pupils)) if (room) giveSlip(room, one, say);
}

/** Lets a name go, so that its pupil may join from another device; what was answered stays on the pile. */
export function release(id: string): void {
  line?.say({ type: 'release', pupil: id });
  const { pupils } = getState();
  setState({ pupils: Object.fromEntries(Object.entries(pupils).filter(([one]) => one !== id)) });
  void keep();
}

let forgetting = false;
const FORGET_MS = 3000;

/** Ends a class that is not led from here; where its server is not there any more, it is forgotten here alone. */
export function forgetClass(): void {
  forgetting = true;
  connect();
  setTimeout(() => forgetting && endClass(), FORGET_MS);
}

/** Ends the class: the server forgets it, and so does this browser, but for the pile. */
export function endClass(): void {
  line?.say({ type: 'end' });
  stop();
  forgetting = false;
  for (const timer of [ending, locking]) if (timer) clearTimeout(timer);
  forgetArrived();
  setState({ asking: [], room: null, pupils: {}, quick: null, held: 0, problem: '' });
  void keep();
}

/** Asks everybody the first of these questions; what is asked already ends. */
export function askQuick(brought: BenchQuestions): void {
  const asked = quickSheet(brought);
  if (!asked) return tell('There is nothing to ask here.');
  const quick = { id: newId(), ...asked, came: {} };
  setState({ quick });
  line?.say({ type: 'quick', id: quick.id, sheet: quick.sheet });
}

export function endQuick(): void {
  const { quick } = getState();
  if (quick) line?.say({ type: 'quick-end', id: quick.id });
  setState({ quick: null });
}
