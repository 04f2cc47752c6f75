const FULL = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A day as it is written on every screen: 1 December 2026. What is no day stands as it is. */
export function dayWords(day: string): string {
  const at = Date.parse(`${day}T00:00Z`);
  return Number.isNaN(at) ? day : FULL.format(at);
}
