import { ChevronDown, PenLine, Trash2 } from 'lucide-react';
import { Button as AriaButton, Menu, MenuItem, MenuTrigger, Popover, Separator } from 'react-aria-components';
import { MenuStyle } from '../../design/menu';
import { listOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';
import { TitleStyle } from '../../parts/TitleStyle';
import { openScore, removeScore, renameScore, typePiece } from './state';

/** The open piece's title, to be written over, and the list of the others. */
export function ScoreTitle({ id: open, title }: { id: string; title: string }) {
  const scores = useDocuments((state) => listOf(state.documents, 'score'));
  const act = (id: string) => {
    if (id === 'type') typePiece();
    else if (id === 'remove') removeScore(open);
    else openScore(id.slice(5));
  };
  return (
    <TitleStyle>
      <div className="names">
        <h1>
          <span className="visually-hidden">{title}</span>
          <input
            aria-label="Title of the piece"
            value={title}
            maxLength={200}
            onChange={(event) => renameScore(event.target.value)}
          />
        </h1>
      </div>
      <MenuTrigger>
        <AriaButton aria-label="Other pieces">
          <ChevronDown aria-hidden="true" />
        </AriaButton>
        <Popover placement="bottom start">
          <MenuStyle>
            <Menu aria-label="Pieces" onAction={(id) => act(String(id))}>
              {scores.map(({ id, body }) => (
                <MenuItem key={id} id={`open:${id}`} textValue={body.title || 'Untitled'}>
                  {body.title || 'Untitled'}
                </MenuItem>
              ))}
              <Separator />
              <MenuItem id="type" textValue="Type a piece">
                <PenLine aria-hidden="true" /> Type a piece
              </MenuItem>
              <MenuItem id="remove" textValue="Remove this piece">
                <Trash2 aria-hidden="true" /> Remove this piece
              </MenuItem>
            </Menu>
          </MenuStyle>
        </Popover>
      </MenuTrigger>
    </TitleStyle>
  );
}
