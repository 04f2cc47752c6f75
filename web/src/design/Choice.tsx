import type { Clef } from '@diatonix/core';
import { lazy } from 'react';
import { Drop } from './Drop';

const MenuPopover = lazy(() => import('./MenuPopover'));

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
    <Drop
      label={`${label}: ${chosen}`}
      opens="menu"
      drop={(dropped) => (
        <MenuPopover
          {...dropped}
          label={label}
          entries={options}
          chosen={value}
          onAction={(id) => onChoose(id as Id)}
        />
      )}
    >
      {chosen}
    </Drop>
  );
}
