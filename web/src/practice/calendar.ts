import { createEvents, type EventAttributes } from 'ics';
import { HAND_CARE } from '@diatonix/core';
import { handWords, itemWords } from './items';
import type { DayPlan } from './schedule';

/** At what time of day practice stands in a calendar; the calendar lets everybody move it. */
const HOUR = 17;

/**
 * Days of practice as a calendar file (iCalendar, RFC 5545): an event a day, with what is to be practised in its
 * description. Throws Error where the file cannot be made.
 */
export function calendarOf(title: string, days: readonly DayPlan[]): string {
  const events = days
    .filter(({ items }) => items.length > 0)
    .map(({ day, items, minutes, pauses }): EventAttributes => {
      const [year, month, date] = day.split('-').map(Number) as [number, number, number];
      return {
        uid: `${day}-practice@diatonix`,
        title,
        start: [year, month, date, HOUR, 0],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { minutes: Math.max(5, minutes + 2 * pauses.length) },
        description: [...items.map(itemLine), HAND_CARE].join('\n'),
        productId: 'diatonix',
      };
    });
  const { value, error } = createEvents(events, { productId: 'diatonix' });
  if (typeof value !== 'string') throw new Error(error?.message ?? 'it could not be made');
  return value;
}

/** An item with its hands and minutes, in a line. */
export const itemLine = ({ id, hands, minutes }: DayPlan['items'][number]): string =>
  `${itemWords(id)}${hands ? `, ${handWords(hands)}` : ''} (${minutes} min)`;
