import { attempt } from '@diatonix/core';
import { MessageCircleQuestion } from 'lucide-react';
import { useClassroom } from './store';
import { Drop } from '../../design/Drop';
import { part } from '../../design/part';
import { tell } from '../../documents/store/store';
import { fetchScript } from '../../fetchScript';
import type { SheetEntry } from '../../parts/ToSheet';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

/** Asks the class that is open the column that is selected, with something of it blank; nothing where none is open. */
export function AskClass({ entries }: { entries: readonly SheetEntry[] }) {
  const isOpen = useClassroom((state) => state.line === 'here');
  if (!isOpen || entries.length === 0) return null;
  const ask = async (at: number) => {
    const [bringing, { askQuick }] = await Promise.all([
      fetchScript(() => import('../../documents/kinds/sheet/questionsFrom')),
      fetchScript(() => import('./lead')),
    ]);
    const brought = attempt(() => entries[at]!.bring(bringing));
    if (brought.ok) askQuick(brought.value);
    else tell(brought.error.message);
  };
  return (
    <Drop
      label="Ask the class"
      opens="menu"
      arrow={false}
      drop={(dropped) => (
        <MenuPopover
          {...dropped}
          label="Ask the class"
          atEnd
          entries={entries.map(({ name }, at) => ({ id: String(at), name }))}
          onAction={(id) => void ask(Number(id))}
        />
      )}
    >
      <MessageCircleQuestion aria-hidden="true" />
    </Drop>
  );
}
