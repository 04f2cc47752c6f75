import { Autocomplete, Input, Menu, MenuItem, SearchField, useFilter } from 'react-aria-components';
import styled from 'styled-components';
import { BENCHES } from '../benches/register';
import { setTheme, toggleBoardSize } from './appearance';
import { MenuStyle } from '../design/menu';
import { printShown } from '../design/printing';
import { stop } from '../sound/player';
import { Leaf } from '../design/Leaf';
import { exportWorkbook } from '../documents/files/exportOpen';
import { openFiles, READ_ENDINGS } from '../documents/files/opening';
import { pickFile } from '../documents/files/pickFile';
import { beginWorkbook, addDemo } from '../documents/persistence/workbooks';
import { goToLine } from './globalKeys';
import { redoHere, undoHere } from './scope';

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
    ...BENCHES.map(({ title, path }) => [`Go to the ${title} bench`, () => onGo(path)] as const),
    ['Go to the typed line', () => void setTimeout(goToLine)],
    ['Undo', undoHere],
    ['Redo', redoHere],
    ['Stop the sound', stop],
    // The page is free again before the browser asks how to print it.
    ['Print what stands on the bench', () => void setTimeout(printShown)],
    ...BENCHES.flatMap(({ commands: own }) => own.map(({ name, run }) => [name, () => run(onGo)] as const)),
    ['Workbooks: open, name, copy, delete', () => onGo('/workbooks')],
    ['About: version, licences, where work is kept', () => onGo('/about')],
    [
      'Open a file: score, line, sheet, answers or workbook',
      () => void pickFile(READ_ENDINGS.join(',')).then((file) => file && openFiles([file])),
    ],
    ['Begin a new workbook', () => void beginWorkbook()],
    ['Export workbook', exportWorkbook],
    ['Open the demo workbook', () => void addDemo()],
    ['Paper surface', () => setTheme('paper')],
    ['Board surface', () => setTheme('board')],
    ['Surface as the system has it', () => setTheme('system')],
    ['Board size on or off', toggleBoardSize],
    ['Labels: how numerals, symbols and letters are written', onLabels],
    ['Shortcuts: the list of keys', onKeys],
  ];
  const act = (name: string) => {
    onClose();
    commands.find(([own]) => own === name)?.[1]();
  };
  return (
    <Leaf title="Commands" onClose={onClose}>
      <Autocomplete filter={contains}>
        <Field>
          <SearchField aria-label="Find a command" autoFocus>
            <Input placeholder="Find a command" />
          </SearchField>
        </Field>
        <MenuStyle style={{ border: 0, boxShadow: 'none', padding: 0 }}>
          <Menu
            aria-label="Commands"
            onAction={(id) => act(String(id))}
            renderEmptyState={() => <p className="none">No command has these letters in its name.</p>}
          >
            {commands.map(([name]) => (
              <MenuItem key={name} id={name} textValue={name}>
                {name}
              </MenuItem>
            ))}
          </Menu>
        </MenuStyle>
      </Autocomplete>
    </Leaf>
  );
}
