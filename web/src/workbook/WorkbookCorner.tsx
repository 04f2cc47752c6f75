import { Download, FolderOpen, Keyboard, Moon, Redo2, Search, Sun, Tags, Undo2, ZoomIn } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { useStore as useZustand } from 'zustand';
import { setTheme, shownTheme, toggleBoardSize, useAppearance } from '../design/appearance';
import { QuietButton } from '../design/controls';
import { Problem } from '../design/Problem';
import { redo, undo, useStore } from './store';
import { exportWorkbook, importWorkbook } from './transfer';

const Corner = styled.div`
  margin-top: auto;
  padding: 1rem 1.1rem;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 0.1rem;
  color: var(--soft);
  font-size: 0.8125rem;
  .name {
    color: var(--ink);
    font:
      600 0.95rem/1.3 'Source Serif 4',
      serif;
    margin: 0 0 0.3rem;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.45rem;
    font-size: 0.8125rem;
  }
  button[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
  button svg {
    width: 0.9rem;
    height: 0.9rem;
  }
  .state {
    margin: 0.55rem 0 0;
  }
  @media (max-width: 860px) {
    flex-flow: row wrap;
    gap: 0.2rem 0.9rem;
    padding: 0.5rem 1rem;
    .name,
    .state {
      margin: 0;
      flex-basis: 100%;
    }
  }
`;

/**
 * The foot of the contents list: the workbook, its files, undo and redo, the surface, and whether it is
 * saved.
 */
export function WorkbookCorner({
  onCommands,
  onKeys,
  onLabels,
}: {
  onCommands: () => void;
  onKeys: () => void;
  onLabels: () => void;
}) {
  const title = useStore((state) => state.workbook.title);
  const saveState = useStore((state) => state.saveState);
  const past = useZustand(useStore.temporal, (state) => state.pastStates.length);
  const future = useZustand(useStore.temporal, (state) => state.futureStates.length);
  const { theme, boardSize } = useAppearance();
  const [problem, setProblem] = useState<string | null>(null);
  const board = shownTheme(theme) === 'board';

  const open = async (file: File) => {
    const result = await importWorkbook(file);
    setProblem(result.ok ? null : result.message);
  };

  return (
    <Corner>
      <p className="name">{title}</p>
      <QuietButton onPress={undo} isDisabled={past === 0}>
        <Undo2 aria-hidden="true" /> Undo
      </QuietButton>
      <QuietButton onPress={redo} isDisabled={future === 0}>
        <Redo2 aria-hidden="true" /> Redo
      </QuietButton>
      <QuietButton onPress={exportWorkbook}>
        <Download aria-hidden="true" /> Export workbook
      </QuietButton>
      <FileTrigger
        acceptedFileTypes={['.json', 'application/json']}
        onSelect={(files) => files?.[0] && void open(files[0])}
      >
        <QuietButton>
          <FolderOpen aria-hidden="true" /> Import workbook
        </QuietButton>
      </FileTrigger>
      {problem && <Problem>{problem}</Problem>}
      <QuietButton onPress={() => setTheme(board ? 'paper' : 'board')}>
        {board ? <Sun aria-hidden="true" /> : <Moon aria-hidden="true" />} {board ? 'Paper' : 'Board'}
      </QuietButton>
      <QuietButton onPress={toggleBoardSize} aria-pressed={boardSize}>
        <ZoomIn aria-hidden="true" /> {boardSize ? 'Desk size' : 'Board size'}
      </QuietButton>
      <QuietButton onPress={onLabels}>
        <Tags aria-hidden="true" /> Labels
      </QuietButton>
      <QuietButton onPress={onCommands}>
        <Search aria-hidden="true" /> Commands
      </QuietButton>
      <QuietButton onPress={onKeys}>
        <Keyboard aria-hidden="true" /> Keys
      </QuietButton>
      <p className="state" role="status">
        {saveState.kind === 'saved'
          ? 'Saved on this device'
          : saveState.kind === 'saving'
            ? 'Saving…'
            : 'Not saved'}
      </p>
    </Corner>
  );
}
