import { ScriptMissing } from '../fetchScript';

/** What is said of something that went wrong unforeseen. */
export function wordsOf(error: unknown): string {
  if (error instanceof ScriptMissing) return error.message;
  const reported = error instanceof Error ? error.message : String(error);
  return `Something did not work (${reported}). Your work is safe; try again, or reload the page.`;
}
