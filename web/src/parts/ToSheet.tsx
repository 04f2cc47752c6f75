import { attempt, type BenchQuestions } from '@diatonix/core';
import { ClipboardList } from 'lucide-react';
import { Drop } from '../design/Drop';
import { part } from '../design/part';
import { tell } from '../documents/store/store';
import { fetchScript } from '../fetchScript';

const MenuPopover = part(() => import('../design/MenuPopover').then((module) => module.default));

/** The ways in which something is brought to a sheet. */
export type Bringing = typeof import('../documents/kinds/sheet/questionsFrom');

/** What is left blank, and the questions that it makes. */
export interface SheetEntry {
  readonly name: string;
  readonly bring: (bringing: Bringing) => BenchQuestions;
}

const loadBringing = (): Promise<Bringing> =>
  fetchScript(() => import('../documents/kinds/sheet/questionsFrom'));

/** Puts what stands on a bench on a sheet, with something of it blank. */
export function ToSheet({ entries }: { entries: readonly SheetEntry[] }) {
  const put = async (at: number) => {
    const bringing = await loadBringing();
    const brought = attempt(() => entries[at]!.bring(bringing));
    if (brought.ok) bringing.bringToSheet(brought.value);
    else tell(brought.error.message);
  };
  return (
    <Drop
      label="To a sheet"
      opens="menu"
      arrow={false}
      drop={(dropped) => {
        // Fetched while one chooses, so that what is chosen is done at once.
        void loadBringing().catch(() => undefined);
        return (
          <MenuPopover
            {...dropped}
            label="To a sheet"
            atEnd
            entries={entries.map(({ name }, at) => ({ id: String(at), name }))}
            onAction={(id) => void put(Number(id))}
          />
        );
      }}
    >
      <ClipboardList aria-hidden="true" />
    </Drop>
  );
}
