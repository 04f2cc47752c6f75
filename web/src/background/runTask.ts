import { wrap, type Remote } from 'comlink';

/** Past this a task says that it is under way. */
export const PROGRESS_MS = 300;

/** Tasks by name: each takes one thing and gives another, both as they can be sent. */
type TaskTable = Readonly<Record<string, (input: never) => unknown>>;

/** A task under way. A cancelled one gives null. */
export interface Running<T> {
  readonly done: Promise<T | null>;
  readonly cancel: () => void;
}

interface Hand {
  readonly worker: Worker;
  readonly tasks: Remote<Record<string, (input: unknown) => unknown>>;
}

/** By lane a worker that waits for the next task, so that not every one has to start its own. */
const idle = new Map<string, Hand>();

function hand(lane: string): Hand {
  const free = idle.get(lane);
  idle.delete(lane);
  if (free) return free;
  const worker = new Worker(new URL('../workers/tasks.worker.ts', import.meta.url), { type: 'module' });
  return { worker, tasks: wrap<Record<string, (input: unknown) => unknown>>(worker) };
}

/** What remembers from one task to the next has a lane, and so a worker, of its own; all others share one. */
export const taskRunner =
  <Tasks extends TaskTable>(lanes: Partial<Record<keyof Tasks, string>>) =>
  <N extends keyof Tasks & string>(
    name: N,
    input: Parameters<Tasks[N]>[0],
    onSlow: () => void = () => undefined,
  ): Running<Awaited<ReturnType<Tasks[N]>>> =>
    runTask(lanes[name] ?? 'any', name, input, onSlow) as Running<Awaited<ReturnType<Tasks[N]>>>;

/**
 * Runs a task in the worker. `onSlow` is called once when it takes long. Cancelling ends the worker itself, so
 * that nothing goes on behind the page. Rejects where the worker cannot be started or dies.
 */
function runTask(lane: string, name: string, input: unknown, onSlow: () => void): Running<unknown> {
  const own = hand(lane);
  const slow = setTimeout(onSlow, PROGRESS_MS);
  let finish: (answer: unknown) => void = () => undefined;
  let over = false;
  const done = new Promise<unknown>((resolve, reject) => {
    const end = () => {
      over = true;
      clearTimeout(slow);
    };
    finish = (answer) => {
      end();
      resolve(answer);
    };
    own.worker.onerror = (event) => {
      end();
      own.worker.terminate();
      reject(new Error(event.message || 'The worker could not be started.'));
    };
    const task = own.tasks[name] as (input: unknown) => Promise<unknown>;
    task(input).then(
      (answer) => {
        if (over) return;
        if (idle.has(lane)) own.worker.terminate();
        else idle.set(lane, own);
        finish(answer);
      },
      (error: unknown) => {
        end();
        own.worker.terminate();
        reject(error);
      },
    );
  });
  return {
    done,
    cancel: () => {
      if (over) return;
      own.worker.terminate();
      finish(null);
    },
  };
}
