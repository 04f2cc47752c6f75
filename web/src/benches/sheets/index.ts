import { fetchScript } from '../../fetchScript';
import type { Bench } from '../bench';
import { sheetNow } from './desk';

const PATH = '/sheets';

export const SHEETS_BENCH: Bench = {
  name: 'sheets',
  path: PATH,
  title: 'Sheets',
  load: () => import('./SheetsBench').then(({ SheetsBench }) => SheetsBench),
  kinds: ['sheet'],
  open: () => {
    const open = sheetNow();
    return open ? [open.id] : [];
  },
  keys: [
    ['arrows', 'from question to question'],
    ['space', 'hear the question'],
    ['x', 'another question in this place'],
    ['a', 'show or hide the answers'],
    ['v', 'the next version'],
  ],
  commands: [
    {
      name: 'Begin a sheet of exercises',
      run: (go) =>
        void fetchScript(() => import('./state')).then(({ addSheet }) => {
          addSheet('Intervals and inversions');
          go(PATH);
        }),
    },
  ],
};
