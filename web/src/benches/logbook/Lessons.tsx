import { chordMap, parseKey, type School } from '@diatonix/core';
import { Plus, Trash2 } from 'lucide-react';
import { Button, Toggle } from '../../design/controls';
import type { SchoolClass } from '../../documents/kinds/schoolClass';
import { Numeral } from '../../parts/NumeralText';
import { LogbookStyle } from './LogbookStyle';
import { addLesson, changeLesson, removeLesson, teach } from './state';
import { today } from '../../documents/today';

const MODES = { major: parseKey('C major'), minor: parseKey('A minor') } as const;

/** The lessons of a class from the last, and what it has been taught. */
export function Lessons({ body, school }: { body: SchoolClass; school: School }) {
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
                <input
                  type="date"
                  aria-label="Date of the lesson"
                  value={date}
                  onChange={(event) => event.target.value && changeLesson(id, { date: event.target.value })}
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
                  <textarea
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
      <h2>What has been taught</h2>
      {(['major', 'minor'] as const).map((mode) => (
        <p key={mode} className="degrees" role="group" aria-label={`Degrees taught in ${mode}`}>
          {mode}{' '}
          {chordMap(MODES[mode]).map(({ degree, numeral }) => (
            <Toggle
              key={degree}
              isSelected={!body.notYetTaught[mode].includes(degree)}
              onChange={() => teach(mode, degree)}
            >
              <Numeral numeral={numeral} keyOf={MODES[mode]} school={school} />
            </Toggle>
          ))}
        </p>
      ))}
    </LogbookStyle>
  );
}
