import { Drop } from './Drop';
import { part } from './part';

const MenuPopover = part(() => import('./MenuPopover').then((module) => module.default));

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
