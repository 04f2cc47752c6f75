import { className } from '../../documents/kinds/schoolClass/edit';
import { handWords } from '@diatonix/core';
import { CalendarDays, Plus, Printer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../../design/Choice';
import { usePrinting } from '../../design/printing';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { Document } from '../../documents/store/document';
import { download, fileName } from '../../documents/files/download';
import { GRADES, type Grade, type PlanBody } from '../../documents/kinds/plan/type';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { today } from '../../documents/store/today';
import { useSchool } from '../../documents/store/use';
import { fetchScript } from '../../fetchScript';
import { BenchFrame } from '../../parts/BenchFrame';
import { dayAfter, weekOf } from '../../practice/days';
import { itemWords } from '../../practice/items';
import { askedFor, daysOf, type DayItem } from '../../practice/schedule';
import { PRACTICE_DESK, useOpenPlan } from './desk';
import { DrillView } from './Drill';
import { PlanMargin } from './PlanMargin';
import { PlanTitle } from './PlanTitle';
import { PracticeStyle } from './PracticeStyle';
import { addPlan, setWhom, tickOff } from './state';
import { Theory } from './Theory';
import { Week } from './Week';
import { WeekPage } from './WeekPage';

/** The Practice bench: a plan round the keys, what is due today, and each item to be played and ticked off. */
export function PracticeBench() {
  const open = useOpenPlan();
  if (open) return <OpenPlan key={open.id} open={open} />;
  return (
    <BenchFrame title={<h1>Practice</h1>} facts={null} actions={null} margin={null}>
      <p>
        A plan goes round the keys: scales, chords and theory, a little every day, what went well less and
        less often.
      </p>
      <Button onPress={() => addPlan()}>
        <Plus aria-hidden="true" /> Begin a plan
      </Button>
    </BenchFrame>
  );
}

const NOBODY = '';
const GRADE_NAMES: Readonly<Record<Grade, string>> = {
  again: 'Not yet',
  hard: 'With trouble',
  good: 'Well',
  easy: 'Easily',
};

function OpenPlan({ open }: { open: Document<'plan'> }) {
  const { body } = open;
  const school = useSchool();
  const now = today();
  const { day: wantedDay, item: wantedItem, printing } = PRACTICE_DESK.use((desk) => desk);
  const print = () => PRACTICE_DESK.set({ printing: true });
  usePrinting(print);
  const week = weekOf(wantedDay ?? now);
  const first = week[0]!;
  const days = useMemo(() => daysOf(body, weekOf(first), now), [body, first, now]);
  const shown = days.find(({ day }) => day === (wantedDay ?? now));
  const item = shown?.items.find(({ id }) => id === wantedItem) ?? askedFor(body, wantedItem);
  // What was open before the page was loaded does not take the focus.
  const [chosen, setChosen] = useState(false);
  const choose = (day: string, item: string) => {
    setChosen(true);
    PRACTICE_DESK.set({ day, item });
  };
  const toWeek = (by: number) => PRACTICE_DESK.set({ day: dayAfter(first, by), item: null });
  const calendar = () =>
    void fetchScript(() => import('../../practice/calendar')).then(({ calendarOf }) =>
      download(calendarOf(body.title, days, school), `${fileName(body.title)}.ics`, 'text/calendar'),
    );
  return (
    <BenchFrame
      title={<PlanTitle id={open.id} title={body.title} />}
      facts={<Whom body={body} />}
      actions={
        <>
          <Button aria-label="The week before" onPress={() => toWeek(-7)}>
            ‹
          </Button>
          <Button onPress={() => PRACTICE_DESK.set({ day: null, item: null })}>Today</Button>
          <Button aria-label="The next week" onPress={() => toWeek(7)}>
            ›
          </Button>
          <Button onPress={calendar}>
            <CalendarDays aria-hidden="true" /> Calendar file
          </Button>
          <Button onPress={print}>
            <Printer aria-hidden="true" /> Week to print
          </Button>
        </>
      }
      margin={<PlanMargin plan={body} school={school} />}
    >
      {printing ? (
        <WeekPage
          school={school}
          title={body.title}
          days={days}
          onClose={() => PRACTICE_DESK.set({ printing: false })}
        />
      ) : (
        <PracticeStyle>
          {body.drills.length + body.theory.length === 0 && (
            <Problem>There is nothing in the plan yet: tick a drill in the margin, or add theory.</Problem>
          )}
          <Week
            plan={body}
            days={days}
            today={now}
            school={school}
            selected={item && shown ? { day: shown.day, item: item.id } : null}
            onSelect={choose}
          />
          {item && shown && (
            <Practised
              key={`${shown.day} ${item.id}`}
              plan={body}
              item={item}
              day={shown.day}
              now={now}
              focuses={chosen}
              onNext={choose}
            />
          )}
        </PracticeStyle>
      )}
    </BenchFrame>
  );
}

/** Whom the plan is for: a class, or one of its pupils. */
function Whom({ body }: { body: PlanBody }) {
  const classes = useDocuments((state) => documentsOf(state.documents, 'class'));
  const own = classes.find(({ id }) => id === body.classId);
  const pupils = (own?.body.pupils ?? []).filter(({ left }) => !left);
  return (
    <>
      <Choice
        label="Class"
        value={own?.id ?? NOBODY}
        options={[
          { id: NOBODY, name: 'No class' },
          ...classes.map(({ id, body: { name } }) => ({ id, name: className(name) })),
        ]}
        onChoose={(id) => setWhom(id === NOBODY ? null : id, null)}
      />
      {own && pupils.length > 0 && (
        <Choice
          label="Pupil"
          value={body.pupil ?? NOBODY}
          options={[{ id: NOBODY, name: 'The class' }, ...pupils.map(({ name }) => ({ id: name, name }))]}
          onChoose={(name) => setWhom(own.id, name === NOBODY ? null : name)}
        />
      )}
    </>
  );
}

interface PractisedProps {
  readonly plan: PlanBody;
  readonly item: DayItem;
  readonly day: string;
  readonly now: string;
  /** Whether it takes the focus as it opens. */
  readonly focuses: boolean;
  readonly onNext: (day: string, item: string) => void;
}

/** An item to be practised, and how it went. What lies ahead is ticked off on the day it is done. */
function Practised({ plan, item, day, now, focuses, onNext }: PractisedProps) {
  const on = day > now ? now : day;
  const place = plan.theory.indexOf(item.theory!);
  const tick = (grade: Grade) => {
    tickOff(item.id, on, grade);
    const { items } = daysOf(
      { ...plan, ticks: [...plan.ticks, { item: item.id, on, grade }] },
      [on],
      now,
    )[0]!;
    const next = items.find(({ why, id }) => why !== 'done' && id !== item.id);
    onNext(on, next?.id ?? item.id);
  };
  const school = useSchool();
  const heading = useRef<HTMLHeadingElement>(null);
  // What opens below the week comes into view, and the keyboard goes on there.
  useEffect(() => {
    if (!focuses) return;
    heading.current?.focus({ preventScroll: true });
    heading.current?.closest('section')?.scrollIntoView({ block: 'start' });
  }, [focuses]);
  return (
    <section className="practised" aria-label={itemWords(item.id, school)}>
      <header>
        <h2 ref={heading} tabIndex={-1}>
          {itemWords(item.id, school)}
        </h2>
        <span>
          {item.hands && `${handWords(item.hands)}, `}
          {item.minutes} minutes
        </span>
      </header>
      {item.theory ? (
        <Theory item={item.theory} seed={Number(on.replaceAll('-', '')) + place} />
      ) : (
        <DrillView id={item.id} hands={item.hands ?? 'right'} />
      )}
      <div className="grades" role="group" aria-label="How it went">
        <span>How did it go?</span>
        {GRADES.map((grade) => (
          <Button key={grade} onPress={() => tick(grade)}>
            {GRADE_NAMES[grade]}
          </Button>
        ))}
      </div>
    </section>
  );
}
