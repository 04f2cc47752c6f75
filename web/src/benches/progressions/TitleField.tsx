import { parseKey } from '@diatonix/core';
import { ChevronDown, Plus, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { Menu, MenuItem, MenuTrigger, Popover, Button as AriaButton, Separator } from 'react-aria-components';
import styled from 'styled-components';
import { listOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';
import { useSchool } from '../../documents/use';
import { SourceField } from './SourceField';
import { keyName } from '../../parts/names';
import { MenuStyle } from '../../design/menu';
import { renameProgression, openProgression, addProgression, removeProgression } from './state';

const Title = styled.div`
  display: flex;
  align-items: center;
  gap: 0.15rem;
  min-width: 0;
  h1 {
    min-width: 0;
    line-height: 1.1;
  }
  .names {
    flex: 0 1 auto;
    min-width: 0;
  }
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
    max-width: calc(100% + 0.25rem);
    text-overflow: ellipsis;
  }
  h1 input:hover {
    border-color: var(--rule);
  }
  button {
    border: 0;
    background: none;
    padding: 0.3rem;
    cursor: pointer;
    line-height: 0;
    border-radius: 3px;
  }
  button svg {
    width: 1.1rem;
    height: 1.1rem;
  }
`;

/** The open progression's title and source, to be written over, and the list of the others. */
export const TitleField = memo(function TitleField({
  id: open,
  title,
  source,
}: {
  id: string;
  title: string;
  source: string;
}) {
  return (
    <Title>
      <div className="names">
        <h1>
          <span className="visually-hidden">{title}</span>
          <input
            aria-label="Title of the progression"
            value={title}
            maxLength={200}
            onChange={(event) => renameProgression(event.target.value)}
          />
        </h1>
        <SourceField id={open} source={source} />
      </div>
      <MenuTrigger>
        <AriaButton aria-label="Other progressions">
          <ChevronDown aria-hidden="true" />
        </AriaButton>
        <Popover placement="bottom start">
          <MenuStyle>
            <ProgressionMenu open={open} />
          </MenuStyle>
        </Popover>
      </MenuTrigger>
    </Title>
  );
});

/** The workbook's progressions. Drawn only while it is open, so that edits elsewhere leave it alone. */
function ProgressionMenu({ open }: { open: string }) {
  const progressions = useDocuments((state) => listOf(state.documents, 'progression'));
  const school = useSchool();
  const act = (id: string) => {
    if (id === 'add') addProgression();
    else if (id === 'remove') removeProgression(open);
    else openProgression(id.slice(5));
  };
  return (
    <Menu aria-label="Progressions" onAction={(id) => act(String(id))}>
      {progressions.map(({ id, body }) => (
        <MenuItem key={id} id={`open:${id}`} textValue={body.title}>
          {body.title || 'Untitled'}
          <span className="detail">{keyName(parseKey(body.key), school)}</span>
        </MenuItem>
      ))}
      <Separator />
      <MenuItem id="add" textValue="Begin a new progression">
        <Plus aria-hidden="true" /> Begin a new progression
      </MenuItem>
      <MenuItem id="remove" textValue="Remove this progression">
        <Trash2 aria-hidden="true" /> Remove this progression
      </MenuItem>
    </Menu>
  );
}
