import { Copy, Download, FolderOpen, Plus, Trash2 } from 'lucide-react';
import { MenuItem, Separator } from 'react-aria-components';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { DocumentTitle, TitleMenu } from '../../parts/DocumentTitle';
import { classOf } from './desk';
import { openSheetFile, savePupils, saveSheet, saveStaves } from './files';
import { STARTS } from './starts';
import { addSheet, copySheet, openSheet, removeSheet, renameSheet } from './state';

/** The open sheet's title, to be written over, the list of the others, and ready ones to begin with. */
export function SheetTitle({ id, title }: { id: string; title: string }) {
  return (
    <DocumentTitle
      what={['sheet', 'sheets']}
      title={title}
      onRename={renameSheet}
      menu={<SheetMenu open={id} />}
    />
  );
}

/** The workbook's sheets, and what else is done. Drawn only while it is open. */
function SheetMenu({ open }: { open: string }) {
  const hasNames = useDocuments(({ documents }) => {
    const sheet = documents[open];
    return sheet?.kind === 'sheet' && (classOf(sheet.body, documents)?.pupils?.length ?? 0) > 0;
  });
  const sheets = useDocuments((state) => documentsOf(state.documents, 'sheet'));
  const act = (id: string) => {
    if (id === 'copy') copySheet();
    else if (id === 'remove') removeSheet(open);
    else if (id === 'save') saveSheet();
    else if (id === 'pupils' || id === 'practice' || id === 'class') savePupils(id);
    else if (id === 'staves') void saveStaves();
    else if (id === 'file') void openSheetFile();
    else if (id.startsWith('start:')) addSheet(id.slice(6));
    else openSheet(id.slice(5));
  };
  return (
    <TitleMenu label="Sheets" onAction={act}>
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
      <MenuItem id="save" textValue="Save as a file">
        <Download aria-hidden="true" /> Save as a file
      </MenuItem>
      <MenuItem id="pupils" textValue="Save for pupils, without answers">
        <Download aria-hidden="true" /> Save for pupils, without answers
      </MenuItem>
      {hasNames && (
        <MenuItem id="class" textValue="Save for pupils, with the names of the class to choose from">
          <Download aria-hidden="true" /> Save for pupils, with the names of the class to choose from
        </MenuItem>
      )}
      <MenuItem id="practice" textValue="Save for pupils to practise, marked at once">
        <Download aria-hidden="true" /> Save for pupils to practise, marked at once
      </MenuItem>
      <MenuItem id="staves" textValue="Save the staves as MusicXML">
        <Download aria-hidden="true" /> Save the staves as MusicXML
      </MenuItem>
      <MenuItem id="file" textValue="Open the file of a sheet">
        <FolderOpen aria-hidden="true" /> Open the file of a sheet
      </MenuItem>
      <MenuItem id="remove" textValue="Remove this sheet">
        <Trash2 aria-hidden="true" /> Remove this sheet
      </MenuItem>
    </TitleMenu>
  );
}
