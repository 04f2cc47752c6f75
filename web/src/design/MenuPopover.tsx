import { Fragment } from 'react';
import { Menu, MenuItem, Popover, Separator } from 'react-aria-components';
import type { Dropped } from './Drop';
import { MenuStyle } from './menu';

export interface MenuEntry {
  readonly id: string;
  readonly name: string;
  readonly disabled?: boolean;
  /** A line above, to part groups. */
  readonly parted?: boolean;
}

interface MenuPopoverProps extends Dropped {
  readonly label: string;
  readonly entries: readonly MenuEntry[];
  /** The entry that holds now, where one is chosen from the list. */
  readonly chosen?: string;
  readonly atEnd?: boolean;
  readonly onAction: (id: string) => void;
}

/** A list of actions or choices that hangs from its button. */
export default function MenuPopover({
  label,
  entries,
  chosen,
  atEnd = false,
  triggerRef,
  onClose,
  onAction,
}: MenuPopoverProps) {
  const choosing =
    chosen === undefined
      ? {}
      : { selectionMode: 'single' as const, disallowEmptySelection: true, selectedKeys: [chosen] };
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement={atEnd ? 'bottom end' : 'bottom start'}
    >
      <MenuStyle>
        <Menu
          aria-label={label}
          autoFocus="first"
          onAction={(id) => onAction(String(id))}
          onClose={onClose}
          {...choosing}
        >
          {entries.map(({ id, name, disabled = false, parted = false }) => (
            <Fragment key={id}>
              {parted && <Separator />}
              <MenuItem id={id} textValue={name} isDisabled={disabled}>
                {name}
              </MenuItem>
            </Fragment>
          ))}
        </Menu>
      </MenuStyle>
    </Popover>
  );
}
