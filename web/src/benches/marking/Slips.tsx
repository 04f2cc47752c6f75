import type { LabelStyle } from '@diatonix/core';
import type { ReturnSlip } from '@diatonix/engraving/pdf';
import { Download } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import type { PileQuestion, MarkedPupil } from '../../documents/marking/markPile';
import type { PileBody } from '../../documents/kinds/pile/type';
import { dayWords } from '../../design/dates';
import { PAPER_DESK } from '../../parts/paper';
import { PrintPages } from '../../parts/PrintPages';
import { tableLook } from '../../parts/tableLook';
import { saveSlipsPdf } from '../../pictures/savePdf';
import { handedIn, slipOf } from '../../questions/slip';

const SlipStyle = styled.div`
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
  th:nth-child(2),
  td:nth-child(2) {
    min-width: 5.5rem;
  }
  th:nth-child(3),
  td:nth-child(3) {
    min-width: 4.5rem;
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
  readonly versions: readonly (readonly PileQuestion[])[];
  readonly school: LabelStyle;
}

/** For each pupil what came out: the marks, what is right and why, and what to practise. */
export function Slips({ pile, marked, versions, school }: SlipsProps) {
  const [said, setSaid] = useState('');
  const { paper, landscape } = PAPER_DESK.use((desk) => desk);
  const absent = marked.filter((own) => !handedIn(own)).map(({ pupil }) => pupil.name);
  const slips = marked.filter(handedIn).map((own) => ({
    id: own.pupil.id,
    slip: slipOf(own, versions[own.pupil.version] ?? [], school),
  }));
  if (marked.length === 0) return <p>There are no pupils on this pile yet.</p>;
  if (slips.length === 0) return <p>Nobody on this pile has handed anything in yet.</p>;
  const about = `${pile.title}, ${dayWords(pile.date)}`;
  const pdf = async () => {
    setSaid('The slips are being made…');
    const pages = { slips: slips.map(({ slip }) => slip), about, paper, landscape };
    const wrong = await saveSlipsPdf({ title: `${pile.title}, slips`, pages });
    setSaid(wrong ?? 'The PDF is among your downloads.');
  };
  return (
    <PrintPages
      choices={
        <>
          <Button onPress={() => void pdf()}>
            <Download aria-hidden="true" /> PDF
          </Button>
          <span role="status">{said}</span>
          {absent.length > 0 && <span>Nothing handed in, and so no slip: {absent.join(', ')}.</span>}
        </>
      }
      pages={slips.map(({ id, slip }) => ({
        id,
        title: slip.pupil,
        kind: 'plain' as const,
        about,
        content: (room: number) => (
          <SlipStyle style={{ width: room }}>
            <SlipPage slip={slip} />
          </SlipStyle>
        ),
      }))}
    />
  );
}

function SlipPage({ slip: { got, of, wrong, marks, practise } }: { slip: ReturnSlip }) {
  return (
    <>
      <p>
        <span className="got">{got}</span> of {of} marks
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
            {wrong.map(({ label, asked, wrote, right, notes, working }) => (
              <tr key={label}>
                <td>{label}</td>
                <td>{asked}</td>
                <td>{wrote}</td>
                <td className="right">
                  {right}
                  {notes.map((note) => (
                    <div key={note}>{note}</div>
                  ))}
                  {working && <div className="working">{working}</div>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {marks !== '' && <p className="working">{marks}</p>}
      <p>{practise}</p>
    </>
  );
}
