import { markAnswer, withSigns, type LabelStyle } from '@diatonix/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { useSchool } from '../../documents/store/use';
import { BarChart, type BarRow } from '../../parts/BarChart';
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
  h2 {
    margin: 0 0 0.3rem;
    font-size: 1.1rem;
  }
  p {
    margin: 0.3rem 0;
  }
  .row {
    display: flex;
    gap: 0.5rem;
    margin-top: 0.6rem;
  }
  .right {
    font:
      400 1.2rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  @media print {
    display: none;
  }
`;

const MOST_ROWS = 8;

/** What the class answers to the question that is asked now, as a small chart; what is right when it is wanted. */
export default function QuickPanel() {
  const quick = useClassroom((state) => state.quick);
  return quick && <Panel key={quick.id} quick={quick} />;
}

function Panel({ quick }: { readonly quick: QuickRound }) {
  const school = useSchool();
  const [solved, setSolved] = useState(false);
  const here = useClassroom(({ pupils }) => Object.values(pupils).filter((one) => one.here).length);
  const { question } = quick;
  const answered = Object.keys(quick.came).length;
  const rows = rowsOf(quick, school, solved);
  return (
    <Card aria-label="The class is asked">
      <h2>{instructionOf(question)}</h2>
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
      {solved && <p className="right">{rightWords(question, school)}</p>}
      <div className="row">
        <Button onPress={() => setSolved(!solved)}>
          {solved ? 'Cover what is right' : 'Show what is right'}
        </Button>
        <Button onPress={endQuick}>
          <X aria-hidden="true" /> End the question
        </Button>
      </div>
    </Card>
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
