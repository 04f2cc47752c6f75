import { mistakeName, withSigns, type LabelStyle } from '@diatonix/core';
import { ClipboardList } from 'lucide-react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import type { PileQuestion, MarkedPupil } from '../../documents/marking/markPile';
import {
  causeResults,
  questionResults,
  suggestions,
  type Suggestion,
} from '../../documents/marking/pileResults';
import { causeText } from '../../questions/words';
import { addSectionToSheet } from '../../documents/kinds/sheet/addQuestions';
import { BarChart } from '../../parts/BarChart';
import { TableStyle } from './TableStyle';

const Results = styled.div`
  display: grid;
  gap: 1.6rem;
  h2 {
    margin: 0 0 0.4rem;
  }
  .next {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 0.5rem;
  }
  .next li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 1rem;
  }
  .wrong {
    color: var(--correction);
  }
`;

interface ClassViewProps {
  readonly marked: readonly MarkedPupil[];
  /** The questions of version A: versions count together by their places. */
  readonly asked: readonly PileQuestion[];
  readonly school: LabelStyle;
}

const MOST_WRONG = 3;

/** What the class answered: what to teach next, the causes, and question by question the wrong answers. */
export function ClassResults({ marked, asked, school }: ClassViewProps) {
  const questions = questionResults(marked, asked);
  const causes = causeResults(marked, asked);
  const next = suggestions(causes, marked.length);
  if (!marked.some(({ answers }) => answers.size > 0)) return <p>Nothing has been marked yet.</p>;
  return (
    <Results>
      <section aria-label="What to teach next">
        <h2>What to teach next</h2>
        {next.length === 0 ? (
          <p>No mistake is shared by several pupils.</p>
        ) : (
          <ul className="next">
            {next.map((one) => (
              <li key={one.cause}>
                {one.sentence}
                <Button onPress={() => put(one)}>
                  <ClipboardList aria-hidden="true" /> Put it on a sheet
                </Button>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-label="Causes">
        <h2>Causes</h2>
        <BarChart
          label="How many pupils made each mistake"
          rows={causes.slice(0, 10).map(({ id, count, pupils }) => ({
            id,
            name: mistakeName(id, school),
            value: pupils.length,
            note: `${count} ${count === 1 ? 'answer' : 'answers'}: ${pupils.join(', ')}`,
          }))}
          heads={['Mistake', 'Pupils', 'Where']}
          most={marked.length}
        />
      </section>
      <TableStyle>
        <h2>Question by question</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">Question</th>
              <th scope="col">Right</th>
              <th scope="col">Wrong answers</th>
            </tr>
          </thead>
          <tbody>
            {questions
              .filter(({ answered }) => answered > 0)
              .map(({ id, label, right, answered, wrong }) => (
                <tr key={id}>
                  <th scope="row">{label}</th>
                  <td>
                    {right} of {answered}
                  </td>
                  <td className="wrong">
                    {wrong.slice(0, MOST_WRONG).map(({ answer, count, cause }) => (
                      <div key={`${answer} ${cause?.mistakes.join(' ')}`}>
                        {count} × {withSigns(answer)}
                        {cause && `: ${causeText(cause, school)}`}
                      </div>
                    ))}
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </TableStyle>
    </Results>
  );
}

function put({ kind, material }: Suggestion): void {
  addSectionToSheet(kind, material);
}
