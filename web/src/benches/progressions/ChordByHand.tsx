import { midiNumber, printNote, type Key, type Note } from '@diatonix/core';
import { Plus } from 'lucide-react';
import { Button } from '../../design/controls';
import { LazyNotePanel } from '../../notes/lazy';
import type { NoteManner } from '../../notes/NotePanel';
import { toggled, useGathering } from '../../notes/useGathering';
import { addEntry } from './state';
import { PROGRESSIONS_DESK } from './desk';

interface ChordByHandProps {
  readonly keyOf: Key;
  /** Notes of the selected column. */
  readonly shown: readonly Note[];
  /** The column after which the chord is put. */
  readonly after: string | null;
}

/** Notes gathered by hand and put as a column of their own. */
export function ChordByHand({ keyOf, shown, after }: ChordByHandProps) {
  const { gathered, now, set, clear } = useGathering(keyOf);
  const sorted = [...gathered].sort((a, b) => midiNumber(a) - midiNumber(b));
  const gather = (note: Note, manner: NoteManner) => set(toggled(now(), note, manner, keyOf));
  const put = () => {
    PROGRESSIONS_DESK.set({ column: addEntry({ kind: 'notes', notes: sorted.map(printNote) }, after) });
    clear();
  };
  return (
    <LazyNotePanel
      keyOf={keyOf}
      clef="treble"
      shown={gathered.length > 0 ? sorted : shown}
      gaps={gathered.length > 0}
      gathered={gathered}
      hint="Gather the notes of a chord, then put it."
      onNote={gather}
      onClear={clear}
    >
      <Button
        isDisabled={new Set(gathered.map(({ step, alteration }) => `${step} ${alteration}`)).size < 2}
        onPress={put}
      >
        <Plus aria-hidden="true" /> Put the chord
      </Button>
    </LazyNotePanel>
  );
}
