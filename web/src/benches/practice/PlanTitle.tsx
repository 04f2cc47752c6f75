import { Plus, Trash2 } from 'lucide-react';
import { MenuItem, Separator } from 'react-aria-components';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { DocumentTitle, TitleMenu } from '../../parts/DocumentTitle';
import { addPlan, openPlan, removePlan, renamePlan } from './state';

/** The open plan's title, to be written over, the other plans, and a new one. */
export function PlanTitle({ id, title }: { id: string; title: string }) {
  return (
    <DocumentTitle
      what={['plan', 'plans']}
      title={title}
      onRename={renamePlan}
      menu={<PlanMenu open={id} />}
    />
  );
}

/** Drawn only while it is open. */
function PlanMenu({ open }: { open: string }) {
  const plans = useDocuments((state) => documentsOf(state.documents, 'plan'));
  const act = (id: string) => {
    if (id === 'remove') removePlan(open);
    else if (id === 'new') addPlan();
    else openPlan(id.slice(5));
  };
  return (
    <TitleMenu label="Plans" onAction={act}>
      {plans.map(({ id, body }) => (
        <MenuItem key={id} id={`open:${id}`}>
          {body.title || 'Untitled'}
        </MenuItem>
      ))}
      <Separator />
      <MenuItem id="new" textValue="New plan">
        <Plus aria-hidden="true" /> New plan
      </MenuItem>
      <MenuItem id="remove" textValue="Remove this plan">
        <Trash2 aria-hidden="true" /> Remove this plan
      </MenuItem>
    </TitleMenu>
  );
}
