import { TextInput } from '../design/fields/TextInput';
import { liveQuery } from 'dexie';
import { Copy, Download, FolderOpen, Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { Button, fieldLook } from '../design/controls';
import { Problem } from '../design/Problem';
import { deleteAside, listAside } from '../documents/persistence/asideRows';
import type { AsideRow, WorkbookRow } from '../documents/persistence/database';
import { exportAside } from '../documents/files/exportOpen';
import { useDocuments } from '../documents/store/store';
import { reasonOf } from '../documents/persistence/trouble';
import { importWorkbook } from '../documents/files/importFile';
import {
  beginWorkbook,
  copyWorkbook,
  deletedWorkbooks,
  deleteWorkbook,
  exportStored,
  listWorkbooks,
  nameWorkbook,
  addDemo,
  openWorkbook,
  restoreWorkbook,
} from '../documents/persistence/workbooks';
import { PlainPage } from './PlainPage';
import { shortDate, whenWritten } from './whenWritten';

const Page = styled(PlainPage)`
  .doings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-bottom: 1rem;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    max-width: 62rem;
  }
  li {
    display: grid;
    grid-template-columns: minmax(10rem, 1fr) 20rem auto;
    align-items: center;
    gap: 0.3rem 1rem;
    padding: 0.5rem 0;
    border-top: 1px solid var(--rule);
  }
  .note {
    margin: 0 0 0.4rem;
    color: var(--soft);
  }
  .reasons {
    display: block;
    color: var(--soft);
    font-size: 0.875rem;
    overflow-wrap: anywhere;
  }
  li > .dates {
    color: var(--soft);
    font-size: 0.875rem;
  }
  li input {
    ${fieldLook}
    width: 100%;
    padding: 0.3rem 0.5rem;
    font:
      600 1.05rem/1.3 'Source Serif 4',
      serif;
  }
  li .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
  }
  @media (max-width: 860px) {
    li {
      grid-template-columns: 1fr;
    }
  }
`;

/** The workbooks of this browser: opened, begun, named, copied, deleted and brought back. */
export default function WorkbooksPage() {
  const navigate = useNavigate();
  const openId = useDocuments((state) => state.workbook.id);
  const [rows, setRows] = useState<readonly WorkbookRow[]>([]);
  const [deleted, setDeleted] = useState<readonly WorkbookRow[]>([]);
  const [aside, setAside] = useState<readonly AsideRow[]>([]);
  const [problem, setProblem] = useState<string | null>(null);

  useEffect(() => {
    document.title = 'Workbooks – Diatonix';
    const all = async () => [await listWorkbooks(), await deletedWorkbooks(), await listAside()] as const;
    const live = liveQuery(all).subscribe({
      next: ([list, gone, kept]) => {
        setRows(list);
        setDeleted(gone);
        setAside(kept);
      },
      error: (error: unknown) => setProblem(reasonOf(error)),
    });
    return () => live.unsubscribe();
  }, []);

  /** Does what was asked, says what stands in the way, and goes to the benches where that was meant. */
  const act = async (work: () => Promise<string | null | void>, leave = false) => {
    try {
      const said = (await work()) ?? null;
      setProblem(said);
      if (leave && said === null) void navigate('/');
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };

  return (
    <Page>
      <h1>Workbooks</h1>
      <div className="doings">
        <Button onPress={() => void act(beginWorkbook, true)}>Begin a new workbook</Button>
        <FileTrigger
          acceptedFileTypes={['.json', 'application/json']}
          onSelect={(files) =>
            files?.[0] &&
            void act(async () => {
              const result = await importWorkbook(files[0]!);
              return result.ok ? null : result.message;
            }, true)
          }
        >
          <Button>
            <FolderOpen aria-hidden="true" /> Import from a file
          </Button>
        </FileTrigger>
        <Button onPress={() => void act(addDemo, true)}>Add the demo workbook</Button>
      </div>
      {problem && <Problem onClose={() => setProblem(null)}>{problem}</Problem>}
      <ul aria-label="Workbooks of this browser">
        {rows.map(({ id, title, changedAt, writtenAt }) => (
          <li key={id} aria-current={id === openId || undefined}>
            <TitleInput id={id} title={title} />
            <span className="dates">
              {id === openId ? 'Open now. ' : ''}Changed {shortDate(changedAt)}.{' '}
              {whenWritten(writtenAt, changedAt > (writtenAt ?? 0))}
            </span>
            <span className="actions">
              <Button aria-label={`Open ${title}`} onPress={() => void act(() => openWorkbook(id), true)}>
                Open
              </Button>
              <Button aria-label={`Copy ${title}`} onPress={() => void act(() => copyWorkbook(id))}>
                <Copy aria-hidden="true" />
              </Button>
              <Button
                aria-label={`Export ${title}`}
                onPress={() => void act(() => Promise.resolve(exportStored(id)))}
              >
                <Download aria-hidden="true" />
              </Button>
              <Button aria-label={`Delete ${title}`} onPress={() => void act(() => deleteWorkbook(id))}>
                <Trash2 aria-hidden="true" />
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {aside.length > 0 && (
        <>
          <h2>Set aside, because it cannot be read</h2>
          <p className="note">It stays here as it was found until you delete it.</p>
          <ul aria-label="Set aside">
            {aside.map((one) => (
              <AsideItem
                key={one.id}
                row={one}
                title={rows.find(({ id }) => id === one.workbook)?.title}
                onDelete={() => void act(() => deleteAside([one.id]))}
              />
            ))}
          </ul>
        </>
      )}
      {deleted.length > 0 && (
        <>
          <h2>Deleted in the last month</h2>
          <ul aria-label="Deleted workbooks">
            {deleted.map(({ id, title, deletedAt }) => (
              <li key={id}>
                <span>{title || 'Unnamed workbook'}</span>
                <span className="dates">Deleted {shortDate(deletedAt!)}</span>
                <span className="actions">
                  <Button
                    aria-label={`Bring back ${title}`}
                    onPress={() => void act(() => restoreWorkbook(id))}
                  >
                    Bring back
                  </Button>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </Page>
  );
}

interface AsideItemProps {
  readonly row: AsideRow;
  /** The workbook that it was found in; none where that is gone. */
  readonly title: string | undefined;
  readonly onDelete: () => void;
}

/** Something that was set aside: what it is, what is wrong with it, and saved or deleted. */
function AsideItem({ row, title, onDelete }: AsideItemProps) {
  const { name, reasons, at } = row;
  return (
    <li>
      <span>
        {name.replace(/^[a-z]/, (letter) => letter.toUpperCase())}
        <span className="reasons">{reasons.join(' ')}</span>
      </span>
      <span className="dates">
        {title ? `From ${title}, ` : ''}found {shortDate(at)}
      </span>
      <span className="actions">
        <Button aria-label={`Export ${name} as it was found`} onPress={() => exportAside([row])}>
          <Download aria-hidden="true" />
        </Button>
        <Button aria-label={`Delete ${name} for good`} onPress={onDelete}>
          <Trash2 aria-hidden="true" />
        </Button>
      </span>
    </li>
  );
}

/** The name of a workbook, to be written over; kept while it is being written. */
function TitleInput({ id, title }: { id: string; title: string }) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <TextInput
      aria-label={`Name of ${title || 'the unnamed workbook'}`}
      value={draft ?? title}
      maxLength={200}
      autoComplete="off"
      onChange={(event) => {
        setDraft(event.target.value);
        void nameWorkbook(id, event.target.value);
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
