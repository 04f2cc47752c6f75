/** Where an older page kept the work: it is taken over, and forgotten once it stands in the database. */
const OLD_KEY = 'diatonix-pupil';

/** What an older page kept, as text; null where there is none, or nothing can be read. */
export function readOldWork(): string | null {
  try {
    return localStorage.getItem(OLD_KEY);
  } catch {
    return null;
  }
}

export const hasOldWork = () => readOldWork() !== null;

/** What an older page kept stands in the database now. */
export function forgetOldWork(): void {
  try {
    localStorage.removeItem(OLD_KEY);
  } catch {
    // It cannot be read again either.
  }
}
