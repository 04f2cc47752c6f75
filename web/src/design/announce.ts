import { create } from 'zustand';

/** What a screen reader is to say next: the last that was announced. */
export const useAnnounced = create<{ readonly text: string }>(() => ({ text: '' }));

/** Says something that changed where the focus is not, or under it: politely, after what is being said. */
export function announce(text: string): void {
  useAnnounced.setState({ text });
}
