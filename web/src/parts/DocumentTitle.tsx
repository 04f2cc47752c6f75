import { TextInput } from '../design/fields/TextInput';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, Menu, MenuTrigger, Popover } from 'react-aria-components';
import { MenuStyle } from '../design/menu';
import { TitleStyle } from './TitleStyle';

interface DocumentTitleProps {
  /** What it is, `progression`, and several of it, `progressions`. */
  readonly what: readonly [one: string, many: string];
  readonly title: string;
  readonly onRename: (title: string) => void;
  /** What stands with the title. */
  readonly beside?: ReactNode;
  /** The others of its kind, and what else is done with it; drawn only while the menu is open. */
  readonly menu: ReactNode;
}

/** The title of the open document, to be written over, and a menu of the others. */
export function DocumentTitle({ what: [one, many], title, onRename, beside, menu }: DocumentTitleProps) {
  return (
    <TitleStyle>
      <div className="names">
        <h1>
          <span className="visually-hidden">{title}</span>
          <TextInput
            aria-label={`Title of the ${one}`}
            value={title}
            maxLength={200}
            onChange={(event) => onRename(event.target.value)}
          />
        </h1>
        {beside}
      </div>
      <MenuTrigger>
        <Button aria-label={`Other ${many}`}>
          <ChevronDown aria-hidden="true" />
        </Button>
        <Popover placement="bottom start">
          <MenuStyle>{menu}</MenuStyle>
        </Popover>
      </MenuTrigger>
    </TitleStyle>
  );
}

/** The menu of a title: its label, what it holds, and what a choice does. */
export function TitleMenu({
  label,
  onAction,
  children,
}: {
  label: string;
  onAction: (id: string) => void;
  children: ReactNode;
}) {
  return (
    <Menu aria-label={label} onAction={(id) => onAction(String(id))}>
      {children}
    </Menu>
  );
}
