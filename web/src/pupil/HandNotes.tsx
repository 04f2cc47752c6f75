import {
  attempt,
  parseKey,
  parseNote,
  playedAnswer,
  playedAs,
  playedKey,
  printNote,
  type Clef,
  type Note,
} from '@diatonix/core';
import { useState } from 'react';
import { NotePanel, type NoteManner } from '../notes/NotePanel';
import { toggled } from '../notes/useGathering';
import type { PupilQuestion } from './work';

const C_MAJOR = parseKey('C major');
const MOST_NOTES = 60;
const CLEFS: readonly Clef[] = ['treble', 'bass', 'alto', 'tenor'];

/** The key and the clef of a question; a hostile one is read in C major on a treble staff. */
function placeOf({ given }: PupilQuestion): { key: typeof C_MAJOR; clef: Clef } {
  const key = attempt(() => parseKey(String(given['key'])));
  return {
    key: key.ok ? key.value : C_MAJOR,
    clef: CLEFS.find((one) => one === given['clef']) ?? 'treble',
  };
}

interface HandNotesProps {
  readonly question: PupilQuestion;
  readonly onAnswer: (text: string) => void;
}

/** An answer in notes: put on the staff, struck on the keyboard of the page, or played on a MIDI keyboard. */
export default function HandNotes({ question, onAnswer }: HandNotesProps) {
  const [notes, setNotes] = useState<readonly Note[]>([]);
  const { key, clef } = placeOf(question);
  const stacked = playedAs(question.kind) === 'stack';
  const put = (next: readonly Note[]) => {
    setNotes(next);
    onAnswer(playedAnswer(question.kind, next));
  };
  const add = (note: Note, manner: NoteManner) =>
    put(stacked ? toggled(notes, note, manner, key) : [...notes, note].slice(-MOST_NOTES));
  return (
    <NotePanel
      keyOf={key}
      spelledIn={playedKey(question)}
      clef={clef}
      shown={stacked ? notes : notes.slice(-1)}
      gathered={stacked ? notes : notes.slice(-1)}
      hint="Every note goes into your answer. Stop if a hand hurts, and ask your teacher or a doctor."
      onNote={add}
      onClear={() => put([])}
    />
  );
}

interface ScratchStaffProps {
  readonly question: PupilQuestion;
  /** The notes on it, as they are kept. */
  readonly text: string;
  readonly onChange: (text: string) => void;
}

/** A staff to try notes on, which is not handed in. */
export function ScratchStaff({ question, text, onChange }: ScratchStaffProps) {
  const { key, clef } = placeOf(question);
  const read = attempt(() => text.split(' ').filter(Boolean).map(parseNote));
  const notes = read.ok ? read.value : [];
  return (
    <NotePanel
      keyOf={key}
      clef={clef}
      shown={notes}
      gathered={notes}
      hint="Try notes here: they are not handed in."
      onNote={(note, manner) => onChange(toggled(notes, note, manner, key).map(printNote).join(' '))}
      onClear={() => onChange('')}
    />
  );
}
