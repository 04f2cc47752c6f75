import { ChevronDown, PenLine, Trash2 } from 'lucide-react';
import { Button as AriaButton, Menu, MenuItem, MenuTrigger, Popover, Separator } from 'react-aria-components';
import styled from 'styled-components';
import { MenuStyle } from '../../design/menu';
import { listOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';
import { openScore, removeScore, renameScore, typePiece } from './state';

const Title = styled.div`
  display: flex;
  align-items: center;
  min-width: 0;
  h1 input {
    font:
      600 1.4rem/1.15 'Accidentals',
      'Source Serif 4',
      serif;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    padding: 0 0.2rem;
    margin-left: -0.25rem;
    field-sizing: content;
    min-width: 6rem;
    max-width: 24rem;
    text-overflow: ellipsis;
  }
  h1 input:hover {
    border-color: var(--rule);
  }
  > button {
    border: 0;
    background: none;
    padding: 0.3rem;
    line-height: 0;
    cursor: pointer;
  }
  > button svg {
    width: 1.1rem;
    height: 1.1rem;
  }
`;

/** The open piece's title, to be written over, and the list of the others. */
export function ScoreTitle({ id: open, title }: { id: string; title: string }) {
  const scores = useDocuments((state) => listOf(state.documents, 'score'));
  const act = (id: string) => {
    if (id === 'type') typePiece();
    else if (id === 'remove') removeScore(open);
    else openScore(id.slice(5));
  };
  return (
    <Title>
      <h1>
        <span className="visually-hidden">{title}</span>
        <input
          aria-label="Title of the piece"
          value={title}
          maxLength={200}
          onChange={(event) => renameScore(event.target.value)}
        />
      </h1>
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
    </Title>
  );
}
