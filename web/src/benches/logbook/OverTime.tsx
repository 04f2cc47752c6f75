import { kindWords, mistakeName, type LabelStyle } from '@diatonix/core';
import { CalendarDays, ClipboardList } from 'lucide-react';
import { useNavigate } from 'react-router';
import { Button } from '../../design/controls';
import { causesOfPupil, progressOf, type MarkedPile } from '../../documents/logbook/logbook';
import { planAgainst } from '../../documents/kinds/plan/addMistake';
import type { Document } from '../../documents/store/document';
import { useDocuments } from '../../documents/store/store';
import { theoryId } from '../../practice/items';
import { PRACTICE_DESK } from '../practice/desk';
import { addRemedy } from '../../documents/kinds/sheet/addQuestions';
import { BarChart } from '../../parts/BarChart';
import { LineChart } from '../../parts/LineChart';
import { LogbookStyle } from './LogbookStyle';

interface OverTimeProps {
  readonly piles: readonly MarkedPile[];
  /** Null for the class. */
  readonly pupil: string | null;
  readonly school: LabelStyle;
}

interface CourseProps extends OverTimeProps {
  /** The kind of exercise; null for all. */
  readonly skill: string | null;
}

const MOST = 8;

/** The share of right answers from sheet to sheet, of a pupil beside the class. */
export function OverTime({ piles, pupil, skill }: CourseProps) {
  const points = (name: string | null) =>
    progressOf(piles, name, skill).map(({ date, share }) => ({ at: dayOf(date), share }));
  return (
    <LogbookStyle>
      <h2>
        {pupil ?? 'The class'}: right answers from sheet to sheet
        {skill && `, ${kindWords(skill).name.toLowerCase()}`}
      </h2>
      <LineChart
        label="Share of right answers by date"
        own={points(pupil)}
        ownName={pupil ?? 'The class'}
        {...(pupil === null ? {} : { others: points(null), othersName: 'The class' })}
      />
      {pupil !== null && <p>The broken line is the class.</p>}
    </LogbookStyle>
  );
}

interface CausesProps extends OverTimeProps {
  readonly classId: string | null;
}

/** What went wrong again and again, and what would train it: on a sheet, or a little every day. */
export function Causes({ piles, pupil, school, classId }: CausesProps) {
  const causes = causesOfPupil(piles, pupil).slice(0, MOST);
  const [first] = causes;
  const navigate = useNavigate();
  const practise = (mistake: string, owner: string) => {
    const planned = planAgainst(mistake, owner, pupil, school);
    if (!planned) return;
    const plan = useDocuments.getState().documents[planned.plan] as Document<'plan'>;
    PRACTICE_DESK.set({
      open: plan.id,
      day: null,
      item: theoryId(plan.body, planned.place),
      printing: false,
    });
    void navigate('/practice');
  };
  return (
    <LogbookStyle>
      <h2>{pupil ?? 'The class'}: mistakes that come again</h2>
      {first ? (
        <>
          <BarChart
            label="How often each mistake was made"
            heads={['Mistake', 'Answers', 'Share']}
            most={first.count}
            rows={causes.map(({ id, count }) => ({
              id,
              name: mistakeName(id, school),
              value: count,
              note: `${count} of ${causes.reduce((sum, one) => sum + one.count, 0)}`,
            }))}
          />
          <p>
            <Button onPress={() => addRemedy(first.id)}>
              <ClipboardList aria-hidden="true" /> Put an exercise against the first on a sheet
            </Button>{' '}
            {classId !== null && (
              <Button onPress={() => practise(first.id, classId)}>
                <CalendarDays aria-hidden="true" /> Practise it
              </Button>
            )}
          </p>
        </>
      ) : (
        <p>No mistake has been found yet.</p>
      )}
    </LogbookStyle>
  );
}

/** A day as it stands under a chart: 26.11. */
const dayOf = (date: string) => `${Number(date.slice(8))}.${Number(date.slice(5, 7))}.`;
