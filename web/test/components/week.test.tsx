/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** A week of practice on the page and on paper, and what stands beside it. */
import { DEFAULT_LABEL_STYLE } from '@diatonix/core';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { planNow, PRACTICE_DESK } from '../../src/benches/practice/desk';
import { PlanTitle } from '../../src/benches/practice/PlanTitle';
import { PracticeBench } from '../../src/benches/practice/PracticeBench';
import { addPlan, tickOff } from '../../src/benches/practice/state';
import { dayDate, dayName, standing, Week } from '../../src/benches/practice/Week';
import { WeekPage } from '../../src/benches/practice/WeekPage';
import { FIRST_PLAN, GRADES, type PlanBody } from '../../src/documents/kinds/plan/type';
import { documentsOf } from '../../src/documents/store/select';
import { dayAfter, weekOf } from '../../src/practice/days';
import { daysOf } from '../../src/practice/schedule';
import { documentsNow, showEmpty } from '../demo';

const MONDAY = '2026-11-23';
const plan = (change: Partial<PlanBody> = {}): PlanBody => ({ ...FIRST_PLAN, start: MONDAY, ...change });
const region = (name: string) => screen.getByRole('region', { name });

afterEach(cleanup);

describe('a week', () => {
  const ticks = [
    { item: 'scale C major', on: MONDAY, grade: 'good' as const },
    { item: 'triads C major', on: MONDAY, grade: 'again' as const },
  ];
  const today = dayAfter(MONDAY);
  const show = (body: PlanBody, onSelect: (day: string, item: string) => void = () => undefined) =>
    render(
      <Week
        plan={body}
        days={daysOf(body, weekOf(today), today)}
        today={today}
        school={DEFAULT_LABEL_STYLE}
        selected={null}
        onSelect={onSelect}
      />,
    );

  test('has seven days by name, with their dates and minutes', () => {
    show(plan({ ticks }));
    const names = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
    expect(screen.getAllByRole('region').map((one) => one.getAttribute('aria-label'))).toEqual(names);
    expect(region('Monday').textContent).toContain('23 Nov, 6 min');
    expect(region('Tuesday').className).toContain('today');
  });

  test('says how what was done went, in words and not by colour alone', () => {
    show(plan({ ticks }));
    const [first, second] = within(region('Monday')).getAllByRole('button');
    expect(first!.textContent).toBe('C major scaleright hand, done well');
    expect(second!.textContent).toBe('C major triadsright hand, done not yet');
    const again = within(region('Tuesday')).getAllByRole('button');
    expect(again.map(({ textContent }) => textContent)).toContain('C major triadsright hand');
  });

  test('an item that is chosen is told with its day', async () => {
    const user = userEvent.setup();
    const chosen: string[][] = [];
    show(plan({ ticks }), (day, item) => chosen.push([day, item]));
    await user.click(within(region('Monday')).getAllByRole('button')[1]!);
    expect(chosen).toEqual([[MONDAY, 'triads C major']]);
  });

  test('tells what rests and until when, no more than six by name', () => {
    const many = ['scale', 'triads', 'primary', 'arpeggio'].flatMap((drill) =>
      ['C', 'G', 'F'].map((key) => ({ item: `${drill} ${key} major`, on: MONDAY, grade: 'good' as const })),
    );
    show(plan({ ticks: many, minutes: 5 }));
    const text = document.querySelector('.resting')!.textContent!;
    expect(text.match(/until/g)!.length).toBeLessThanOrEqual(6);
    expect(text).toMatch(/^Resting: .*\.$/);
    cleanup();
    show(plan());
    expect(document.querySelector('.resting')).toBeNull();
  });

  test('pauses stand between what they divide', () => {
    show(plan({ minutes: 60, pause: 5 }));
    const entries = within(region('Tuesday')).getAllByRole('listitem');
    const pauses = entries.flatMap((one, at) => (one.textContent === 'pause' ? [at] : []));
    expect(pauses.length).toBeGreaterThan(0);
    expect(pauses).not.toContain(0);
    expect(pauses).not.toContain(entries.length - 1);
  });
});

test('days are said in full', () => {
  expect([dayName(MONDAY), dayDate(MONDAY)]).toEqual(['Monday', '23 November']);
  expect(dayDate('2027-01-01')).toBe('1 January');
});

test('how an item stands is said for every grade', () => {
  const item = { id: 'scale C major', minutes: 3, theory: null, hands: 'together', why: 'done' } as const;
  expect(GRADES.map((grade) => standing({ ...item, grade }))).toEqual([
    'hands together, done not yet',
    'hands together, done with trouble',
    'hands together, done well',
    'hands together, done easily',
  ]);
  expect(standing({ ...item, hands: null, why: 'new', grade: null })).toBe('new');
  expect(standing({ ...item, hands: 'unseen', why: 'due', grade: null })).toBe('without looking');
});

describe('a week on paper', () => {
  test('has a box for every item, its minutes, its pauses, and when to stop', async () => {
    const user = userEvent.setup();
    showEmpty();
    let closed = 0;
    const days = daysOf(plan({ minutes: 30, pause: 5 }), weekOf(MONDAY), MONDAY);
    render(
      <WeekPage
        title="Practice, Una Weir"
        days={days}
        school={DEFAULT_LABEL_STYLE}
        onClose={() => closed++}
      />,
    );
    const page = region('Practice, Una Weir');
    expect(within(page).getAllByRole('heading', { level: 4 })).toHaveLength(7);
    expect(page.textContent).toContain('23 November to 29 November');
    const lines = within(page)
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent!);
    const items = lines.filter((text) => text !== 'a short pause');
    expect(items).toHaveLength(days.reduce((sum, day) => sum + day.items.length, 0));
    expect(items.every((text) => /\(\d min\)$/.test(text))).toBe(true);
    expect(lines.length - items.length).toBe(days.reduce((sum, day) => sum + day.pauses.length, 0));
    expect(page.textContent).toContain('Stop if the hand hurts');
    await user.click(screen.getByRole('button', { name: 'Back to the bench' }));
    expect(closed).toBe(1);
  });
});

describe('plans beside each other', () => {
  beforeEach(() => {
    showEmpty();
    PRACTICE_DESK.set({ open: null, day: null, item: null, printing: false });
  });

  test('a title is written over', async () => {
    const user = userEvent.setup();
    addPlan();
    render(<PlanTitle id={planNow()!.id} title={planNow()!.body.title} />);
    await user.type(screen.getByRole('textbox', { name: 'Title of the plan' }), '!');
    expect(planNow()!.body.title).toBe('Practice!');
  });

  test('weeks are gone through, and back to today', async () => {
    const user = userEvent.setup();
    addPlan();
    render(
      <MemoryRouter>
        <PracticeBench />
      </MemoryRouter>,
    );
    const monday = () => region('Monday').querySelector('small')!.textContent!;
    const now = monday();
    await user.click(screen.getByRole('button', { name: 'The next week' }));
    expect(monday()).not.toBe(now);
    await user.click(screen.getByRole('button', { name: 'The week before' }));
    expect(monday().split(',')[0]).toBe(now.split(',')[0]);
    await user.click(screen.getByRole('button', { name: 'The week before' }));
    await user.click(screen.getByRole('button', { name: 'Today' }));
    expect(document.querySelector('.day.today')).not.toBeNull();
  });

  test('what is ticked in one plan leaves another alone', () => {
    addPlan();
    const first = planNow()!.id;
    addPlan();
    tickOff('scale C major', MONDAY, 'good');
    const bodies = documentsOf(documentsNow(), 'plan');
    expect(bodies.find(({ id }) => id === first)!.body.ticks).toEqual([]);
    expect(bodies.find(({ id }) => id !== first)!.body.ticks).toHaveLength(1);
  });
});
