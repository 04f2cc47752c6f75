import { Piano as PianoIcon } from 'lucide-react';
import { Toggle } from '../design/controls';
import { useStore } from '../workbook/store';

/** Opens the panel for entering notes by hand. */
export function NotesToggle() {
  const open = useStore((state) => state.place.notePanel);
  const setPlace = useStore((state) => state.setPlace);
  return (
    <Toggle isSelected={open} onChange={(notePanel) => setPlace({ notePanel })}>
      <PianoIcon aria-hidden="true" /> Notes
    </Toggle>
  );
}
