import { causeSentence, kindWords, questionWorking, remedyOf, type School } from '@diatonix/core';
import styled from 'styled-components';
import type { Asked, MarkedPupil } from '../../documents/markPile';
import type { PileBody } from '../../documents/kinds/pile';
import { PrintPages } from '../../parts/PrintPages';
import { tableLook } from '../../parts/tableLook';
import { askedWords, rightWords } from './words';

const Slip = styled.div`
  font-size: 0.95rem;
  .got {
    color: var(--correction);
    font:
      600 1.4rem 'Source Serif 4',
      serif;
    print-color-adjust: exact;
  }
  ${tableLook}
  table {
    width: 100%;
    margin: 0.5rem 0;
  }
  th,
  td {
    padding: 0.25rem 0.6rem 0.25rem 0;
    vertical-align: top;
  }
  .working {
    color: var(--soft);
    font-size: 0.85rem;
  }
  .right {
    color: var(--correction);
    print-color-adjust: exact;
  }
`;

interface SlipsProps {
  readonly pile: PileBody;
  readonly marked: readonly MarkedPupil[];
  readonly versions: readonly (readonly Asked[])[];
  readonly school: School;
}

/** For each pupil what came out: the marks, what is right and why, and what to practise. */
export function Slips({ pile, marked, versions, school }: SlipsProps) {
  if (marked.length === 0) return <p>There are no pupils on this pile yet.</p>;
  return (
    <PrintPages
      pages={marked.map((own) => ({
        id: own.pupil.id,
        title: own.pupil.name,
        kind: 'plain' as const,
        about: `${pile.title}, ${pile.date}`,
        content: (room: number) => (
          <Slip style={{ width: room }}>
            <SlipOf own={own} asked={versions[own.pupil.version] ?? []} school={school} />
          </Slip>
        ),
      }))}
    />
  );
}

const MOST_REMEDIES = 3;

function SlipOf({ own, asked, school }: { own: MarkedPupil; asked: readonly Asked[]; school: School }) {
  const wrong = asked.flatMap((one) => {
    const marked = own.answers.get(one.id);
    return marked && (marked.verdict !== 'right' || marked.entry.remark) ? [{ ...one, marked }] : [];
  });
  const causes = wrong.flatMap(({ marked }) => marked.marking?.causes[0]?.mistakes ?? []);
  const remedies = [...new Set(causes.map((id) => remedyOf(id).kind))].slice(0, MOST_REMEDIES);
  return (
    <>
      <p>
        <span className="got">{own.got}</span> of {own.of} marks
      </p>
      {wrong.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">Question</th>
              <th scope="col">Asked</th>
              <th scope="col">You wrote</th>
              <th scope="col">Right is</th>
            </tr>
          </thead>
          <tbody>
            {wrong.map(({ id, label, question, marked }) => (
              <tr key={id}>
                <td>{label}</td>
                <td>{askedWords(question, school)}</td>
                <td>{marked.entry.answer}</td>
                <td className="right">
                  {rightWords(question, school)}
                  {marked.marking?.causes[0] && <div>{causeSentence(marked.marking.causes[0])}</div>}
                  {marked.marking?.follows && <div>Right for what you wrote before.</div>}
                  {marked.entry.remark && <div>{marked.entry.remark}</div>}
                  {marked.verdict === 'wrong' && (
                    <div className="working">{questionWorking(question, school).join(' ')}</div>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p>
        {remedies.length > 0
          ? `To practise: ${remedies.map((kind) => kindWords(kind).name.toLowerCase()).join(', ')}.`
          : 'All right: go on.'}
      </p>
    </>
  );
}
