import { create } from 'zustand';

export type Theme = 'system' | 'paper' | 'board';

/** The surface and the size of what is shown. */
export interface Appearance {
  readonly theme: Theme;
  readonly boardSize: boolean;
  /** Whether the question mark opens the list of keys: single letters can be in the way of speech input. */
  readonly keyListKey: boolean;
}

/** The surface and the size of type: kept on the device, not in the workbook. */
export const useAppearance = create<Appearance>()(() => ({
  theme: 'system',
  boardSize: false,
  keyListKey: true,
}));
