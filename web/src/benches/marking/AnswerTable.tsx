import type { LabelStyle } from '@diatonix/core';
import type { ReactNode } from 'react';
import type { PileQuestion, Marked, MarkedPupil } from '../../documents/marking/markPile';
import { AnswerField } from './AnswerField';
import { TableStyle } from './TableStyle';
import { askedWords, causeName, rightWords } from '../../questions/words';

interface AnswerTableProps {
  /** The pile's id. */
  readonly pile: string;
  readonly own: MarkedPupil;
  readonly asked: readonly PileQuestion[];
  readonly place: number;
  readonly school: LabelStyle;
  readonly onPlace: (place: number) => void;
  readonly onPupil: (by: 1 | -1) => void;
  readonly onEnter: (question: string, answer: string) => void;
}

/** The answers of one pupil, a line each: typed, marked at once, and the total. */
export function AnswerTable({
  pile,
  own,
  asked,
  place,
  school,
  onPlace,
  onPupil,
  onEnter,
}: AnswerTableProps) {
  const { pupil, answers, got, of } = own;
  const step = (from: number) => (by: 1 | -1) => {
    const next = from + by;
    if (next >= asked.length) onPupil(1);
    else onPlace(Math.max(0, next));
  };
  const open = asked.length - answers.size;
  return (
    <TableStyle className="answers">
      <h2>{pupil.name}</h2>
      <p className="total" role="status">
        <b>{got}</b> of {of}
        {open > 0 && `, ${open} open`}
      </p>
      <table>
        <AnswersHead of={<span className="visually-hidden">Question</span>} />
        <tbody>
          {asked.map(({ id, label, question, marks }, at) => {
            const marked = answers.get(id) ?? null;
            return (
              <tr key={id} className={at === place ? 'here' : ''}>
                <th scope="row">{label}</th>
                <td className="asked">{askedWords(question, school)}</td>
                <td className="answer">
                  <AnswerField
                    label={`Answer to ${label}: ${askedWords(question, school)}`}
                    place={{ pile, pupil: pupil.id, question: id }}
                    value={marked?.entry.answer ?? ''}
                    isHere={at === place}
                    onHere={() => at !== place && onPlace(at)}
                    onEnter={(answer) => onEnter(id, answer)}
                    onStep={step(at)}
                    onPupil={onPupil}
                  />
                </td>
                <ResultCell
                  marked={marked}
                  right={rightWords(question, school)}
                  cause={causeName(marked, school)}
                />
                <MarksCell marked={marked} of={marks} />
              </tr>
            );
          })}
        </tbody>
      </table>
    </TableStyle>
  );
}

/** The heads over answers, those of the first column as they are counted. */
export function AnswersHead({ of }: { readonly of: ReactNode }) {
  return (
    <thead>
      <tr>
        <th scope="col">{of}</th>
        <th scope="col" className="asked">
          Asked
        </th>
        <th scope="col">Answer</th>
        <th scope="col">Correction</th>
        <th scope="col" className="marks">
          Marks
        </th>
      </tr>
    </thead>
  );
}

interface ResultProps {
  readonly marked: Marked | null;
  readonly right: string;
  readonly cause: string;
}

/** What is said of an answer beside it. */
export function ResultCell({ marked, right, cause }: ResultProps) {
  if (!marked) return <td className="result" />;
  if (marked.verdict === 'right') return <td className="result">✓</td>;
  if (marked.verdict === 'unreadable')
    return (
      <td className="result">
        <span>not read</span>
        <small>{marked.marking?.error?.message}</small>
      </td>
    );
  return (
    <td className="result">
      {right}
      {marked.marking?.follows ? <small>right for what was written</small> : cause && <small>{cause}</small>}
    </td>
  );
}

/** The marks an answer has; those of an open one are wanting. */
export function MarksCell({ marked, of }: { readonly marked: Marked | null; readonly of: number }) {
  return (
    <td className={marked ? 'marks' : 'marks open'}>
      {marked ? marked.got : ''} <i>/ {of}</i>
    </td>
  );
}
