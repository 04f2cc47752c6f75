/** Plans of practice. That what goes well comes back later, and what does not sooner, is common practice of spacing. */
import { DEFAULT_LABEL_STYLE, readSchool } from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { FIRST_PLAN, type Grade, type PlanBody } from '../src/documents/kinds/plan/type';
import { calendarOf } from '../src/practice/calendar';
import { dayAfter, mondayOf, noonOf, weekOf } from '../src/practice/days';
import { isTheory, itemLine, itemLines, itemsOf, itemWords } from '../src/practice/items';
import { daysOf, restingOn, practiceStates } from '../src/practice/schedule';

const START = '2026-11-23';
const plan = (change: Partial<PlanBody> = {}): PlanBody => ({ ...FIRST_PLAN, start: START, ...change });
const tick = (item: string, on: string, grade: Grade = 'good') => ({ item, on, grade });
const day = (body: PlanBody, on: string, today = on) => daysOf(body, [on], today)[0]!;
const ids = (items: readonly { id: string }[]) => items.map(({ id }) => id);

describe('days', () => {
  test('a week begins on its Monday, over the end of a year and of a February too', () => {
    expect(mondayOf('2026-11-26')).toBe('2026-11-23');
    expect(mondayOf('2026-11-23')).toBe('2026-11-23');
    expect(weekOf('2027-01-01')[0]).toBe('2026-12-28');
    expect(dayAfter('2028-02-28')).toBe('2028-02-29');
    expect(dayAfter('2026-03-28', 2)).toBe('2026-03-30');
    expect(noonOf('2026-10-25').toISOString()).toBe('2026-10-25T12:00:00.000Z');
  });
});

describe('the items of a plan', () => {
  test('go key by key in the order of the circle', () => {
    const items = ids(itemsOf(plan({ most: 1, drills: ['scale', 'arpeggio'] })));
    expect(items).toEqual(['C', 'G', 'F'].flatMap((key) => [`scale ${key} major`, `arpeggio ${key} major`]));
  });

  test('minor scales have their form, and theory comes between the keys', () => {
    const theory = [
      { kind: 'interval-name', material: {} },
      { kind: 'signature-name', material: {} },
    ];
    const items = itemsOf(plan({ modes: 'minor', most: 0, drills: ['scale'], form: 'melodic', theory }));
    expect(ids(items)).toEqual([
      'scale A minor melodic',
      'theory 1 interval-name',
      'theory 2 signature-name',
    ]);
    expect(items.map(({ id }) => isTheory(id))).toEqual([false, true, true]);
    expect(itemWords('scale F# minor melodic', DEFAULT_LABEL_STYLE)).toBe('F♯ minor, melodic scale');
    expect(itemWords('triads Bb major', DEFAULT_LABEL_STYLE)).toBe('B♭ major, triad and inversions');
    expect(itemWords('theory 1 interval-name', DEFAULT_LABEL_STYLE)).toBe('Name the interval');
  });

  test('keys are named in the letters of the school', () => {
    const german = readSchool('letters=german');
    expect(itemWords('scale Bb major', german)).toBe('B major, scale');
    expect(itemLines('scale B minor harmonic', german)).toEqual(['H minor', 'harmonic scale']);
  });
});

describe('a day', () => {
  test('begins with no more new items than time and the first day allow', () => {
    const first = day(plan({ minutes: 20 }), START);
    expect(ids(first.items)).toEqual(['scale C major', 'triads C major', 'primary C major']);
    expect(first.items.every(({ why, hands }) => why === 'new' && hands === 'right')).toBe(true);
    expect(first.minutes).toBe(10);
    expect(day(plan({ minutes: 6 }), START).items).toHaveLength(2);
    expect(day(plan(), '2026-11-22').items).toEqual([]);
  });

  test('never holds more minutes than were asked for, whatever is due', () => {
    const many = itemsOf(plan()).map(({ id }) => tick(id, START));
    for (let on = START; on < '2026-12-20'; on = dayAfter(on))
      for (const { minutes, day: at } of daysOf(plan({ ticks: many, minutes: 15 }), weekOf(on), on))
        expect(at === START || minutes <= 15).toBe(true);
  });

  test('what was done on it stands there with how it went', () => {
    const done = plan({ ticks: [tick('scale C major', START, 'hard')] });
    const [first, ...others] = day(done, START).items;
    expect(first).toMatchObject({ id: 'scale C major', why: 'done', grade: 'hard', hands: 'right' });
    expect(others.every(({ why }) => why === 'new')).toBe(true);
    expect(others).toHaveLength(2);
  });

  test('of a day that is over only what was done is left', () => {
    const body = plan({ ticks: [tick('scale C major', START)] });
    const [monday, tuesday] = daysOf(body, [START, dayAfter(START)], dayAfter(START, 3));
    expect(ids(monday!.items)).toEqual(['scale C major']);
    expect(monday!.minutes).toBe(3);
    expect(tuesday!.items).toEqual([]);
  });

  test('pauses come before what would go on too long', () => {
    const body = plan({
      minutes: 30,
      pause: 6,
      ticks: itemsOf(plan())
        .slice(0, 6)
        .map(({ id }) => tick(id, START)),
    });
    const { items, pauses } = day(body, dayAfter(START, 9));
    expect(pauses.length).toBeGreaterThan(0);
    let [from, longest] = [0, 0];
    for (const at of [...pauses, items.length]) {
      longest = Math.max(
        longest,
        items.slice(from, at).reduce((sum, { minutes }) => sum + minutes, 0),
      );
      from = at;
    }
    expect(longest).toBeLessThanOrEqual(6);
    expect(day({ ...body, pause: 0 }, dayAfter(START, 9)).pauses).toEqual([]);
  });
});

describe('spacing', () => {
  const dueAfter = (...grades: Grade[]) => {
    let on = START;
    const ticks = grades.map((grade) => {
      const one = tick('theory 1 interval-name', on, grade);
      on = dayAfter(on, 4);
      return one;
    });
    return practiceStates(ticks).get('theory 1 interval-name')!.due;
  };

  test('what went well rests longer each time, what did not comes back at once', () => {
    const [once, twice, thrice] = [
      dueAfter('good'),
      dueAfter('good', 'good'),
      dueAfter('good', 'good', 'good'),
    ];
    const gap = (due: string, times: number) =>
      (noonOf(due).getTime() - noonOf(dayAfter(START, 4 * (times - 1))).getTime()) / 86_400_000;
    expect(gap(twice, 2)).toBeGreaterThan(gap(once, 1));
    expect(gap(thrice, 3)).toBeGreaterThan(gap(twice, 2));
    expect(gap(dueAfter('good', 'good', 'again'), 3)).toBeLessThan(gap(thrice, 3));
    expect(gap(dueAfter('easy'), 1)).toBeGreaterThan(gap(dueAfter('hard'), 1));
  });

  test('hands apart until each holds, then together, then without looking; trouble holds it where it is', () => {
    const stages = (grades: Grade[]) => {
      let on = START;
      const ticks = grades.map((grade) => {
        const one = tick('scale C major', on, grade);
        on = dayAfter(on);
        return one;
      });
      return practiceStates(ticks).get('scale C major')!.stage;
    };
    expect(stages(['good'])).toBe(0);
    expect(stages(['good', 'good'])).toBe(1);
    expect(stages(['good', 'again', 'good'])).toBe(0);
    expect(stages(['easy'])).toBe(1);
    expect(stages(['easy', 'good', 'good', 'good', 'good'])).toBe(3);
    expect(stages(['easy', 'easy', 'easy', 'easy', 'good', 'good', 'good'])).toBe(3);
  });

  test('new keys wait until half of what was begun holds', () => {
    const trouble = ['scale', 'triads', 'primary'].map((drill) => tick(`${drill} C major`, START, 'again'));
    const next = day(plan({ ticks: trouble }), dayAfter(START));
    expect(next.items.every(({ why }) => why === 'due')).toBe(true);
    expect(next.items).toHaveLength(3);
    const well = trouble.map((one) => ({ ...one, grade: 'good' as const }));
    const after = day(plan({ ticks: well, minutes: 40 }), dayAfter(START));
    expect(ids(after.items.filter(({ why }) => why === 'new'))).toEqual([
      'arpeggio C major',
      'scale G major',
      'triads G major',
    ]);
  });

  test('a week ahead takes for granted that it goes well, and changes nothing', () => {
    const body = plan();
    const week = daysOf(body, weekOf(START), START);
    expect(week).toHaveLength(7);
    expect(week.every(({ items }) => items.length > 0)).toBe(true);
    expect(
      new Set(week.flatMap(({ items }) => ids(items.filter(({ why }) => why === 'new')))).size,
    ).toBeGreaterThan(6);
    expect(body.ticks).toEqual([]);
    expect(daysOf(body, weekOf(START), START)).toEqual(week);
  });

  test('ticks of an earlier day count there, whenever they were made', () => {
    const ticks = [tick('scale C major', dayAfter(START), 'again'), tick('scale C major', START)];
    expect(practiceStates(ticks)).toEqual(practiceStates([...ticks].reverse()));
    expect(practiceStates(ticks).get('scale C major')!.last).toBe('again');
  });

  test('one more tick is worked out from where the item stood, not from the beginning', () => {
    const ticks = Array.from({ length: 40 }, (_, at) => tick('scale C major', dayAfter(START, at)));
    const before = practiceStates(ticks).get('scale C major')!;
    const next = tick('scale C major', dayAfter(START, 40));
    // What was known stays the very same.
    expect(practiceStates(ticks).get('scale C major')).toBe(before);
    expect(practiceStates([...ticks, next]).get('scale C major')!.card.reps).toBe(before.card.reps + 1);
    // A tick after another past is another state.
    expect(practiceStates([next]).get('scale C major')!.card.reps).toBe(1);
  });

  test('what rests is told with the day on which it comes again', () => {
    const body = plan({
      ticks: [tick('scale C major', START, 'easy'), tick('triads C major', START, 'again')],
    });
    const resting = restingOn(body, START);
    expect(resting.map(({ due }) => due > START)).toEqual([true, true]);
    expect([...resting].sort((a, b) => (a.due < b.due ? -1 : 1))).toEqual(resting);
    expect(restingOn(plan(), START)).toEqual([]);
  });
});

describe('the calendar file', () => {
  const week = daysOf(plan({ title: 'Practice; Tide, Maren' }), weekOf(START), START);
  const odd = calendarOf('Tide\r\nSUMMARY:not this\rEND:VEVENT', week, DEFAULT_LABEL_STYLE);
  expect(odd.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
  expect(odd).not.toMatch(/^SUMMARY:not this/m);
  expect(odd.match(/^END:VEVENT/gm)).toHaveLength(odd.match(/^BEGIN:VEVENT/gm)!.length);
  const file = calendarOf('Practice; Tide, Maren', week, DEFAULT_LABEL_STYLE);
  const lines = file.replace(/\r\n[ \t]/g, '').split('\r\n');

  test('is read by its standard: an event a day, local times, escaped text, lines of 75 bytes', () => {
    // RFC 5545, Internet Calendaring and Scheduling (B. Desruisseaux, ed.), 3.1, 3.3.11 and 3.6.1.
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(7);
    expect(lines).toContain('DTSTART:20261123T170000');
    expect(lines).toContain('SUMMARY:Practice\\; Tide\\, Maren');
    expect(Math.max(...file.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
    expect(new Set(lines.filter((line) => line.startsWith('UID:'))).size).toBe(7);
  });

  test('says what to practise and when to stop', () => {
    const [first] = lines.filter((line) => line.startsWith('DESCRIPTION:'));
    expect(first).toContain(itemLine(week[0]!.items[0]!, DEFAULT_LABEL_STYLE).replace(/,/g, '\\,'));
    expect(first).toContain('Stop if the hand hurts');
  });
});

describe('a plan in a file', () => {
  test('is sound as it begins', () => {
    expect(checkBody('plan', plan({ ticks: [tick('scale C major', START)] }))).toEqual([]);
    expect(
      checkBody('plan', plan({ theory: [{ kind: 'interval-name', material: { clefs: ['bass'] } }] })),
    ).toEqual([]);
  });

  test.each([
    ['drills', { drills: ['dance'] }],
    ['most', { most: 9 }],
    ['minutes', { minutes: 1000 }],
    ['start', { start: 'tomorrow' }],
    ['theory', { theory: [{ kind: 'interval-name', material: { clefs: ['soprano'] } }] }],
    ['theory', { theory: [{ kind: 'nothing', material: {} }] }],
    ['ticks', { ticks: [{ item: 'scale C major', on: START, grade: 'splendid' }] }],
  ])('with other %s is refused by name', (field, change) => {
    expect(checkBody('plan', { ...plan(), ...change })[0]).toContain(field);
  });
});
