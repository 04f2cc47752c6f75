import { PlainButton } from '../../design/PlainButton';
import { handWords, type LabelStyle } from '@diatonix/core';
import { Fragment, useEffect, useRef } from 'react';
import type { PlanBody } from '../../documents/kinds/plan/type';
import { noonOf } from '../../practice/days';
import { itemLines, itemWords } from '../../practice/items';
import { restingOn, type DayItem, type DayPlan } from '../../practice/schedule';

const NAMED = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
const DATED = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
/** A day in words: Thursday, 26 November. */
export const dayName = (day: string) => NAMED.format(noonOf(day));
export const dayDate = (day: string) => DATED.format(noonOf(day));
const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

const WHY: Readonly<Record<DayItem['why'], string>> = { due: '', new: 'new', done: 'done' };
const WENT = { again: 'not yet', hard: 'with trouble', good: 'well', easy: 'easily' } as const;

/** How an item stands on its day, in words. */
export const standing = ({ hands, why, grade }: DayItem): string =>
  [hands ? handWords(hands) : '', grade ? `done ${WENT[grade]}` : WHY[why]]
    .filter((one) => one !== '')
    .join(', ');

function Lines({ item, school }: { item: DayItem; school: LabelStyle }) {
  const [first, second] = itemLines(item.id, school);
  return (
    <>
      <b>{first}</b> {second}
      <em>{standing(item)}</em>
    </>
  );
}

interface WeekProps {
  readonly plan: PlanBody;
  readonly days: readonly DayPlan[];
  readonly today: string;
  readonly school: LabelStyle;
  readonly selected: { readonly day: string; readonly item: string } | null;
  readonly onSelect: (day: string, item: string) => void;
}

/** The days of a week side by side: what was done, what is due, what is new, with its pauses. */
export function Week({ plan, days, today, school, selected, onSelect }: WeekProps) {
  const resting = restingOn(plan, today);
  const week = useRef<HTMLDivElement>(null);
  const first = days[0]?.day;
  // Where the page is narrow, the day it is comes first.
  useEffect(() => {
    const own = week.current?.querySelector('.today');
    if (week.current && own)
      week.current.scrollLeft += own.getBoundingClientRect().left - week.current.getBoundingClientRect().left;
  }, [first]);
  return (
    <>
      <div ref={week} className="week" role="group" aria-label="The week">
        {days.map(({ day, items, minutes, pauses }) => (
          <section key={day} className={`day${day === today ? ' today' : ''}`} aria-label={dayName(day)}>
            <h2>{dayName(day)}</h2>
            <small>
              {SHORT.format(noonOf(day))}
              {minutes > 0 && `, ${minutes} min`}
            </small>
            <ol>
              {items.map((item, at) => (
                <Fragment key={item.id}>
                  {pauses.includes(at) && <li className="pause">pause</li>}
                  <li>
                    <PlainButton
                      className={`item ${item.why}`}
                      aria-pressed={selected?.day === day && selected.item === item.id}
                      onPress={() => onSelect(day, item.id)}
                    >
                      <Lines item={item} school={school} />
                    </PlainButton>
                  </li>
                </Fragment>
              ))}
            </ol>
          </section>
        ))}
      </div>
      {resting.length > 0 && (
        <p className="resting">
          {`Resting: ${resting
            .slice(0, 6)
            .map(({ id, due }) => `${itemWords(id, school)} until ${dayDate(due)}`)
            .join('; ')}${resting.length > 6 ? `; and ${resting.length - 6} more` : ''}.`}
        </p>
      )}
    </>
  );
}
