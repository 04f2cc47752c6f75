const LOCK = 'diatonix-first-visit';
/** Another tab's first visit is waited for so long. */
const PATIENCE_MS = 3000;

let asked: Promise<boolean> | null = null;
let done: () => void = () => undefined;
let isDone = false;

/**
 * Whether this browser has nothing of ours yet: then nothing has to be read before the page is shown, and what keeps
 * the work comes after it. Where that cannot be told the database is asked as always. A second tab waits until the
 * first has kept its workbook, so that both show the same one.
 */
export function isFirstVisit(): Promise<boolean> {
  asked ??= found();
  return asked;
}

/** The workbook of the first visit is kept, or cannot be. */
export function firstVisitDone(): void {
  isDone = true;
  done();
}

async function found(): Promise<boolean> {
  try {
    await ownTurn();
    const isFirst = !(await indexedDB.databases()).some(({ name }) => name === 'diatonix');
    if (!isFirst) firstVisitDone();
    return isFirst;
  } catch {
    firstVisitDone();
    return false;
  }
}

/** Resolves once no other tab is having its first visit, or was waited for long enough. */
async function ownTurn(): Promise<void> {
  await Promise.race([turn(), new Promise((after) => setTimeout(after, PATIENCE_MS))]);
}

let given: Promise<void> | null = null;

/**
 * This tab's turn, however long another's first visit takes; it is kept until the first visit is done, or the tab
 * closed.
 */
export function turn(): Promise<void> {
  given ??= new Promise((begun) => {
    if (!('locks' in navigator)) return begun();
    const held = () =>
      new Promise<void>((end) => {
        if (isDone) end();
        done = end;
        begun();
      });
    navigator.locks.request(LOCK, held).catch(() => begun());
  });
  return given;
}
