import { SelectField } from '../../design/fields/SelectField';
import { TextInput } from '../../design/fields/TextInput';
import { exactValue, isTimed, lengthWords, parseLength, printLength, USUAL_TICKS } from '@diatonix/core';
import styled from 'styled-components';
import { useSchool } from '../../documents/store/use';
import { fieldLook, Toggle } from '../../design/controls';
import { decide } from './state';
import { useOpenProgression } from './desk';
import type { ProgressionColumn, ColumnRulings } from '../../documents/kinds/progression/type';

const Fields = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
  margin-top: 0.8rem;
  label {
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  input {
    ${fieldLook}
    min-height: 1.85rem;
    padding: 0.15rem 0.4rem;
  }
  .words {
    flex: 1 1 100%;
  }
  .words input {
    flex: 1;
    min-width: 0;
  }
`;

const LENGTHS = ['4', '3', '2', '3/2', '1', '3/4', '1/2', '1/4'];

interface ColumnTimeProps {
  readonly column: ProgressionColumn;
  /** Every selected column: they get the same length. */
  readonly ids: readonly string[];
}

/** How long a column lasts, repeats at it, and words under it. */
export function ColumnTime({ column, ids }: ColumnTimeProps) {
  const school = useSchool();
  const timed = isTimed(useOpenProgression()?.body.columns ?? []);
  const length = column.length ?? printLength(USUAL_TICKS);
  const set = (rulings: Partial<ColumnRulings>, off: keyof ColumnRulings, on: boolean) =>
    decide(column.id, on ? rulings : { [off]: undefined });
  return (
    <Fields role="group" aria-label="Time and words">
      <SelectField
        name="Length"
        value={length}
        options={(LENGTHS.includes(length) ? LENGTHS : [length, ...LENGTHS]).map(
          (one) => [one, lengthWords(parseLength(one), school)] as const,
        )}
        onChoose={(one) => decide(ids, { length: one })}
      />
      <Toggle
        isSelected={column.repeatStart === true}
        onChange={(on) => set({ repeatStart: true }, 'repeatStart', on)}
      >
        Repeat from here
      </Toggle>
      <Toggle
        isSelected={column.repeatEnd === true}
        onChange={(on) => set({ repeatEnd: true }, 'repeatEnd', on)}
      >
        Repeat to here
      </Toggle>
      {timed && noteValueIsRounded(length) && <span className="about">drawn as the nearest note value</span>}
      <label className="words">
        Words
        <TextInput
          aria-label="Words under this column"
          value={column.words ?? ''}
          maxLength={200}
          autoComplete="off"
          onChange={(event) =>
            decide(
              column.id,
              { words: event.target.value === '' ? undefined : event.target.value },
              `words ${column.id}`,
            )
          }
        />
      </label>
    </Fields>
  );
}

/**
 * Whether what is drawn is not exactly this length: no single note value has it, or only a triplet, whose 3
 * is not drawn.
 */
function noteValueIsRounded(length: string): boolean {
  const value = exactValue(parseLength(length));
  return value === null || value.triplet === true;
}
