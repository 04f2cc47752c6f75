import type { Bench } from '../bench';

export const CLASSROOM_BENCH: Bench = {
  name: 'classroom',
  path: '/class',
  title: 'Class',
  load: () => import('./ClassBench').then(({ ClassBench }) => ClassBench),
  kinds: [],
  open: () => [],
  keys: [],
  commands: [],
};
