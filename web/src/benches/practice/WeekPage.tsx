import { HAND_CARE, type LabelStyle } from '@diatonix/core';
import styled from 'styled-components';
import { PrintPages } from '../../parts/PrintPages';
import { itemLine } from '../../practice/items';
import type { DayPlan } from '../../practice/schedule';
import { dayDate, dayName } from './Week';

const Page = styled.div`
  font-size: 1.02rem;
  section {
    break-inside: avoid;
    padding: 0.45rem 0 0.5rem;
    border-top: 1px solid var(--rule);
    display: grid;
    grid-template-columns: 8.5rem 1fr;
    gap: 0 1rem;
  }
  h4 {
    margin: 0;
    font-size: 1.05rem;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 0.9rem;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 0.2rem 1.2rem;
  }
  li::before {
    content: '☐  ';
  }
  li.done::before {
    content: '☑  ';
  }
  li.pause::before {
    content: '';
  }
  li.pause {
    color: var(--soft);
  }
`;

interface WeekPageProps {
  readonly title: string;
  readonly days: readonly DayPlan[];
  readonly school: LabelStyle;
  readonly onClose: () => void;
}

/** A week of practice on paper, to be ticked off with a pencil. */
export function WeekPage({ title, days, school, onClose }: WeekPageProps) {
  const about = `${dayDate(days[0]!.day)} to ${dayDate(days.at(-1)!.day)}`;
  const content = () => (
    <Page>
      {days.map(({ day, items, minutes, pauses }) => (
        <section key={day} aria-label={dayName(day)}>
          <div>
            <h4>{dayName(day)}</h4>
            <small>
              {dayDate(day)}
              {minutes > 0 && `, ${minutes} min`}
            </small>
          </div>
          <ul>
            {items.flatMap((item, at) => [
              ...(pauses.includes(at)
                ? [
                    <li key={`${item.id} pause`} className="pause">
                      a short pause
                    </li>,
                  ]
                : []),
              <li key={item.id} className={item.why}>
                {itemLine(item, school)}
              </li>,
            ])}
          </ul>
        </section>
      ))}
      <p>{HAND_CARE}</p>
    </Page>
  );
  return <PrintPages pages={[{ id: 'week', title, kind: 'plain', about, content }]} onClose={onClose} />;
}
