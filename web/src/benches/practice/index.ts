import { fetchScript } from '../../fetchScript';
import type { Bench } from '../bench';
import { planNow } from './desk';

const PATH = '/practice';

export const PRACTICE_BENCH: Bench = {
  name: 'practice',
  path: PATH,
  title: 'Practice',
  load: () => import('./PracticeBench').then(({ PracticeBench }) => PracticeBench),
  kinds: ['plan'],
  open: () => {
    const open = planNow();
    return open ? [open.id] : [];
  },
  keys: [
    ['tab', 'from item to item'],
    ['enter', 'practise the item'],
  ],
  commands: [
    {
      name: 'Begin a plan of practice',
      run: (go) =>
        void fetchScript(() => import('./state')).then(({ addPlan }) => {
          addPlan();
          go(PATH);
        }),
    },
  ],
};
