import {
  answerParts,
  attempt,
  blankNames,
  numeralParts,
  parseKey,
  parseNumeral,
  promptWords,
  type Question,
  type School,
} from '@diatonix/core';
import { memo, type ReactNode } from 'react';
import type { StaffFrame } from '../../columns/types';
import { Figures, NumeralText } from '../../parts/NumeralText';
import type { QuestionStaff } from './questionStaff';

interface QuestionCellProps {
  readonly question: Question;
  readonly number: number;
  readonly frame: StaffFrame | null;
  readonly staff: QuestionStaff | null;
  readonly school: School;
  readonly answers: boolean;
  /** What a press selects; null on paper. */
  readonly onSelect: (() => void) | null;
  readonly selected: boolean;
}

/** Kinds of which an answer, or a part of it, is a numeral. */
const NUMERALS = new Set(['numeral-label', 'figures-name', 'progression-label']);

/** One question: its number, its prompt, its staff, and the lines to fill in. */
export const QuestionCell = memo(function QuestionCell(props: QuestionCellProps) {
  const { question, number, frame, staff, school, answers, onSelect, selected } = props;
  const { kind, given } = question;
  const words = promptWords(question, school);
  // Figures stand over each other beside the key.
  const prompt = kind === 'figures-name' ? words.split(' · ').at(-1)! : words;
  const key = typeof given['key'] === 'string' ? given['key'] : null;
  // A line of chords has a blank under each.
  const [first] = question.answers;
  const row = kind === 'progression-label' && Array.isArray(first) ? (first as string[]) : null;
  const all = question.answers.map((answer) => answerParts(kind, answer, school));
  // Where one line is asked for and several answers are right, all stand on it.
  const single = blankNames(kind).length === 1;
  const parts = row ?? (single ? [all.map(([text]) => text).join(' or ')] : all[0]!);
  const names = row ? row.map(() => '') : blankNames(kind);
  return (
    <div
      className={`question${selected ? ' selected' : ''}`}
      {...(onSelect
        ? {
            role: 'button',
            'aria-pressed': selected,
            'aria-label': `Question ${number}: ${prompt || said(question)}`,
            tabIndex: selected ? 0 : -1,
            onClick: onSelect,
          }
        : {})}
    >
      <div className={`asked ${kind}`}>
        <span className="number">{number}</span>
        {kind === 'figures-name' && <Figures figures={given['figures'] as string[]} />}
        {kind === 'numeral-build' ? (
          <span className="prompt">
            {inKey(String(given['numeral']), key, school)} in {prompt.split(' in ')[1]}
          </span>
        ) : (
          prompt && <span className="prompt">{prompt}</span>
        )}
      </div>
      {staff && frame && (
        <svg
          // A line of chords shrinks where the page is narrow, its blanks with it; other staves fill their column.
          {...(row
            ? {
                viewBox: `0 0 ${staff.width} ${frame.height}`,
                style: { width: '100%', maxWidth: staff.width },
              }
            : { width: '100%', height: frame.height })}
          aria-hidden="true"
        >
          {frame.staves.flatMap((top) =>
            [0, 1, 2, 3, 4].map((line) => (
              <line
                key={`${top} ${line}`}
                className="line"
                x1={frame.joined ? 16 : 0}
                x2="100%"
                y1={top + 10 * line}
                y2={top + 10 * line}
              />
            )),
          )}
          <g dangerouslySetInnerHTML={{ __html: staff.markup }} />
        </svg>
      )}
      <dl {...(row && staff ? { className: 'row', style: { maxWidth: staff.width } } : {})}>
        {names.map((name, at) => {
          const text = parts[at] ?? '';
          const shown = NUMERALS.has(kind) && (row || name !== 'notes') ? inKey(text, key, school) : text;
          const left = row && staff ? `${(100 * staff.xs[at]!) / staff.width}%` : undefined;
          return <Blank key={at} name={name} shown={answers ? shown : ''} left={left} />;
        })}
      </dl>
    </div>
  );
});

/** A numeral as the school writes it; what is none stands as it is. */
function inKey(text: string, key: string | null, school: School): ReactNode {
  const parts = attempt(() => {
    const own = parseKey(key ?? '');
    return numeralParts(parseNumeral(text, own), own, school);
  });
  return parts.ok ? <NumeralText parts={parts.value} /> : text;
}

interface BlankProps {
  readonly name: string;
  readonly shown: ReactNode;
  /** The middle of a blank that stands under its chord. */
  readonly left: string | undefined;
}

function Blank({ name, shown, left }: BlankProps) {
  return (
    <>
      <dt>{name}</dt>
      <dd {...(left === undefined ? {} : { style: { left } })}>{shown}</dd>
    </>
  );
}

/** What stands on the staff, for one who does not see it. */
function said({ given }: Question): string {
  const list = (value: unknown): string => (Array.isArray(value) ? value.map(list).join(' ') : String(value));
  return ['from', 'to', 'note', 'notes', 'chords', 'bass', 'signature']
    .flatMap((field) => (given[field] === undefined ? [] : [list(given[field])]))
    .join(' to ');
}
