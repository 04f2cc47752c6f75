import { ScriptMissing } from '../../fetchScript';

/** Why saving failed, in plain words. */
export function reasonOf(error: unknown): string {
  if (error instanceof ScriptMissing) return error.message;
  const name = error instanceof Error ? error.name : '';
  const inner = error instanceof Error && 'inner' in error ? (error.inner as Error | undefined)?.name : '';
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError')
    return 'The browser’s storage is full.';
  if (name === 'DatabaseClosedError' && inner !== 'MissingAPIError' && typeof indexedDB !== 'undefined')
    return 'The browser’s storage was closed, perhaps by a newer Diatonix in another tab. Reload this page.';
  if (/MissingAPI|InvalidState|Security|OpenFailed|Unknown/.test(`${name} ${inner}`))
    return 'This browser does not let the page store anything.';
  return 'The browser refused to store the workbook.';
}
