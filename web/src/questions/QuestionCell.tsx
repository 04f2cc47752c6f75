import {
  answeredStaff,
  blankLines,
  changedKey,
  keyWords,
  parseKey,
  kindOf,
  layoutOf,
  printNote,
  promptParts,
  promptWords,
  momentsOnStaff,
  staffLayout,
  underStaff,
  type AnswerFormName,
  type Question,
  type LabelStyle,
} from '@diatonix/core';
import { memo, type ReactNode } from 'react';
import type { StaffFrame } from '../columns/types';
import type { Scrap } from '../documents/kinds/sheet/type';
import type { Engraver } from '@diatonix/engraving';
import { MapTable } from './MapTable';
import { inKey, keyTextOf, PromptText } from './PromptText';
import { questionStaff, type QuestionStaff } from '@diatonix/engraving';
import { Scratch } from './Scratch';
import { SoughtChords } from './Sought';
import { StaffPicture } from './StaffPicture';
import { UnderStaff } from './UnderStaff';

interface QuestionCellProps {
  readonly question: Question;
  readonly number: number;
  readonly frame: StaffFrame | null;
  readonly staff: QuestionStaff | null;
  readonly engraver: Engraver | null;
  readonly school: LabelStyle;
  readonly answers: boolean;
  readonly scrap: Scrap;
  /** How the answer is worked out, as far as it stands on the page. */
  readonly working?: readonly string[];
  /** What a press selects; null on paper. */
  readonly onSelect: (() => void) | null;
  readonly selected: boolean;
}

/** Answers of which a part is a numeral. */
const WITH_NUMERALS: readonly AnswerFormName[] = ['numeral', 'figured', 'labels'];

/** One question: its number, its prompt, its staff, and the lines to fill in. */
export const QuestionCell = memo(function QuestionCell(props: QuestionCellProps) {
  const {
    question,
    number,
    frame,
    staff,
    engraver,
    school,
    answers,
    scrap,
    onSelect,
    selected,
    working = [],
  } = props;
  const { form, prompt } = layoutOf(question);
  const parts = promptParts(question, school);
  const key = keyTextOf(question);
  const under = underStaff(question);
  // What is set in voices is answered on the staff.
  const answered = answers && under && !under.blank && engraver && frame;
  const drawn = answered
    ? questionStaff(engraver, frame, answeredStaff(question), { asked: staffLayout(question) })
    : staff;
  return (
    <div
      className={`question${selected ? ' selected' : ''}`}
      {...(onSelect
        ? {
            role: 'button',
            'aria-pressed': selected,
            'aria-label': `Question ${number}: ${promptWords(question, school) || said(question)}`,
            tabIndex: selected ? 0 : -1,
            onClick: onSelect,
          }
        : {})}
    >
      <div className={`asked ${prompt?.say === 'figures' ? 'figured' : ''}`}>
        <span className="number">{number}</span>
        {parts.length > 0 && form !== 'target' && (
          <span className="prompt">
            <PromptText parts={parts} keyText={key} school={school} />
          </span>
        )}
      </div>
      {form === 'target' && (
        <SoughtChords question={question} numeral={(text) => inKey(text, key, school)} answers={answers} />
      )}
      {form === 'table' && <MapTable question={question} school={school} answers={answers} />}
      {drawn && frame && (
        <StaffPicture frame={frame} staff={drawn} shrinks={under !== null}>
          {under && !under.blank && (
            <UnderStaff texts={under.texts} staff={drawn} keyText={key} school={school} />
          )}
        </StaffPicture>
      )}
      {under?.blank && drawn ? (
        <div className={`row ${under.changes.length > 0 ? 'in-keys' : ''}`} style={{ maxWidth: drawn.width }}>
          {under.texts.map((text, at) => (
            <span key={at} className="filled" style={{ left: `${(100 * drawn.xs[at]!) / drawn.width}%` }}>
              {answers && inKey(String(text), changedKey(under, at) ?? key, school)}
            </span>
          ))}
          {under.changes.map((change) => (
            <b key={change.at} style={{ left: `${(100 * drawn.xs[change.at]!) / drawn.width}%` }}>
              {keyWords(parseKey(change.key), school)}
            </b>
          ))}
        </div>
      ) : null}
      <Blanks {...props} keyText={key} />
      {working.length > 0 && <p className="working">{working.join(' ')}</p>}
      {!answers && <Scratch scrap={scrap} />}
    </div>
  );
});

/** The lines to fill in, each with its name; on the answer page with what is right. */
function Blanks({
  question,
  school,
  answers,
  keyText,
}: QuestionCellProps & { readonly keyText: string | null }) {
  const withNumerals = WITH_NUMERALS.includes(kindOf(question.kind).answer.name);
  const lines = blankLines(question, school);
  if (lines.length === 0) return null;
  return (
    <dl>
      {lines.map(({ name, text }, at) => {
        const shown = withNumerals && name !== 'notes' ? inKey(text, keyText, school) : text;
        return <Blank key={at} name={name} shown={answers ? shown : ''} />;
      })}
    </dl>
  );
}

function Blank({ name, shown }: { readonly name: string; readonly shown: ReactNode }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{shown}</dd>
    </>
  );
}

/** What stands on the staff, for one who does not see it. */
const said = (question: Question): string =>
  momentsOnStaff(question)
    .map((notes) => notes.map(printNote).join(' '))
    .join(' to ');
