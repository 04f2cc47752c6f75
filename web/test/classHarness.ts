/** A class without a browser: the teacher's page, pupils' lines and the real relay between them. */
import WebSocket from 'ws';
import { ClassNetwork, TOKEN } from '../../server/test/classPages';
import { PROTOCOL, PUPIL_SOCKET } from '../../server/src/class/protocol';
import { endClass, lookForClass, openClass } from '../src/classroom/teacher/lead';
import { keepToken } from '../src/classroom/teacher/kept';
import { useClassroom } from '../src/classroom/teacher/store';
import type { SheetBody } from '../src/documents/kinds/sheet/type';
import { documentsOf } from '../src/documents/store/select';
import { nothingStored, startSaving } from '../src/documents/persistence/saving';
import { useDocuments } from '../src/documents/store/store';
import type { Socket } from '../src/network/line';
import { EMPTY_OUTBOX, PupilLine, type PupilEvents } from '../src/classroom/pupil/pupilLine';
import { showEmpty } from './demo';

export const network = new ClassNetwork();
// The page's own surroundings, as far as the class looks at them.
class PageSocket extends WebSocket {
  constructor(path: string, protocols: string[]) {
    super(path, protocols, { headers: { origin: `http://${network.host}` } });
    this.on('error', () => undefined);
  }
}
export const place = { protocol: 'http:', hash: '', pathname: '/class', host: '' };
Object.assign(globalThis, {
  window: new EventTarget(),
  document: new EventTarget(),
  location: place,
  history: { state: null, replaceState: () => (place.hash = '') },
  WebSocket: PageSocket,
});

export const SHEET: SheetBody = {
  title: 'Ebb and flow',
  seed: 4,
  versions: 2,
  sections: [
    {
      ...{ id: 's', kind: 'interval-name', count: 3, marks: 2, instruction: '', seed: 0 },
      ...{ material: {}, exchanged: [] },
    },
  ],
};
export const state = () => useClassroom.getState();
export const pile = () => documentsOf(useDocuments.getState().documents, 'pile').at(-1)!.body;
export const answers = () =>
  pile().entries.map(({ pupil, question, answer }) => [nameOf(pupil), question, answer]);
export const nameOf = (id: string) => pile().pupils.find((one) => one.id === id)?.name;
export const until = async (check: () => boolean) => {
  for (let tries = 0; tries < 250 && !check(); tries++)
    await new Promise((resolve) => setTimeout(resolve, 20));
  if (!check()) throw new Error(`It never came to that: ${String(check)}; ${JSON.stringify(state())}`);
};

const lines: PupilLine[] = [];
const EVENTS = [
  ...['Joined', 'Refused', 'Here', 'Outbox', 'Clock', 'Quick', 'Marks', 'Late', 'Answers'],
  ...['Over', 'Moved', 'Taken'],
];
/** A pupil's line into the class, and what it was told. */
export function pupil(name: string, key = `key-of-${name.toLowerCase().replace(/\W/g, '-')}-0123456789`) {
  const told: Record<string, unknown[]> = {};
  const events = Object.fromEntries(
    EVENTS.map((event) => [`on${event}`, (what: unknown) => (told[event] ??= []).push(what)]),
  ) as unknown as PupilEvents;
  const line = new PupilLine(
    { code: state().room!.code!, name, key },
    EMPTY_OUTBOX,
    events,
    () => new PageSocket(`ws://${network.host}${PUPIL_SOCKET}`, [PROTOCOL]) as unknown as Socket,
  );
  lines.push(line);
  return { line, told };
}

export async function joinedAs(name: string, key?: string) {
  const one = pupil(name, key);
  await until(() => one.told['Joined'] !== undefined);
  return one;
}

let count = 0;

/** A class network and an empty workbook for each test of a file. */
export function onClassNetwork(): void {
  let stopSaving: () => void;
  beforeEach(async () => {
    await network.start();
    place.host = network.host;
    showEmpty();
    // Each test has a workbook of its own: nothing of the one before comes in from storage.
    const { workbook } = useDocuments.getState();
    useDocuments.setState({ workbook: { ...workbook, id: `class-${++count}` } });
    nothingStored();
    stopSaving = startSaving();
    await keepToken(TOKEN);
    await lookForClass();
  });
  afterEach(async () => {
    if (state().room) endClass();
    for (const line of lines.splice(0)) line.stop();
    stopSaving();
    await network.stop();
  });
}

export async function opened(sheet: SheetBody | null = SHEET) {
  openClass(sheet, null);
  await until(() => state().line === 'here' && state().room?.code !== null);
}
