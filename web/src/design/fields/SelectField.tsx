import { ChevronDown } from 'lucide-react';
import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import styled from 'styled-components';

const Field = styled(Select)`
  display: contents;
  .field {
    display: inline-flex;
    gap: 0.45rem;
    align-items: center;
  }
  .field > .react-aria-Label {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .field.above {
    display: grid;
    gap: 0.25rem;
  }
  .chosen {
    display: inline-flex;
    gap: 0.4rem;
    align-items: center;
    justify-content: space-between;
    min-width: 0;
    max-width: 100%;
    min-height: 1.85rem;
    padding: 0.2rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    color: var(--ink);
    font: inherit;
    font-size: 0.9rem;
    text-align: left;
    white-space: nowrap;
    cursor: pointer;
  }
  .chosen > :first-child {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .chosen[data-focus-visible] {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  .chosen[data-disabled] {
    opacity: 0.6;
    cursor: default;
  }
  .chosen svg {
    flex: none;
    width: 0.9rem;
    height: 0.9rem;
    color: var(--soft);
  }
`;

const List = styled(Popover)`
  max-height: min(22rem, 60vh) !important;
  overflow: auto;
  padding: 0.25rem;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  box-shadow: 0 6px 20px rgb(0 0 0 / 18%);
  font-size: 0.9rem;
  [role='option'] {
    padding: 0.3rem 0.6rem;
    border-radius: 4px;
    cursor: pointer;
    outline: none;
  }
  [role='option'][data-focused] {
    background: var(--mark-ground);
  }
  [role='option'][data-selected] {
    color: var(--mark);
    font-weight: 600;
  }
`;

interface SelectFieldProps<Id extends string | number> {
  /** Its name, that stands before it; with `isNamed` only for those who do not see it. */
  readonly name: string;
  readonly isNamed?: boolean;
  /** Its name stands over it, and it is as wide as there is room. */
  readonly isAbove?: boolean;
  readonly isDisabled?: boolean;
  /** Null where nothing is chosen: then the placeholder stands there. */
  readonly value: Id | null;
  readonly placeholder?: string;
  readonly options: readonly (readonly [id: Id, name: string])[];
  readonly onChoose: (id: Id) => void;
}

/** One of a few named things, chosen from a list that opens from its button. */
export function SelectField<Id extends string | number>({
  name,
  isNamed = false,
  isAbove = false,
  isDisabled = false,
  value,
  placeholder = 'Choose…',
  options,
  onChoose,
}: SelectFieldProps<Id>) {
  const choose = (key: unknown) => {
    const chosen = options.find(([id]) => String(id) === key);
    if (chosen) onChoose(chosen[0]);
  };
  return (
    <Field
      {...(isNamed ? { 'aria-label': name } : {})}
      isDisabled={isDisabled}
      placeholder={placeholder}
      value={value === null ? null : String(value)}
      onChange={choose}
    >
      <span className={isAbove ? 'field above' : 'field'}>
        {!isNamed && <Label>{name}</Label>}
        <Button className="chosen">
          <SelectValue />
          <ChevronDown aria-hidden="true" />
        </Button>
      </span>
      <List>
        <ListBox>
          {options.map(([id, said]) => (
            <ListBoxItem key={id} id={String(id)} textValue={said}>
              {said}
            </ListBoxItem>
          ))}
        </ListBox>
      </List>
    </Field>
  );
}

/** The entries of a table of names as options. */
export const optionsOf = <Id extends string>(names: Readonly<Record<Id, string>>) =>
  Object.entries(names) as [Id, string][];
