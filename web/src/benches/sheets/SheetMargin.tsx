import {
  askingOf,
  attempt,
  kindWords,
  sayStep,
  sentenceText,
  type Question,
  type School,
} from '@diatonix/core';
import { Shuffle } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, fieldLook } from '../../design/controls';
import { Margin, Ways } from '../../design/Margin';
import type { SheetSectionBody } from '../../documents/kinds/sheet';
import { NumberedSentences } from '../../parts/Working';
import { MaterialForm } from './MaterialForm';
import { countQuestions, exchange, giveMarks, instruct } from './state';

const Fields = styled.div`
  display: grid;
  gap: 0.6rem;
  margin-top: 0.8rem;
  label {
    display: grid;
    grid-template-columns: 6.5rem 1fr;
    align-items: center;
    color: var(--soft);
    font-size: 0.875rem;
  }
  input,
  textarea {
    ${fieldLook}
    width: 100%;
    font-size: 0.9rem;
  }
  .bars {
    display: flex;
    align-items: flex-end;
    gap: 3px;
    height: 1.6rem;
    margin: 0.2rem 0;
  }
  .bars i {
    flex: 0 0 1.6rem;
    background: var(--ink);
  }
  .parts {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

const TABS = { answer: 'Answer', material: 'Material' } as const;

interface SheetMarginProps {
  readonly section: SheetSectionBody;
  readonly number: string;
  readonly place: number;
  readonly question: Question | null;
  readonly school: School;
  readonly problem: string | null;
}

/** The selected question: its answer with the working, how hard it is, another one; and what its section asks of. */
export function SheetMargin({ section, number, place, question, school, problem }: SheetMarginProps) {
  const [tab, setTab] = useState<keyof typeof TABS>('answer');
  return (
    <Margin>
      <h2>{`Question ${number}`}</h2>
      <p className="about">{kindWords(section.kind).name}</p>
      <Ways
        label="What the margin shows"
        ways={(Object.keys(TABS) as (keyof typeof TABS)[]).map((id) => ({ id, name: TABS[id] }))}
        chosen={tab}
        onChoose={(id) => setTab(id as keyof typeof TABS)}
      >
        {tab === 'material' ? (
          <MaterialForm section={section} />
        ) : question ? (
          <Answer question={question} school={school} />
        ) : (
          <p>{problem}</p>
        )}
      </Ways>
      <div className="doings">
        <Button isDisabled={!question} onPress={() => exchange(section.id, place)}>
          <Shuffle aria-hidden="true" /> Another one
        </Button>
      </div>
      <Fields key={section.id}>
        <NumberField
          name="Questions"
          value={section.count}
          least={1}
          most={200}
          onChange={(count) => countQuestions(section.id, count)}
        />
        <NumberField
          name="Marks for each"
          value={section.marks}
          least={0}
          most={100}
          onChange={(marks) => giveMarks(section.id, marks)}
        />
        <label>
          Instruction
          <textarea
            rows={2}
            value={section.instruction}
            maxLength={500}
            placeholder={kindWords(section.kind).instruction}
            onChange={(event) => instruct(section.id, event.target.value)}
          />
        </label>
      </Fields>
    </Margin>
  );
}

function Answer({ question, school }: { question: Question; school: School }) {
  const steps = attempt(() => askingOf(question.kind).steps(question.given));
  const sentences = steps.ok ? steps.value.map((step) => [sentenceText(sayStep(step, school), school)]) : [];
  const parts = Object.entries(question.difficulty.parts);
  return (
    <>
      <NumberedSentences sentences={sentences} school={school} />
      <Fields>
        <div>
          <span className="parts">Difficulty {question.difficulty.total}</span>
          <div className="bars" aria-hidden="true">
            {parts.map(([part, value]) => (
              <i key={part} style={{ height: `${Math.min(100, value * 50)}%` }} />
            ))}
          </div>
          <span className="parts">{parts.map(([part, value]) => `${part} ${value}`).join(' · ')}</span>
        </div>
      </Fields>
    </>
  );
}

interface NumberFieldProps {
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

function NumberField({ name, value, least, most, onChange }: NumberFieldProps) {
  return (
    <label>
      {name}
      <input
        type="number"
        min={least}
        max={most}
        value={value}
        onChange={(event) => {
          const next = Math.round(Number(event.target.value));
          if (event.target.value !== '' && next >= least && next <= most) onChange(next);
        }}
      />
    </label>
  );
}
