import {
  Download,
  FolderOpen,
  Keyboard,
  Library,
  Moon,
  Redo2,
  Search,
  Sun,
  Tags,
  Undo2,
  ZoomIn,
} from 'lucide-react';
import { memo } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import { benchAt } from '../benches/register';
import { QuietButton } from '../design/controls';
import { redoable, undoable } from '../documents/store/history';
import { useDocuments } from '../documents/store/store';
import { openFiles, READ_ENDINGS } from '../documents/files/opening';
import { useIncoming } from '../documents/files/incoming';
import { exportWorkbook } from '../documents/files/exportOpen';
import { useNewer } from '../offline/keep';
import { useAppearance } from '../design/appearance';
import { setTheme, shownTheme, toggleBoardSize } from './appearance';
import { AsideNote } from './AsideNote';
import { NO_BENCH, redoHere, scopeOf, undoHere } from './scope';
import { whenWritten } from './whenWritten';

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
    text-decoration: none;
  }
  .name:hover {
    text-decoration: underline;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.45rem;
    min-height: 1.5rem;
    font-size: 0.8125rem;
  }
  button[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
  button svg,
  .name svg {
    width: 0.9rem;
    height: 0.9rem;
    flex: none;
  }
  .state {
    margin: 0.45rem 0 0;
  }
  .undo {
    display: contents;
  }
  .told:not(:empty) {
    margin: 0.45rem 0 0;
    color: var(--ink);
  }
  @media (max-width: 860px) {
    flex-flow: row wrap;
    gap: 0.2rem 0.9rem;
    padding: 0.5rem 1rem;
    .undo {
      display: none;
    }
    .name,
    .state {
      margin: 0;
      flex-basis: 100%;
    }
  }
`;

interface CornerProps {
  readonly onCommands: () => void;
  readonly onKeys: () => void;
  readonly onLabels: () => void;
}

/** On a telephone: undo, and whether all is saved, beside the folded list. */
export function PhoneCorner() {
  const saving = useDocuments((state) => state.saveState.kind);
  return (
    <Phone>
      <span className="state">{SAID[saving].short}</span>
      <UndoButtons />
    </Phone>
  );
}

const Phone = styled.div`
  display: none;
  @media (max-width: 860px) {
    display: flex;
    align-items: center;
    gap: 0.2rem;
    margin-left: auto;
    color: var(--soft);
    font-size: 0.75rem;
    button {
      display: inline-flex;
      align-items: center;
      justify-content: center;
      min-width: 2.25rem;
      min-height: 2.25rem;
      font-size: 0;
    }
    button[data-disabled] {
      opacity: 0.45;
    }
    svg {
      width: 1.1rem;
      height: 1.1rem;
    }
  }
`;

/** Whether all is kept, in a word and in a sentence. */
const SAID = {
  saved: { short: 'Saved', long: 'Saved on this device' },
  saving: { short: 'Saving…', long: 'Saving…' },
  failed: { short: 'Not saved', long: 'Not saved' },
};

/** The foot of the contents list: the workbook, its files, undo and redo, the surface, and whether it is saved. */
export function WorkbookCorner(props: CornerProps) {
  return (
    <Corner>
      <Name />
      <div className="undo">
        <UndoButtons />
      </div>
      <FileButtons />
      <PageButtons {...props} />
      <Status />
    </Corner>
  );
}

function Name() {
  const title = useDocuments((state) => state.workbook.title);
  return (
    <Link className="name" to="/workbooks" title="Workbooks: open, name, copy, delete">
      {title.trim() === '' ? 'Unnamed workbook' : title} <Library aria-hidden="true" />
      <span className="visually-hidden">: workbooks</span>
    </Link>
  );
}

/** Undo and redo of the bench that is shown, each saying what it would do. */
function UndoButtons() {
  const { pathname } = useLocation();
  // What a bench has open is kept on its desk.
  useDocuments((state) => state.desk);
  const bench = benchAt(pathname);
  const scope = bench ? scopeOf(bench) : NO_BENCH;
  const past = useDocuments((state) => undoable(state.history, scope)?.words ?? null);
  const future = useDocuments((state) => redoable(state.history, scope)?.words ?? null);
  return (
    <>
      <QuietButton onPress={undoHere} isDisabled={past === null} aria-label={past ? `Undo: ${past}` : 'Undo'}>
        <Undo2 aria-hidden="true" /> Undo
      </QuietButton>
      <QuietButton
        onPress={redoHere}
        isDisabled={future === null}
        aria-label={future ? `Redo: ${future}` : 'Redo'}
      >
        <Redo2 aria-hidden="true" /> Redo
      </QuietButton>
    </>
  );
}

const FileButtons = memo(function FileButtons() {
  const aside = useDocuments((state) => state.aside);
  return (
    <>
      <QuietButton onPress={exportWorkbook}>
        <Download aria-hidden="true" /> Export workbook
      </QuietButton>
      <FileTrigger
        acceptedFileTypes={READ_ENDINGS}
        allowsMultiple
        onSelect={(files) => void openFiles([...(files ?? [])])}
      >
        <QuietButton>
          <FolderOpen aria-hidden="true" /> Open files
        </QuietButton>
      </FileTrigger>
      <IncomingNote />
      {aside.length > 0 && <AsideNote aside={aside} />}
    </>
  );
});

/** A large file on its way in, with how far it is and a way to stop it. */
function IncomingNote() {
  const incoming = useIncoming((state) => state.incoming);
  if (!incoming) return null;
  const { name, done, all, cancel } = incoming;
  return (
    <p className="told" role="status">
      Taking in “{name}”{all > 0 ? `, ${Math.round((100 * done) / all)} %` : '…'}{' '}
      <QuietButton onPress={cancel}>Stop</QuietButton>
    </p>
  );
}

const PageButtons = memo(function PageButtons({ onCommands, onKeys, onLabels }: CornerProps) {
  const { theme, boardSize } = useAppearance();
  const board = shownTheme(theme) === 'board';
  return (
    <>
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
        <Keyboard aria-hidden="true" /> Shortcuts
      </QuietButton>
    </>
  );
});

/** What was just undone or changed elsewhere, whether all is saved, and when it was last written to a file. */
function Status() {
  const saving = useDocuments((state) => state.saveState.kind);
  const changed = useDocuments((state) => state.changed);
  const told = useDocuments((state) => state.told);
  const writtenAt = useDocuments((state) => state.workbook.writtenAt);
  const newer = useNewer(({ change }) => change);
  return (
    <>
      <p className="told" role="status">
        {told}
      </p>
      <p className="state">
        {SAID[saving].long}. {whenWritten(writtenAt, changed)}
      </p>
      {newer && (
        <p className="state">
          A newer version is there. <QuietButton onPress={newer}>Change to it</QuietButton>
        </p>
      )}
    </>
  );
}
