import { Piano as PianoIcon } from 'lucide-react';
import { Toggle } from '../design/controls';
import { NOTES_DESK } from './desk';

/** Opens the panel for entering notes by hand. */
export function NotesToggle() {
  const open = NOTES_DESK.use(({ open }) => open);
  return (
    <Toggle isSelected={open} onChange={(next) => NOTES_DESK.set({ open: next })}>
      <PianoIcon aria-hidden="true" /> By hand
    </Toggle>
  );
}
