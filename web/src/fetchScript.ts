/** How long a script that did not come is waited for before it is asked for once more. */
const PAUSE_MS = 400;

/** Said of a part of the page that could not be fetched. */
export const SCRIPT_MISSING =
  'A part of the page could not be fetched: the server may have stopped, or a newer version is there. ' +
  'Your work is safe. Try again, or reload the page.';

/** A script that could not be fetched, said in words; `cause` is what the browser reported. */
export class ScriptMissing extends Error {
  constructor(cause: unknown) {
    super(SCRIPT_MISSING, { cause });
    this.name = 'ScriptMissing';
  }
}

/**
 * Fetches a script, a second time after a pause when the first fails.
 * @throws {ScriptMissing} when it does not come
 */
export async function fetchScript<Value>(load: () => Promise<Value>): Promise<Value> {
  try {
    return await load();
  } catch {
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
  }
  try {
    return await load();
  } catch (error) {
    throw new ScriptMissing(error);
  }
}
