import { markAnswer, withSigns, type LabelStyle, type Question } from '@diatonix/core';
import { X } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { useSchool } from '../../documents/store/use';
import { BarChart, type BarRow } from '../../parts/BarChart';
import { useCurtain } from '../../parts/curtain';
import { OneQuestion } from '../../questions/OneQuestion';
import { instructionOf, rightWords } from '../../questions/words';
import { endQuick } from './lead';
import { useClassroom, type QuickRound } from './store';

const Card = styled.section`
  position: fixed;
  right: 1rem;
  bottom: 1rem;
  z-index: 15;
  width: min(26rem, calc(100vw - 2rem));
  max-height: 70vh;
  overflow-y: auto;
  padding: 0.9rem 1.1rem;
  border: 2px solid var(--mark);
  border-radius: 4px;
  background: var(--sheet);
  @media print {
    display: none;
  }
`;

/** In the place of the bench: large, so that it is read from the back. */
const OnBoard = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(16rem, 2fr);
  gap: 1.5rem 3rem;
  align-items: start;
  max-width: 84rem;
  margin: 0 auto;
  h2 {
    font-size: 1.6rem;
  }
  /* As large as the room allows: it is read from the back. */
  .question {
    zoom: 1.5;
  }
  .question .number {
    display: none;
  }
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Answers = styled.div`
  h2 {
    margin: 0 0 0.3rem;
    font-size: 1.1rem;
  }
  p {
    margin: 0.3rem 0;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-top: 0.6rem;
  }
  .right {
    font:
      400 1.2rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
`;

const MOST_ROWS = 8;

/** What the class answers to the question that is asked now, as a small chart; what is right when it is wanted. */
export default function QuickPanel() {
  const quick = useClassroom((state) => state.quick);
  return quick && <Panel key={quick.id} quick={quick} />;
}

/** In the place of the bench, whose labels would say the answer; beside it where the bench is wanted. */
function Panel({ quick }: { readonly quick: QuickRound }) {
  const [covers, setCovers] = useState(true);
  const onBoard = useCurtain(({ shown }) => shown > 0);
  const school = useSchool();
  const { question } = quick;
  const answers = (
    <ClassAnswers quick={quick} school={school} onBench={covers && onBoard ? () => setCovers(false) : null} />
  );
  useEffect(() => {
    useCurtain.setState({
      content: covers ? (
        <Asked key={quick.id} question={question}>
          {answers}
        </Asked>
      ) : null,
    });
  });
  useEffect(() => () => useCurtain.setState({ content: null }), []);
  if (covers && onBoard) return null;
  return (
    <Card aria-label="The class is asked">
      <h2>{instructionOf(question)}</h2>
      {answers}
    </Card>
  );
}

/** The question as the class has it, and what comes in beside it. */
function Asked({ question, children }: { readonly question: Question; readonly children: ReactNode }) {
  const school = useSchool();
  return (
    <OnBoard aria-label="The class is asked">
      <div>
        <h2>{instructionOf(question)}</h2>
        <OneQuestion question={question} number={1} school={school} />
      </div>
      {children}
    </OnBoard>
  );
}

interface ClassAnswersProps {
  readonly quick: QuickRound;
  readonly school: LabelStyle;
  /** Shows the bench again; null where it is not covered. */
  readonly onBench: (() => void) | null;
}

function ClassAnswers({ quick, school, onBench }: ClassAnswersProps) {
  const [solved, setSolved] = useState(false);
  const here = useClassroom(({ pupils }) => Object.values(pupils).filter((one) => one.here).length);
  const answered = Object.keys(quick.came).length;
  const rows = rowsOf(quick, school, solved);
  return (
    <Answers>
      <p role="status">
        {answered} of {here} {here === 1 ? 'has' : 'have'} answered.
      </p>
      {rows.length > 0 && (
        <BarChart
          label="What the class answers"
          rows={rows}
          heads={['Answer', 'Pupils', 'Right or wrong']}
          most={Math.max(here, answered)}
          width={380}
          names={150}
        />
      )}
      {solved && <p className="right">{rightWords(quick.question, school)}</p>}
      <div className="row">
        <Button onPress={() => setSolved(!solved)}>
          {solved ? 'Cover what is right' : 'Show what is right'}
        </Button>
        {onBench && <Button onPress={onBench}>Show the bench</Button>}
        <Button onPress={endQuick}>
          <X aria-hidden="true" /> End the question
        </Button>
      </div>
    </Answers>
  );
}

/** The answers by how many gave each; which are right is said only when that is shown. */
function rowsOf({ question, came }: QuickRound, school: LabelStyle, solved: boolean): BarRow[] {
  const counts = new Map<string, number>();
  for (const text of Object.values(came)) counts.set(text, (counts.get(text) ?? 0) + 1);
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_ROWS)
    .map(([text, value]) => {
      const right = solved && markAnswer(question, text, { school }).verdict === 'right';
      return {
        id: text,
        name: `${right ? '✓ ' : ''}${withSigns(text)}`,
        value,
        note: solved ? (right ? 'right' : 'wrong') : '',
      };
    });
}
