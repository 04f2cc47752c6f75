/** Answers as they come in: put on the pile together, saved, and only then told to be kept. */
import type { ToTeacher } from '@diatonix/server/class';
import { withAnswers, type CameIn } from '../../documents/marking/classWork';
import { flush } from '../../documents/persistence/saving';
import { receive, useDocuments } from '../../documents/store/store';
import { schoolNow } from '../../documents/store/use';
import { useClassroom } from './store';

type Work = Extract<ToTeacher, { type: 'work' }>;
type Keep = (pupil: string, n: number) => boolean;

/** What comes within so long is put on the pile in one go. */
const TOGETHER_MS = 120;
const AGAIN_MS = 1500;

let queue: Work[] = [];
let keepOf: Keep = () => false;
let timer: ReturnType<typeof setTimeout> | null = null;

/** Takes in answers; `keep` says to the network up to which number a pupil's are kept. */
export function arrived(work: Work, keep: Keep): void {
  queue.push(work);
  keepOf = keep;
  plan(TOGETHER_MS);
}

/** Tries again what could not be put on the pile. */
export function tryAgain(): void {
  if (queue.length > 0) plan(0);
}

export function forgetArrived(): void {
  queue = [];
  if (timer) clearTimeout(timer);
  timer = null;
}

function plan(ms: number): void {
  timer ??= setTimeout(() => {
    timer = null;
    void take();
  }, ms);
}

async function take(): Promise<void> {
  const { room, pupils } = useClassroom.getState();
  const { documents } = useDocuments.getState();
  const pile = room?.pile ? documents[room.pile] : undefined;
  if (!room || pile?.kind !== 'pile') {
    // Nothing is told to be kept: it waits on the server and with the pupils.
    useClassroom.setState({ held: queue.length });
    if (queue.length > 0) plan(AGAIN_MS);
    return;
  }
  const taken = queue;
  queue = [];
  const came: CameIn[] = [];
  const highest = new Map<string, number>();
  for (const { pupil, answers } of taken) {
    const own = pupils[pupil];
    if (!own) continue;
    for (const { question, text, n } of answers) {
      if (n > own.n) came.push({ pupil: own.pupil, question, text });
      highest.set(pupil, Math.max(highest.get(pupil) ?? own.n, n));
    }
  }
  const now = Date.now();
  receive(pile, (body) => withAnswers(body, came, now, schoolNow()));
  await flush();
  if (useDocuments.getState().saveState.kind === 'failed') {
    queue = [...taken, ...queue];
    return plan(AGAIN_MS);
  }
  const { pupils: before } = useClassroom.getState();
  const next = { ...before };
  for (const [id, n] of highest) {
    keepOf(id, n);
    const own = next[id];
    if (own) next[id] = { ...own, n: Math.max(own.n, n), since: now };
  }
  useClassroom.setState({ pupils: next, held: 0 });
}
