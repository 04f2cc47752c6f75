import type { Bench } from '../bench';
import { progressionNow } from './desk';
import { fetchScript } from '../../fetchScript';

const PATH = '/progressions';

export const PROGRESSIONS_BENCH: Bench = {
  name: 'progressions',
  path: PATH,
  title: 'Progressions',
  load: () => import('./ProgressionsBench').then(({ ProgressionsBench }) => ProgressionsBench),
  kinds: ['progression'],
  open: () => {
    const open = progressionNow();
    return open ? [open.id] : [];
  },
  keys: [
    ['1 – 7', 'put the chord of that degree after the column'],
    ['shift + ← →', 'select several columns, to play, move or remove them'],
    ['[ ]', 'invert the column down, up'],
    ['< >', 'move the column left, right'],
    ['shift + space', 'play from here'],
  ],
  commands: [
    {
      name: 'Begin a new progression',
      run: (go) =>
        void fetchScript(() => import('./state')).then(({ addProgression }) => {
          addProgression();
          go(PATH);
        }),
    },
  ],
};
