import { DateField } from '../../design/fields/DateField';
import { TextArea } from '../../design/fields/TextInput';
import { chordMap, parseKey, printNumeral, type LabelStyle } from '@diatonix/core';
import { Plus, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Button, Toggle } from '../../design/controls';
import { degreesKnown, type MarkedPile, type SkillCell } from '../../documents/logbook/logbook';
import type { SchoolClass } from '../../documents/kinds/schoolClass/type';
import { NumeralInKey } from '../../parts/NumeralText';
import { LogbookStyle } from './LogbookStyle';
import { Share } from './Share';
import { addLesson, changeLesson, removeLesson, teach } from './state';
import { today } from '../../documents/store/today';

const MODES = { major: parseKey('C major'), minor: parseKey('A minor') } as const;

interface LessonsProps {
  readonly body: SchoolClass;
  readonly piles: readonly MarkedPile[];
  readonly school: LabelStyle;
}

/** The lessons of a class from the last, and what it has been taught. */
export function Lessons({ body, piles, school }: LessonsProps) {
  const known = useMemo(() => degreesKnown(piles), [piles]);
  const lessons = [...(body.lessons ?? [])].sort((a, b) => (a.date < b.date ? 1 : -1));
  return (
    <LogbookStyle>
      <h2>Lessons</h2>
      <p>
        <Button onPress={() => addLesson(today())}>
          <Plus aria-hidden="true" /> Today’s lesson
        </Button>
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">Date</th>
            <th scope="col">Taught</th>
            <th scope="col">Set</th>
            <th scope="col">Remark</th>
            <th scope="col">
              <span className="visually-hidden">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {lessons.map(({ id, date, taught, set, remark }) => (
            <tr key={id}>
              <td>
                <DateField
                  name="Date of the lesson"
                  value={date}
                  onChange={(day) => changeLesson(id, { date: day })}
                />
              </td>
              {(
                [
                  ['taught', taught],
                  ['set', set],
                  ['remark', remark],
                ] as const
              ).map(([field, value]) => (
                <td key={field}>
                  <TextArea
                    rows={2}
                    aria-label={`${field} on ${date}`}
                    value={value}
                    maxLength={500}
                    onChange={(event) => changeLesson(id, { [field]: event.target.value })}
                  />
                </td>
              ))}
              <td>
                <Button aria-label={`Remove the lesson of ${date}`} onPress={() => removeLesson(id)}>
                  <Trash2 aria-hidden="true" />
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>What has been taught, and what is known of it</h2>
      {(['major', 'minor'] as const).map((mode) => (
        <Taught key={mode} mode={mode} untaught={body.notYetTaught[mode]} known={known} school={school} />
      ))}
    </LogbookStyle>
  );
}

interface TaughtProps {
  readonly mode: 'major' | 'minor';
  readonly untaught: readonly number[];
  readonly known: ReadonlyMap<string, SkillCell>;
  readonly school: LabelStyle;
}

/** Degree by degree of a mode: whether it was taught, and the share of right answers about its chord. */
function Taught({ mode, untaught, known, school }: TaughtProps) {
  const degrees = chordMap(MODES[mode]);
  return (
    <div className="scroll" role="region" aria-label={`Taught and known in ${mode}`} tabIndex={0}>
      <table className="taught">
        <thead>
          <tr>
            <th scope="col">{mode}</th>
            {degrees.map(({ degree, numeral }) => (
              <th key={degree} scope="col" className="share">
                <NumeralInKey numeral={numeral} keyOf={MODES[mode]} school={school} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Taught</th>
            {degrees.map(({ degree, numeral }) => (
              <td key={degree} className="share">
                <Toggle
                  aria-label={`${printNumeral(numeral, MODES[mode])} in ${mode} taught`}
                  isSelected={!untaught.includes(degree)}
                  onChange={() => teach(mode, degree)}
                >
                  {untaught.includes(degree) ? 'not yet' : 'yes'}
                </Toggle>
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">Right</th>
            {degrees.map(({ degree }) => (
              <Share key={degree} cell={known.get(`${mode} ${degree}`)} />
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
