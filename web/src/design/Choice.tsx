import type { Clef } from '@diatonix/core';
import { ChevronDown } from 'lucide-react';
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { Button } from './controls';
import { MenuStyle } from './menu';

export const CLEF_OPTIONS: readonly { readonly id: Clef; readonly name: string }[] = [
  { id: 'treble', name: 'Treble' },
  { id: 'bass', name: 'Bass' },
  { id: 'alto', name: 'Alto' },
  { id: 'tenor', name: 'Tenor' },
];

interface ChoiceProps<Id extends string> {
  readonly label: string;
  readonly value: Id;
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly onChoose: (id: Id) => void;
}

/** One of a few named things, chosen from a list that opens from its button. */
export function Choice<Id extends string>({ label, value, options, onChoose }: ChoiceProps<Id>) {
  const chosen = options.find((option) => option.id === value)?.name ?? value;
  return (
    <MenuTrigger>
      <Button aria-label={`${label}: ${chosen}`}>
        {chosen}
        <ChevronDown aria-hidden="true" />
      </Button>
      <Popover placement="bottom start">
        <MenuStyle>
          <Menu aria-label={label} selectionMode="single" disallowEmptySelection selectedKeys={[value]} onAction={(id) => onChoose(id as Id)}>
            {options.map((option) => (
              <MenuItem key={option.id} id={option.id} textValue={option.name}>
                {option.name}
              </MenuItem>
            ))}
          </Menu>
        </MenuStyle>
      </Popover>
    </MenuTrigger>
  );
}
