import { Checkbox } from '../../design/fields/Checkbox';
import { DateField } from '../../design/fields/DateField';
import {
  KINDS,
  drillName,
  DRILLS,
  kindWords,
  mistakeName,
  remedyOf,
  SCALE_FORMS,
  type LabelStyle,
} from '@diatonix/core';
import { Plus, X } from 'lucide-react';
import { useMemo } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { Margin } from '../../design/Margin';
import { MOST_MINUTES, MOST_THEORY, type PlanBody } from '../../documents/kinds/plan/type';
import { causesOfPupil, markedPiles } from '../../documents/logbook/logbook';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { NumberInput } from '../../design/fields/NumberInput';
import { optionsOf, SelectField } from '../../design/fields/SelectField';
import { MarginFields } from '../../parts/MarginFields';
import { hasRemedy } from '../../documents/kinds/plan/addMistake';
import { addKind, addTheory, removeTheory, setPlan } from './state';

const ORDERS = { circle: 'Sharps and flats by turns', flats: 'Flats first', sharps: 'Sharps first' } as const;
const MODES = { major: 'Major', minor: 'Minor', both: 'Major, each with its minor' } as const;
const Ticks = styled.fieldset`
  margin: 0;
  padding: 0;
  border: 0;
  legend {
    padding: 0.6rem 0 0.2rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  label {
    display: flex;
    gap: 0.5rem;
    align-items: baseline;
    min-height: 24px;
    font-size: 0.9rem;
  }
`;
const Theories = styled.ul`
  margin: 0.3rem 0 0.6rem;
  padding: 0;
  list-style: none;
  color: var(--ink);
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.4rem;
  }
`;
/** How far the keys go. */
const upToWords = (most: number) =>
  most === 0 ? 'no sharps or flats' : most === 1 ? '1 sharp or flat' : `${most} sharps or flats`;

/** So many mistakes are offered. */
const OFFERED = 4;

/** What a plan is made of: drills, keys, minutes, and theory, some of it offered from what went wrong. */
export function PlanMargin({ plan, school }: { plan: PlanBody; school: LabelStyle }) {
  return (
    <Margin>
      <h2>The plan</h2>
      <Ticks>
        <legend>Drills</legend>
        {DRILLS.map((drill) => (
          <Checkbox
            key={drill}
            isSelected={plan.drills.includes(drill)}
            onChange={(on) =>
              setPlan({ drills: DRILLS.filter((one) => (one === drill ? on : plan.drills.includes(one))) })
            }
          >
            {drillName(drill)}
          </Checkbox>
        ))}
      </Ticks>
      <MarginFields className="narrow">
        <SelectField
          name="Keys"
          value={plan.order}
          options={optionsOf(ORDERS)}
          onChoose={(order) => setPlan({ order })}
        />
        <SelectField
          name="Mode"
          value={plan.modes}
          options={optionsOf(MODES)}
          onChoose={(modes) => setPlan({ modes })}
        />
        {plan.modes !== 'major' && (
          <SelectField
            name="Minor"
            value={plan.form}
            options={SCALE_FORMS.map((form) => [form, form] as const)}
            onChoose={(form) => setPlan({ form })}
          />
        )}
        <SelectField
          name="Up to"
          value={plan.most}
          options={[0, 1, 2, 3, 4, 5, 6].map((most) => [most, upToWords(most)] as const)}
          onChoose={(most) => setPlan({ most })}
        />
        <label>
          Minutes
          <NumberInput
            value={plan.minutes}
            min={5}
            max={MOST_MINUTES}
            onNumber={(minutes) => setPlan({ minutes })}
          />
        </label>
        <SelectField
          name="Pause"
          value={plan.pause}
          options={[0, 5, 10, 15, 20].map(
            (pause) => [pause, pause === 0 ? 'none' : `after ${pause} minutes`] as const,
          )}
          onChoose={(pause) => setPlan({ pause })}
        />
        <label>
          From
          <DateField name="From" value={plan.start} onChange={(start) => setPlan({ start })} />
        </label>
      </MarginFields>
      <TheoryList plan={plan} />
      <FromLogbook plan={plan} school={school} />
    </Margin>
  );
}

function TheoryList({ plan }: { plan: PlanBody }) {
  return (
    <div className="aside">
      <h3>Theory</h3>
      <Theories>
        {plan.theory.map(({ kind }, at) => (
          <li key={at}>
            {kindWords(kind).name}{' '}
            <Button aria-label={`Take out ${kindWords(kind).name}`} onPress={() => removeTheory(at)}>
              <X aria-hidden="true" />
            </Button>
          </li>
        ))}
      </Theories>
      {plan.theory.length < MOST_THEORY && (
        <MarginFields>
          <SelectField
            isNamed
            name="Add theory"
            value={null}
            placeholder="Add theory…"
            options={KINDS.map(({ id }) => [id, kindWords(id).name] as const)}
            onChoose={addKind}
          />
        </MarginFields>
      )}
    </div>
  );
}

/** What went wrong in the class or with the pupil, with how often, each one press from the plan. */
function FromLogbook({ plan, school }: { plan: PlanBody; school: LabelStyle }) {
  const piles = useDocuments((state) => documentsOf(state.documents, 'pile'));
  const causes = useMemo(() => {
    if (!plan.classId) return [];
    return causesOfPupil(markedPiles(piles, plan.classId, school), plan.pupil ?? null).slice(0, OFFERED);
  }, [piles, plan.classId, plan.pupil, school]);
  if (causes.length === 0) return null;
  return (
    <div className="aside">
      <h3>From the logbook</h3>
      {causes.map(({ id, count }) => (
        <p key={id}>
          {mistakeName(id, school)}, {count === 1 ? 'once' : `${count} times`}:{' '}
          {kindWords(remedyOf(id).kind).name}{' '}
          {hasRemedy(plan, id) ? (
            'is in the plan.'
          ) : (
            <Button aria-label={`Practise against ${mistakeName(id, school)}`} onPress={() => addTheory(id)}>
              <Plus aria-hidden="true" /> Add
            </Button>
          )}
        </p>
      ))}
    </div>
  );
}
