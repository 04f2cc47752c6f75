import {
  answeredStaff,
  instructionWords,
  layoutOf,
  staffLayout,
  underStaff,
  type QuestionLayout,
  type Question,
  type LabelStyle,
  type Sheet,
  type SheetSection,
} from '@diatonix/core';
import { useMemo } from 'react';
import type { Scrap } from '../../documents/kinds/sheet/type';
import type { Engraver } from '@diatonix/engraving';
import { QuestionCell } from '../../questions/QuestionCell';
import { frameOf, questionStaff } from '@diatonix/engraving';

interface SheetPageProps {
  readonly sheet: Sheet;
  readonly engraver: Engraver | null;
  readonly school: LabelStyle;
  readonly answers: boolean;
  readonly scrap: Scrap;
  /** How an answer is worked out, as far as it stands on the page. */
  readonly working?: (question: Question) => readonly string[];
  /** The place of the selected section and question; null on paper. */
  readonly selected: readonly [section: number, question: number] | null;
  readonly onSelect: ((section: number, question: number) => void) | null;
}

/** The sections of a version of a sheet, as they will print. */
export function SheetPage({ sheet, selected, onSelect, ...look }: SheetPageProps) {
  return (
    <>
      {sheet.sections.map((section, at) => (
        <Section
          key={at}
          {...look}
          section={section}
          number={at + 1}
          selected={selected?.[0] === at ? selected[1] : -1}
          onSelect={onSelect && ((question) => onSelect(at, question))}
        />
      ))}
      <div className="foot">
        <span>{sheet.code}</span>
        <span>{sheet.marks} marks</span>
      </div>
    </>
  );
}

interface SectionProps extends Pick<SheetPageProps, 'engraver' | 'school' | 'answers' | 'scrap' | 'working'> {
  readonly section: SheetSection;
  readonly number: number;
  readonly selected: number;
  readonly onSelect: ((question: number) => void) | null;
}

/** A question without notes is so wide at least, in pixels. */
const LEAST_WIDTH = 168;
/** What is filled in over the whole page, and what is written in words. */
const WIDE: Partial<Record<QuestionLayout['form'], number>> = { table: 560, 'own-words': 420, target: 330 };

function Section(props: SectionProps) {
  const { section, number, engraver, school, answers, scrap, working, selected, onSelect } = props;
  const { marks, questions } = section;
  const { frame, staves } = useMemo(() => {
    const puts = questions.map(staffLayout);
    const labelled = questions.some((question) => underStaff(question) !== null);
    // Answers in voices may lie higher and lower than what stands.
    const frame = frameOf([...puts, ...questions.map(answeredStaff)]);
    return {
      frame,
      staves: puts.map((put) =>
        engraver && frame ? questionStaff(engraver, frame, put, { labelled }) : null,
      ),
    };
  }, [questions, engraver]);
  const least = Math.max(LEAST_WIDTH, ...questions.map((one) => WIDE[layoutOf(one).form] ?? 0));
  const width = Math.max(least, ...staves.map((staff) => (staff?.width ?? 0) + 12));
  return (
    <section className="section" aria-label={`Section ${number}`}>
      <header>
        <h3>
          <b>{number}</b> {instructionWords(section)}
        </h3>
        {marks > 0 && <span className="marks">{marks * questions.length}</span>}
      </header>
      <div
        className="questions"
        style={{ gridTemplateColumns: `repeat(auto-fill, minmax(min(100%, ${width}px), 1fr))` }}
      >
        {questions.map((question, at) => (
          <QuestionCell
            key={question.id}
            question={question}
            number={at + 1}
            frame={frame}
            staff={staves[at]!}
            engraver={engraver}
            scrap={scrap}
            school={school}
            answers={answers}
            {...(working ? { working: working(question) } : {})}
            selected={selected === at}
            onSelect={onSelect && (() => onSelect(at))}
          />
        ))}
      </div>
    </section>
  );
}
