import { Checkbox } from '../design/fields/Checkbox';
import type { ReactNode } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import { RadioField } from '../design/fields/RadioField';
import styled from 'styled-components';
import type { Dropped } from '../design/Drop';
import { MenuStyle } from '../design/menu';

const Panel = styled(MenuStyle)`
  padding: 0.8rem 1rem;
  fieldset {
    border: 0;
    margin: 0 0 0.7rem;
    padding: 0;
    display: grid;
    grid-template-columns: auto auto;
    gap: 0.25rem 1.2rem;
  }
  legend {
    padding: 0 0 0.25rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  label {
    display: flex;
    gap: 0.4rem;
    align-items: center;
    font-size: 0.9375rem;
  }
  .with {
    margin-top: 0.7rem;
  }
  p {
    margin: 0.7rem 0 0;
  }
`;

interface ListenPanelProps<Id extends string> extends Dropped {
  /** What can be heard: its name by its id. */
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly heard: Id;
  readonly onHeard: (id: Id) => void;
  readonly children: ReactNode;
}

/** What is heard, and under it how. */
export function ListenPanel<Id extends string>(props: ListenPanelProps<Id>) {
  const { options, heard, onHeard, children, triggerRef, onClose } = props;
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="bottom end"
    >
      <Panel>
        <Dialog aria-label="Listen">
          <RadioField name="Hear" value={heard} options={options} onChoose={onHeard} />
          {children}
        </Dialog>
      </Panel>
    </Popover>
  );
}

/** A way of playing that is on or off. */
export function ListenTick({
  name,
  on,
  onChange,
}: {
  name: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <Checkbox isSelected={on} onChange={onChange}>
      {name}
    </Checkbox>
  );
}
