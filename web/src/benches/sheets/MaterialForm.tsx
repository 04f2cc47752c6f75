import { Checkbox } from '../../design/fields/Checkbox';
import { SelectField } from '../../design/fields/SelectField';
import { TextInput } from '../../design/fields/TextInput';
import { kindOf, attempt, checkMaterial, MATERIAL_FIELDS, type MaterialField } from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import type { SheetSectionBody } from '../../documents/kinds/sheet/type';
import { setMaterial } from './state';

const Form = styled.div`
  display: grid;
  gap: 0.7rem;
  fieldset {
    border: 0;
    margin: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 0.15rem 0.7rem;
  }
  legend,
  .named {
    padding: 0 0 0.15rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  label {
    display: inline-flex;
    gap: 0.35rem;
    align-items: center;
    min-height: 24px;
    font-size: 0.9rem;
  }
  .named {
    display: grid;
    gap: 0.15rem;
    align-items: start;
  }
  .named input {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
    font-size: 0.9rem;
  }
  .problem {
    margin: 0;
    color: var(--correction);
    font-size: 0.875rem;
  }
`;

const NAMES: Record<MaterialField, string> = {
  keys: 'Keys',
  clefs: 'Clefs',
  intervals: 'Intervals',
  qualities: 'Qualities',
  inversions: 'Inversions',
  numerals: 'Numerals (none: those of the key)',
  compound: 'Compound intervals too',
  accidentals: 'Accidentals',
  chromatic: 'From outside the key',
  ledgerLines: 'Ledger lines',
  positions: 'Position',
  forms: 'Forms of minor',
  cadences: 'Cadences',
  length: 'Length',
  untaught: 'Not taught',
  rows: 'Blank rows',
  stacks: 'Stacks',
  voices: 'Voices that stand',
  roles: 'What is sought',
  listened: 'What is heard',
  respelled: 'What is respelled',
  how: 'How it is played',
  scales: 'Scales',
  before: 'What gives the key',
  tempo: 'Beats a minute',
  bar: 'After other notes of the bar',
  also: 'The cadence at the end too',
};
/** Numbers that are chosen from, where they are not few and small. */
const NUMBERS: Partial<Record<MaterialField, readonly number[]>> = {
  length: [2, 3, 4, 5, 6, 8, 10, 12],
  tempo: [48, 60, 72, 84, 96, 120],
};
const INVERSIONS = ['root position', 'first', 'second', 'third'];

/** What the questions of a section are made of, field by field, as far as its kind takes it. */
export function MaterialForm({ section }: { section: SheetSectionBody }) {
  const { id, kind, material } = section;
  const own = kindOf(kind);
  const valueOf = (field: MaterialField): unknown =>
    material[field] ?? own.defaults[field] ?? MATERIAL_FIELDS[field].default;
  return (
    <Form>
      {own.materialFields.map((field) => {
        const value = valueOf(field);
        const known = field === 'qualities' ? own.qualities : MATERIAL_FIELDS[field].values;
        const set = (next: unknown) => setMaterial(id, field, next);
        if (typeof value === 'boolean')
          return (
            <Checkbox key={field} isSelected={value} onChange={set}>
              {field === 'also' && kind === 'inversion-turn' ? 'The note above the gap too' : NAMES[field]}
            </Checkbox>
          );
        if (field === 'inversions')
          return (
            <Ticks
              key={field}
              name={NAMES[field]}
              all={(own.inversions ?? [0, 1, 2, 3]).map((at) => [at, INVERSIONS[at]!])}
              ticked={value as number[]}
              onChange={set}
            />
          );
        if (Array.isArray(known) && Array.isArray(value))
          return (
            <Ticks
              key={field}
              name={NAMES[field]}
              all={known.map((one: string) => [one, one.replace(/-/g, ' ')])}
              ticked={value as string[]}
              onChange={set}
            />
          );
        if (Array.isArray(known) || typeof value === 'number') {
          const numbers = NUMBERS[field] ?? [0, 1, 2, 3, 4];
          const options: (string | number)[] = Array.isArray(known) ? (known as string[]) : [...numbers];
          return (
            <SelectField
              key={field}
              isAbove
              name={NAMES[field]}
              value={value as string | number}
              options={options.map((one) => [one, String(one)] as const)}
              onChoose={set}
            />
          );
        }
        return (
          <ListField
            key={`${field} ${(value as string[]).join()}`}
            name={NAMES[field]}
            value={(value as string[]).join(', ')}
            check={(list) => {
              const read = attempt(() => checkMaterial(kind, { ...material, [field]: list }));
              return read.ok ? null : read.error.message;
            }}
            onChange={set}
          />
        );
      })}
    </Form>
  );
}

interface TicksProps<Id extends string | number> {
  readonly name: string;
  readonly all: readonly (readonly [id: Id, name: string])[];
  readonly ticked: readonly Id[];
  readonly onChange: (ticked: Id[]) => void;
}

/** A few of several things; the last one stays ticked, since nothing can be asked of none. */
function Ticks<Id extends string | number>({ name, all, ticked, onChange }: TicksProps<Id>) {
  return (
    <fieldset>
      <legend>{name}</legend>
      {all.map(([id, words]) => (
        <Checkbox
          key={id}
          isSelected={ticked.includes(id)}
          isDisabled={ticked.length === 1 && ticked.includes(id)}
          onChange={(on) =>
            onChange(all.map(([one]) => one).filter((one) => (one === id ? on : ticked.includes(one))))
          }
        >
          {words}
        </Checkbox>
      ))}
    </fieldset>
  );
}

interface ListFieldProps {
  readonly name: string;
  readonly value: string;
  readonly check: (list: string[]) => string | null;
  readonly onChange: (list: string[] | undefined) => void;
}

/** A list typed with commas; what cannot be read is told and changes nothing. */
function ListField({ name, value, check, onChange }: ListFieldProps) {
  const [text, setText] = useState(value);
  const [problem, setProblem] = useState<string | null>(null);
  const put = () => {
    if (text === value) return;
    const list = text
      .split(',')
      .map((one) => one.trim())
      .filter((one) => one !== '');
    const wrong = list.length === 0 ? null : check(list);
    setProblem(wrong);
    if (!wrong) onChange(list.length === 0 ? undefined : list);
  };
  return (
    <label className="named">
      {name}
      <TextInput
        value={text}
        maxLength={2000}
        aria-invalid={problem !== null}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && put()}
        onBlur={put}
      />
      {problem && (
        <span className="problem" role="alert">
          {problem}
        </span>
      )}
    </label>
  );
}
