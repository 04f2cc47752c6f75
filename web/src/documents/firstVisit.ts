const LOCK = 'diatonix-first-visit';
/** Another tab's first visit is waited for so long. */
const PATIENCE_MS = 3000;

let asked: Promise<boolean> | null = null;
let done: () => void = () => undefined;

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
export const firstVisitDone = (): void => done();

async function found(): Promise<boolean> {
  try {
    await ownTurn();
    const isFirst = !(await indexedDB.databases()).some(({ name }) => name === 'diatonix');
    if (!isFirst) done();
    return isFirst;
  } catch {
    done();
    return false;
  }
}

/** Resolves once no other tab is having its first visit; the turn is kept until it is done, or the tab closed. */
function ownTurn(): Promise<void> {
  if (!('locks' in navigator)) return Promise.resolve();
  return new Promise((begun) => {
    setTimeout(begun, PATIENCE_MS);
    const held = () =>
      new Promise<void>((end) => {
        done = end;
        begun();
      });
    navigator.locks.request(LOCK, held).catch(() => begun());
  });
}
