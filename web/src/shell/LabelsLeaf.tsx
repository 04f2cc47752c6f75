import {
  DEFAULT_LABEL_STYLE,
  LABEL_SETTINGS,
  SYMBOL_SETTINGS,
  type LabelStyle,
  type LabelSetting,
} from '@diatonix/core';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { Leaf } from '../design/Leaf';
import { editSingle } from '../documents/store/store';
import { Button } from '../design/controls';
import { useSchool } from '../documents/store/use';

const Settings = styled.div`
  display: grid;
  gap: 0.55rem;
  [role='radiogroup'] {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
  }
  [role='radiogroup'] > span:first-child {
    color: var(--soft);
    font-size: 0.9rem;
  }
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  label {
    padding: 0.12rem 0.55rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    font-size: 0.9rem;
    cursor: pointer;
  }
  label[data-selected] {
    border-color: var(--mark);
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
  }
  label[data-focus-visible] {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  p {
    margin: 0.4rem 0 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

interface Row extends LabelSetting {
  readonly read: (school: LabelStyle) => string;
  readonly write: (school: LabelStyle, value: string) => LabelStyle;
}

/** The whole table of schools, as rows to choose in. */
const ROWS: readonly Row[] = [
  ...Object.entries(LABEL_SETTINGS).map(([key, setting]): Row => ({
    ...setting,
    read: (school) => school[key as keyof typeof LABEL_SETTINGS],
    write: (school, value) => ({ ...school, [key]: value }),
  })),
  ...Object.entries(SYMBOL_SETTINGS).map(([key, setting]): Row => ({
    ...setting,
    read: (school) => school.symbols[key as keyof typeof SYMBOL_SETTINGS],
    write: (school, value) => ({ ...school, symbols: { ...school.symbols, [key]: value } }),
  })),
];

const chooseSchool = (school: LabelStyle) => editSingle('labels', 'the labels', () => school);

/** How the workbook's labels are printed and read. Applied at once, and undone like any edit. */
export default function LabelsLeaf({ onClose }: { onClose: () => void }) {
  const school = useSchool();
  return (
    <Leaf title="Labels" onClose={onClose}>
      <Settings>
        {ROWS.map(({ name, read, write, choices }) => (
          <RadioGroup
            key={name}
            orientation="horizontal"
            value={read(school)}
            onChange={(value) => chooseSchool(write(school, value))}
          >
            <Label>{name}</Label>
            <div className="choices">
              {choices.map(([value, shown]) => (
                <Radio key={value} value={value}>
                  {shown}
                </Radio>
              ))}
            </div>
          </RadioGroup>
        ))}
        <p>A school changes what is printed and read, never what is stored.</p>
        <div>
          <Button onPress={() => chooseSchool(DEFAULT_LABEL_STYLE)}>Back to the defaults</Button>
        </div>
      </Settings>
    </Leaf>
  );
}
