import { create } from 'zustand';

/** How wide the systems of a line are while a picture of it is drawn: null for one line, undefined as on the page. */
export const useDrawingMode = create<{ readonly width: number | null | undefined }>()(() => ({
  width: undefined,
}));
