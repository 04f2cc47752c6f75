const FORMAT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** When a workbook was last written to a file, as the corner says it. */
export function whenWritten(writtenAt: number | null, changed: boolean): string {
  if (writtenAt === null) return 'Not in a file yet.';
  return `In a file since ${FORMAT.format(writtenAt)}${changed ? ', changed after that' : ''}.`;
}

/** A date and time in short. */
export function shortDate(at: number): string {
  return FORMAT.format(at);
}
