import { parseKey } from '@diatonix/core';
import { Plus, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { MenuItem, Separator } from 'react-aria-components';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { useSchool } from '../../documents/store/use';
import { SourceField } from './SourceField';
import { keyName } from '../../parts/names';
import { DocumentTitle, TitleMenu } from '../../parts/DocumentTitle';
import { renameProgression, openProgression, addProgression, removeProgression } from './state';

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
    <DocumentTitle
      what={['progression', 'progressions']}
      title={title}
      onRename={renameProgression}
      beside={<SourceField id={open} source={source} />}
      menu={<ProgressionMenu open={open} />}
    />
  );
});

/** The workbook's progressions. Drawn only while it is open, so that edits elsewhere leave it alone. */
function ProgressionMenu({ open }: { open: string }) {
  const progressions = useDocuments((state) => documentsOf(state.documents, 'progression'));
  const school = useSchool();
  const act = (id: string) => {
    if (id === 'add') addProgression();
    else if (id === 'remove') removeProgression(open);
    else openProgression(id.slice(5));
  };
  return (
    <TitleMenu label="Progressions" onAction={act}>
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
    </TitleMenu>
  );
}
