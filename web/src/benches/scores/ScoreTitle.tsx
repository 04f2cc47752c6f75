import { PenLine, Trash2 } from 'lucide-react';
import { MenuItem, Separator } from 'react-aria-components';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { DocumentTitle, TitleMenu } from '../../parts/DocumentTitle';
import { openScore, removeScore, renameScore, typePiece } from './state';

/** The open piece's title, to be written over, and the list of the others. */
export function ScoreTitle({ id, title }: { id: string; title: string }) {
  return (
    <DocumentTitle
      what={['piece', 'pieces']}
      title={title}
      onRename={renameScore}
      menu={<PieceMenu open={id} />}
    />
  );
}

/** The workbook's pieces, and what else is done. Drawn only while it is open. */
function PieceMenu({ open }: { open: string }) {
  const scores = useDocuments((state) => documentsOf(state.documents, 'score'));
  const act = (id: string) => {
    if (id === 'type') typePiece();
    else if (id === 'remove') removeScore(open);
    else openScore(id.slice(5));
  };
  return (
    <TitleMenu label="Pieces" onAction={act}>
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
    </TitleMenu>
  );
}
