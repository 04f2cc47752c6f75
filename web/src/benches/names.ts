import type { BenchName } from '../workbook/model';

/** The benches in the order of work, with their addresses. */
export const BENCHES: readonly { readonly name: BenchName; readonly path: string; readonly title: string }[] =
  [
    { name: 'key', path: '/key', title: 'Key' },
    { name: 'intervals', path: '/intervals', title: 'Intervals' },
    { name: 'chords', path: '/chords', title: 'Chords' },
    { name: 'progressions', path: '/progressions', title: 'Progressions' },
  ];
