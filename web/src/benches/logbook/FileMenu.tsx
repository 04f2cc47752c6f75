import type { LabelStyle } from '@diatonix/core';
import { useState } from 'react';
import { Drop } from '../../design/Drop';
import { part } from '../../design/part';
import { Problem } from '../../design/Problem';
import { toCsv } from '../../documents/files/csv';
import { download, fileName } from '../../documents/files/download';
import { logbookCsv, type MarkedPile } from '../../documents/logbook/logbook';
import { saveLogbook, takeLogbook } from '../../documents/logbook/logbookFile';
import { pickFile } from '../../documents/files/pickFile';
import { tell } from '../../documents/store/store';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

interface FileMenuProps {
  readonly open: { readonly id: string; readonly name: string } | null;
  readonly piles: readonly MarkedPile[];
  /** What is shown, as a table. */
  readonly shown: (() => readonly (readonly (string | number)[])[]) | null;
  readonly school: LabelStyle;
}

/** The logbook of a class out to files, and in from one. */
export function FileMenu({ open, piles, shown, school }: FileMenuProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const take = async () => {
    setProblem(null);
    const file = await pickFile('.json,application/json');
    if (!file) return;
    const taken = await takeLogbook(file);
    if (taken.ok) tell(taken.value);
    else setProblem(taken.message);
  };
  const named = open?.name ?? 'logbook';
  const act = (id: string) => {
    if (id === 'take') void take();
    else if (id === 'save' && open) saveLogbook(open.id);
    else if (id === 'shown' && shown) download(toCsv(shown()), `${fileName(named)}-table.csv`, 'text/csv');
    else download(logbookCsv(piles, school), `${fileName(named)}.csv`, 'text/csv');
  };
  return (
    <>
      <Drop
        label="Files of the logbook"
        opens="menu"
        drop={(dropped) => (
          <MenuPopover
            {...dropped}
            label="Files of the logbook"
            atEnd
            entries={[
              ...(open ? [{ id: 'save', name: 'Save this class as a file' }] : []),
              ...(shown ? [{ id: 'shown', name: 'Save what is shown as CSV' }] : []),
              ...(piles.length > 0 ? [{ id: 'csv', name: 'Save all answers as CSV' }] : []),
              { id: 'take', name: 'Take in a saved class', parted: true },
            ]}
            onAction={act}
          />
        )}
      >
        Files
      </Drop>
      {problem && <Problem>{problem}</Problem>}
    </>
  );
}
