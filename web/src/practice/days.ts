const DAY_MS = 86_400_000;

/** Noon of a day in universal time, so that no clock change moves it. */
export const noonOf = (day: string): Date => new Date(`${day}T12:00:00Z`);
export const dayOf = (date: Date): string => date.toISOString().slice(0, 10);
export const dayAfter = (day: string, days = 1): string =>
  dayOf(new Date(noonOf(day).getTime() + days * DAY_MS));

/** The Monday of the week of a day. */
export function mondayOf(day: string): string {
  return dayAfter(day, 1 - (noonOf(day).getUTCDay() || 7));
}

export const weekOf = (day: string): string[] =>
  Array.from({ length: 7 }, (_, at) => dayAfter(mondayOf(day), at));
