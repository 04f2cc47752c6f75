import { ChevronDown, Copy, Plus, Trash2 } from 'lucide-react';
import { Button as AriaButton, Menu, MenuItem, MenuTrigger, Popover, Separator } from 'react-aria-components';
import { MenuStyle } from '../../design/menu';
import { listOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';
import { TitleStyle } from '../../parts/TitleStyle';
import { STARTS } from './starts';
import { addSheet, copySheet, openSheet, removeSheet, renameSheet } from './state';

/** The open sheet's title, to be written over, the list of the others, and ready ones to begin with. */
export function SheetTitle({ id: open, title }: { id: string; title: string }) {
  const sheets = useDocuments((state) => listOf(state.documents, 'sheet'));
  const act = (id: string) => {
    if (id === 'copy') copySheet();
    else if (id === 'remove') removeSheet(open);
    else if (id.startsWith('start:')) addSheet(id.slice(6));
    else openSheet(id.slice(5));
  };
  return (
    <TitleStyle>
      <div className="names">
        <h1>
          <span className="visually-hidden">{title}</span>
          <input
            aria-label="Title of the sheet"
            value={title}
            maxLength={200}
            onChange={(event) => renameSheet(event.target.value)}
          />
        </h1>
      </div>
      <MenuTrigger>
        <AriaButton aria-label="Other sheets">
          <ChevronDown aria-hidden="true" />
        </AriaButton>
        <Popover placement="bottom start">
          <MenuStyle>
            <Menu aria-label="Sheets" onAction={(id) => act(String(id))}>
              {sheets.map(({ id, body }) => (
                <MenuItem key={id} id={`open:${id}`} textValue={body.title || 'Untitled'}>
                  {body.title || 'Untitled'}
                </MenuItem>
              ))}
              <Separator />
              {STARTS.map(({ name }) => (
                <MenuItem key={name} id={`start:${name}`} textValue={`New: ${name}`}>
                  <Plus aria-hidden="true" /> New: {name}
                </MenuItem>
              ))}
              <Separator />
              <MenuItem id="copy" textValue="Copy with other questions">
                <Copy aria-hidden="true" /> Copy with other questions
              </MenuItem>
              <MenuItem id="remove" textValue="Remove this sheet">
                <Trash2 aria-hidden="true" /> Remove this sheet
              </MenuItem>
            </Menu>
          </MenuStyle>
        </Popover>
      </MenuTrigger>
    </TitleStyle>
  );
}
