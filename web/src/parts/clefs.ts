import type { Clef } from '@diatonix/core';

/** Clefs to choose from. */
export const CLEF_OPTIONS: readonly { readonly id: Clef; readonly name: string }[] = [
  { id: 'treble', name: 'Treble' },
  { id: 'bass', name: 'Bass' },
  { id: 'alto', name: 'Alto' },
  { id: 'tenor', name: 'Tenor' },
];
