import {
  answeredPut,
  attempt,
  blankLines,
  numeralParts,
  parseKey,
  parseNumeral,
  promptWords,
  putOf,
  underStaff,
  type Question,
  type School,
} from '@diatonix/core';
import { memo, type ReactNode } from 'react';
import type { StaffFrame } from '../columns/types';
import type { Scrap } from '../documents/kinds/sheet';
import type { Engraver } from '@diatonix/engraving';
import { Figures, NumeralText } from '../parts/NumeralText';
import { MapTable } from './MapTable';
import { questionStaff, type QuestionStaff } from '@diatonix/engraving';
import { Scratch } from './Scratch';
import { Sought } from './Sought';
import { StaffPicture } from './StaffPicture';

interface QuestionCellProps {
  readonly question: Question;
  readonly number: number;
  readonly frame: StaffFrame | null;
  readonly staff: QuestionStaff | null;
  readonly engraver: Engraver | null;
  readonly school: School;
  readonly answers: boolean;
  readonly scrap: Scrap;
  /** How the answer is worked out, as far as it stands on the page. */
  readonly working?: readonly string[];
  /** What a press selects; null on paper. */
  readonly onSelect: (() => void) | null;
  readonly selected: boolean;
}

/** Kinds of which an answer, or a part of it, is a numeral. */
const NUMERALS = new Set(['numeral-label', 'figures-name', 'progression-label', 'score-label', 'harmonise']);

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
  const { kind, given } = question;
  const words = promptWords(question, school);
  // Figures stand over each other beside the key.
  const prompt = kind === 'figures-name' ? words.split(' · ').at(-1)! : words;
  const key = typeof given['key'] === 'string' ? given['key'] : null;
  const under = underStaff(question);
  // What is set in voices is answered on the staff.
  const answered = answers && under && !under.blank && engraver && frame;
  const drawn = answered
    ? questionStaff(engraver, frame, answeredPut(question), { asked: putOf(question) })
    : staff;
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
          prompt &&
          kind !== 'work-back' && (
            <span className="prompt">{kind === 'harmonise' ? taught(question, key, school) : prompt}</span>
          )
        )}
      </div>
      {kind === 'work-back' && (
        <Sought question={question} numeral={(text) => inKey(text, key, school)} answers={answers} />
      )}
      {kind === 'chord-map' && <MapTable question={question} school={school} answers={answers} />}
      {drawn && frame && (
        <StaffPicture frame={frame} staff={drawn} shrinks={under !== null}>
          {under && !under.blank && (
            <UnderStaff texts={under.texts} staff={drawn} keyText={key} school={school} />
          )}
        </StaffPicture>
      )}
      {under?.blank && drawn ? (
        <div className="row" style={{ maxWidth: drawn.width }}>
          {under.texts.map((text, at) => (
            <span key={at} className="filled" style={{ left: `${(100 * drawn.xs[at]!) / drawn.width}%` }}>
              {answers && inKey(String(text), key, school)}
            </span>
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
  const { kind } = question;
  const lines = blankLines(question, school);
  if (lines.length === 0) return null;
  return (
    <dl>
      {lines.map(({ name, text }, at) => {
        const shown = NUMERALS.has(kind) && name !== 'notes' ? inKey(text, keyText, school) : text;
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

interface UnderStaffProps {
  readonly texts: readonly (string | readonly string[])[];
  readonly staff: QuestionStaff;
  readonly keyText: string | null;
  readonly school: School;
}

/** Numerals or figures that are given, each under its chord. */
function UnderStaff({ texts, staff, keyText, school }: UnderStaffProps) {
  return (
    <div className="under">
      {texts.map((text, at) => (
        <span key={at} style={{ left: `${(100 * staff.xs[at]!) / staff.width}%` }}>
          {typeof text === 'string' ? inKey(text, keyText, school) : <Figures figures={text as string[]} />}
        </span>
      ))}
    </div>
  );
}

/** A numeral as the school writes it; what is none stands as it is. */
function inKey(text: string, key: string | null, school: School): ReactNode {
  const parts = attempt(() => {
    const own = parseKey(key ?? '');
    return numeralParts(parseNumeral(text, own), own, school);
  });
  return parts.ok ? <NumeralText parts={parts.value} /> : text;
}

/** The key of a melody and the chords that it is harmonised with. */
function taught(question: Question, key: string | null, school: School): ReactNode {
  const [name] = promptWords(question, school).split(':');
  return (
    <>
      {name}:{' '}
      {(question.given['numerals'] as readonly string[]).map((one) => (
        <span key={one}>{inKey(one, key, school)} </span>
      ))}
    </>
  );
}

/** What stands on the staff, for one who does not see it. */
function said({ given }: Question): string {
  const list = (value: unknown): string =>
    Array.isArray(value) ? value.map(list).join(' ') : value === null ? '' : String(value);
  return ['from', 'to', 'note', 'notes', 'chords', 'bass', 'signature', 'voices', 'basses']
    .flatMap((field) => (given[field] === undefined ? [] : [list(given[field])]))
    .join(' to ');
}
