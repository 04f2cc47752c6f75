/** So long a bench may take until its grid stands there, and a menu until it has closed, in milliseconds. */
const BENCH_MS = 4000;
const ACT_MS = 600;
const PLACE = '#work';
/** Grids in which the work of a bench is done, and the cell of each that the keyboard reaches. */
const GRIDS = ['.grid', '[role="grid"]'];
const BEGINNING = GRIDS.map((grid) => `${PLACE} ${grid} [tabindex="0"]`).join(', ');
const PLACE_ITSELF = `${PLACE}:focus`;

const isShown = (element: HTMLElement) => element.getClientRects().length > 0;

/** The first element of the shown bench at which its work begins. */
function beginning(): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(BEGINNING)].find(isShown);
}

/** Whether the focus is where nobody put it: on the page, on what is no longer there, or on what led here. */
function isFree(whence: string): boolean {
  const active = document.activeElement;
  if (!active || active === document.body || active.id === PLACE.slice(1)) return true;
  // What shows is chosen there with one key after the other: it keeps the focus.
  if (active.getAttribute('role') === 'radio') return false;
  return active.closest(whence) !== null || (active instanceof HTMLElement && !isShown(active));
}

/** Ends the looking that goes on; there is one at a time. */
let end: () => void = () => undefined;

/** Focuses where the work begins as soon as it stands there; gives up when somebody does anything. */
function focusBeginning(whence: string, within: number): void {
  end();
  const ends = performance.now() + within;
  const stops = new AbortController();
  const stop = () => stops.abort();
  end = stop;
  for (const event of ['keydown', 'pointerdown'])
    window.addEventListener(event, stop, { capture: true, signal: stops.signal });
  const look = () => {
    if (stops.signal.aborted) return;
    // A menu or a leaf that closes gives the focus back first.
    const isOpen = document.querySelector('[role="dialog"], [role="menu"], [role="listbox"]') !== null;
    const found = isOpen ? undefined : beginning();
    // Somebody is there already.
    const active = document.activeElement;
    if (active instanceof HTMLElement && active.closest(GRIDS.join(', ')) && isShown(active)) return stop();
    if (found && isFree(whence)) {
      found.focus({ preventScroll: true });
      return stop();
    }
    if (performance.now() > ends) return stop();
    setTimeout(look, 30);
  };
  setTimeout(look);
}

/** After going to a bench: its grid has the focus, so that its keys work at once. */
export function arriveAtBench(): void {
  // Fingers need no focus, and its frame would only be in the way.
  if (!window.matchMedia('(pointer: coarse)').matches) focusBeginning('nav', BENCH_MS);
}

/**
 * After an act of the bars of actions that added something: the grid has the focus, with what was added selected. A
 * grid that stands there for the first time takes it only where nothing else has it.
 */
export function goOnInGrid(isFirst: boolean): void {
  focusBeginning(isFirst ? PLACE_ITSELF : '.strap', ACT_MS);
}
