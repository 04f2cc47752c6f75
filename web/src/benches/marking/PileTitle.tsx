import { Plus, Trash2 } from 'lucide-react';
import { MenuItem, Separator } from 'react-aria-components';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { DocumentTitle, TitleMenu } from '../../parts/DocumentTitle';
import { addPile, openPile, removePile, renamePile } from './state';

/** The open pile's title, to be written over, the other piles, and new ones of each sheet. */
export function PileTitle({ id, title }: { id: string; title: string }) {
  return (
    <DocumentTitle
      what={['pile', 'piles']}
      title={title}
      onRename={renamePile}
      menu={<PileMenu open={id} />}
    />
  );
}

/** Drawn only while it is open. */
function PileMenu({ open }: { open: string }) {
  const documents = useDocuments((state) => state.documents);
  const sheets = documentsOf(documents, 'sheet');
  const act = (id: string) => {
    if (id === 'remove') return removePile(open);
    if (id.startsWith('open:')) return openPile(id.slice(5));
    const sheet = sheets.find((one) => one.id === id.slice(4));
    if (!sheet) return;
    const found = sheet.body.classId === undefined ? undefined : documents[sheet.body.classId];
    addPile(sheet.body, found?.kind === 'class' ? found.body : null);
  };
  return (
    <TitleMenu label="Piles" onAction={act}>
      {documentsOf(documents, 'pile').map(({ id, body }) => (
        <MenuItem key={id} id={`open:${id}`} textValue={body.title || 'Untitled'}>
          {body.title || 'Untitled'}, {body.date}
        </MenuItem>
      ))}
      <Separator />
      {sheets.map(({ id, body }) => (
        <MenuItem key={id} id={`new:${id}`} textValue={`New pile: ${body.title}`}>
          <Plus aria-hidden="true" /> New pile: {body.title || 'Untitled'}
        </MenuItem>
      ))}
      <Separator />
      <MenuItem id="remove" textValue="Remove this pile">
        <Trash2 aria-hidden="true" /> Remove this pile
      </MenuItem>
    </TitleMenu>
  );
}
