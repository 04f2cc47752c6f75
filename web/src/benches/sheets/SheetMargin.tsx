import { HearQuestion } from '../../questions/HearQuestion';
import { TextArea } from '../../design/fields/TextInput';
import {
  kindWords,
  questionWorking,
  OWN_WORDS,
  type Question,
  type LabelStyle,
  type WorkingWays,
} from '@diatonix/core';
import { ArrowLeft, ArrowRight, Shuffle } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../design/controls';
import { Margin, WayChoice } from '../../design/Margin';
import type { SheetSectionBody } from '../../documents/kinds/sheet/type';
import { SoundNote } from '../../parts/SoundNote';
import { NumberInput } from '../../design/fields/NumberInput';
import { NumberedSentences } from '../../parts/Working';
import { SHEETS_DESK } from './desk';
import { EditQuestion } from './EditQuestion';
import { MarginFields } from '../../parts/MarginFields';
import { PartMarks } from './PartMarks';
import { MaterialForm } from './MaterialForm';
import { countQuestions, exchange, giveMarks, instruct, moveQuestion, placeOfQuestion } from './state';

const TABS = { answer: 'Answer', question: 'Question', material: 'Material' } as const;

interface SheetMarginProps {
  readonly section: SheetSectionBody;
  readonly number: string;
  readonly place: number;
  readonly question: Question | null;
  readonly school: LabelStyle;
  readonly problem: string | null;
  /** In which way intervals and chords are worked out. */
  readonly ways: WorkingWays;
}

/** The selected question: its answer with the working, how hard it is, another one; and what its section asks of. */
export function SheetMargin({ section, number, place, question, school, problem, ways }: SheetMarginProps) {
  const [tab, setTab] = useState<keyof typeof TABS>('answer');
  const kept = section.pinned?.some((one) => one.place === placeOfQuestion(section, place)) === true;
  return (
    <Margin>
      <h2>{`Question ${number}`}</h2>
      <p className="about">
        {kindWords(section.kind).name}
        {kept && ', kept'}
      </p>
      <WayChoice
        label="What the margin shows"
        ways={(Object.keys(TABS) as (keyof typeof TABS)[]).map((id) => ({ id, name: TABS[id] }))}
        chosen={tab}
        onChoose={(id) => setTab(id as keyof typeof TABS)}
      >
        {tab === 'material' ? (
          <MaterialForm section={section} />
        ) : question && tab === 'question' ? (
          <EditQuestion section={section.id} at={place} question={question} kept={kept} school={school} />
        ) : question ? (
          <Answer question={question} school={school} ways={ways} />
        ) : (
          <p>{problem}</p>
        )}
      </WayChoice>
      <div className="doings" style={{ gap: '0.2rem' }}>
        <Button
          isDisabled={!question || section.kind === OWN_WORDS}
          onPress={() => exchange(section.id, place)}
        >
          <Shuffle aria-hidden="true" /> Another one
        </Button>
        {question && <HearQuestion question={question} />}
        <Button
          aria-label="Move the question forward"
          isDisabled={place === 0}
          onPress={() => {
            moveQuestion(section.id, place, -1);
            SHEETS_DESK.set({ question: place - 1 });
          }}
        >
          <ArrowLeft aria-hidden="true" />
        </Button>
        <Button
          aria-label="Move the question back"
          isDisabled={place >= section.count - 1}
          onPress={() => {
            moveQuestion(section.id, place, 1);
            SHEETS_DESK.set({ question: place + 1 });
          }}
        >
          <ArrowRight aria-hidden="true" />
        </Button>
      </div>
      <SoundNote />
      <MarginFields key={section.id}>
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
        {question && <PartMarks section={section} question={question} />}
        <label>
          Instruction
          <TextArea
            rows={2}
            value={section.instruction}
            maxLength={500}
            placeholder={kindWords(section.kind).instruction}
            onChange={(event) => instruct(section.id, event.target.value)}
          />
        </label>
      </MarginFields>
    </Margin>
  );
}

interface AnswerProps {
  readonly question: Question;
  readonly school: LabelStyle;
  readonly ways: WorkingWays;
}

function Answer({ question, school, ways }: AnswerProps) {
  const sentences = questionWorking(question, school, ways).map((sentence) => [sentence]);
  const parts = Object.entries(question.difficulty.parts);
  return (
    <>
      <NumberedSentences sentences={sentences} school={school} />
      <MarginFields>
        <div>
          <span className="parts">Difficulty {question.difficulty.total}</span>
          <div className="bars" aria-hidden="true">
            {parts.map(([part, value]) => (
              <i key={part} style={{ height: `${Math.min(100, value * 50)}%` }} />
            ))}
          </div>
          <span className="parts">{parts.map(([part, value]) => `${part} ${value}`).join(' · ')}</span>
        </div>
      </MarginFields>
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
      <NumberInput value={value} min={least} max={most} onNumber={onChange} />
    </label>
  );
}
