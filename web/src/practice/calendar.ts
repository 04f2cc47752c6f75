import { createEvents, type EventAttributes } from 'ics';
import { HAND_CARE, type LabelStyle } from '@diatonix/core';
import { itemLine } from './items';
import type { DayPlan } from './schedule';

/** At what time of day practice stands in a calendar; the calendar lets everybody move it. */
const HOUR = 17;

/** A text as one line: every end of a line, and whatever is not seen, would begin a field of its own. */
const oneLine = (text: string): string => text.replace(/[\p{Cc}\p{Zl}\p{Zp}]+/gu, ' ');

/**
 * Days of practice as a calendar file (iCalendar, RFC 5545): an event a day, with what is to be practised in its
 * description. Throws Error where the file cannot be made.
 */
export function calendarOf(title: string, days: readonly DayPlan[], school: LabelStyle): string {
  const events = days
    .filter(({ items }) => items.length > 0)
    .map(({ day, items, minutes, pauses }): EventAttributes => {
      const [year, month, date] = day.split('-').map(Number) as [number, number, number];
      return {
        uid: `${day}-practice@diatonix`,
        title: oneLine(title),
        start: [year, month, date, HOUR, 0],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { minutes: Math.max(5, minutes + 2 * pauses.length) },
        description: [...items.map((item) => itemLine(item, school)), HAND_CARE].map(oneLine).join('\n'),
        productId: 'diatonix',
      };
    });
  const { value, error } = createEvents(events, { productId: 'diatonix' });
  if (typeof value !== 'string') throw new Error(error?.message ?? 'it could not be made');
  return value;
}
