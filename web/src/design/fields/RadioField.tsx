import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { wholeTarget } from './wholeTarget';

const Group = styled(RadioGroup)`
  display: grid;
  gap: 0.2rem;
  > .react-aria-Label {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

const One = styled(Radio)`
  ${wholeTarget}
  display: flex;
  gap: 0.45rem;
  align-items: center;
  min-height: 24px;
  font-size: 0.9rem;
  cursor: pointer;
  &::before {
    content: '';
    flex: none;
    box-sizing: border-box;
    width: 1rem;
    height: 1rem;
    border: 1px solid var(--soft);
    border-radius: 50%;
    background: var(--sheet);
  }
  &[data-selected]::before {
    border: 5px solid var(--mark);
  }
  &[data-focus-visible]::before {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
`;

interface RadioFieldProps<Id extends string> {
  readonly name: string;
  readonly value: Id;
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly onChoose: (id: Id) => void;
}

/** One of a few named things that all stand there. */
export function RadioField<Id extends string>({ name, value, options, onChoose }: RadioFieldProps<Id>) {
  return (
    <Group value={value} onChange={(id) => onChoose(id as Id)}>
      <Label>{name}</Label>
      {options.map(({ id, name: said }) => (
        <One key={id} value={id}>
          {said}
        </One>
      ))}
    </Group>
  );
}
