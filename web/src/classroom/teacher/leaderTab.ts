/** Says in this tab alone that the class is led from here. */
const HERE = 'diatonix-class';

/** The class is led from this tab. */
export function leadHere(): void {
  try {
    sessionStorage.setItem(HERE, '1');
  } catch {
    // Without it the class is taken up again by hand.
  }
}

/** The class is led from another tab now; what is kept of it stays. */
export function leaveHere(): void {
  try {
    sessionStorage.removeItem(HERE);
  } catch {
    // Nothing says that it is led here either.
  }
}

/** Whether a class was led from this tab before it was loaded anew. */
export function isLedHere(): boolean {
  try {
    return sessionStorage.getItem(HERE) !== null;
  } catch {
    return false;
  }
}
