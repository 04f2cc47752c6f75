import { Autocomplete, Input, Menu, MenuItem, SearchField, useFilter } from 'react-aria-components';
import styled from 'styled-components';
import { setTheme, toggleBoardSize } from '../design/appearance';
import { MenuStyle } from '../design/menu';
import { stop } from '../sound/player';
import { redo, undo, useStore } from '../workbook/store';
import { exportWorkbook, openDemo } from '../workbook/transfer';
import { Sheet } from './Sheet';

const Field = styled.div`
  input {
    width: 100%;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--ground);
    padding: 0.45rem 0.7rem;
    margin-bottom: 0.5rem;
  }
`;

interface CommandListProps {
  readonly onClose: () => void;
  readonly onGo: (path: string) => void;
  readonly onKeys: () => void;
  readonly onLabels: () => void;
}

/** Every command by name, found by typing a part of it. */
export default function CommandList({ onClose, onGo, onKeys, onLabels }: CommandListProps) {
  const { contains } = useFilter({ sensitivity: 'base' });
  const commands: readonly (readonly [string, () => void])[] = [
    ['Go to the Key bench', () => onGo('/key')],
    ['Go to the Intervals bench', () => onGo('/intervals')],
    ['Go to the Chords bench', () => onGo('/chords')],
    ['Go to the Progressions bench', () => onGo('/progressions')],
    ['Undo', undo],
    ['Redo', redo],
    ['Stop the sound', stop],
    ['Begin a new progression', () => (useStore.getState().addProgression(), onGo('/progressions'))],
    ['Export workbook', exportWorkbook],
    ['Open the demo workbook', () => void openDemo()],
    ['Paper surface', () => setTheme('paper')],
    ['Board surface', () => setTheme('board')],
    ['Surface as the system has it', () => setTheme('system')],
    ['Board size on or off', toggleBoardSize],
    ['Labels: how numerals, symbols and letters are written', onLabels],
    ['List of keys', onKeys],
  ];
  const act = (name: string) => {
    onClose();
    commands.find(([own]) => own === name)?.[1]();
  };
  return (
    <Sheet title="Commands" onClose={onClose}>
      <Autocomplete filter={contains}>
        <Field>
          <SearchField aria-label="Find a command" autoFocus>
            <Input placeholder="Find a command" />
          </SearchField>
        </Field>
        <MenuStyle style={{ border: 0, boxShadow: 'none', padding: 0 }}>
          <Menu aria-label="Commands" onAction={(id) => act(String(id))}>
            {commands.map(([name]) => (
              <MenuItem key={name} id={name} textValue={name}>
                {name}
              </MenuItem>
            ))}
          </Menu>
        </MenuStyle>
      </Autocomplete>
    </Sheet>
  );
}
