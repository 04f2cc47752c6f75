import {
  addBar,
  attempt,
  editNote,
  noteBeside,
  TICKS_A_QUARTER,
  writtenNoteWords,
  type Beside,
  type EditedScore,
  type NoteEdit,
  type Score,
} from '@diatonix/core';
import { useState } from 'react';
import { announce } from '../../../design/announce';
import { useSchool } from '../../../documents/store/use';
import { perform } from '../../../sound/player';
import { SCORES_DESK } from '../desk';
import { editPiece, scoreNow } from '../state';
import { anchorOf, firstAt, placeOf, type Anchor } from './anchor';

/** The note that is selected and what can be done with it. */
export interface Notes {
  /** Its place in the score; −1 for none. */
  readonly place: number;
  readonly problem: string | null;
  readonly select: (place: number) => void;
  /** Selects the first note that sounds at a time. */
  readonly selectAt: (time: number) => void;
  readonly go: (way: Beside) => boolean;
  /** Edits it, or another one that is selected by that; whether it could be. */
  readonly edit: (edit: NoteEdit, place?: number) => boolean;
  readonly appendBar: () => void;
  /** Selects the note after the one that was just edited, where there is one. */
  readonly goOn: () => void;
  readonly hear: () => void;
}

const WORDS: Record<NoteEdit['kind'], string> = {
  pitch: 'the pitch of a note',
  length: 'the length of a note',
  add: 'the added note',
  remove: 'the removed note',
  tie: 'the tie',
  fermata: 'the fermata',
  voice: 'the voice of a note',
};

/** Selects and edits single notes of the open piece. */
export function useNotes(score: Score, tempo: number): Notes {
  const school = useSchool();
  const [anchor, setAnchor] = useState<Anchor | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const place = placeOf(score, anchor);

  const show = (of: Score, next: number) => {
    setAnchor(anchorOf(of.notes, next));
    const one = of.notes[next];
    if (!one) return;
    SCORES_DESK.set({ at: one.onset });
    announce(writtenNoteWords(of, next, school));
  };
  const done = (edited: ReturnType<typeof attempt<EditedScore>>, words: string, burst?: string): boolean => {
    setProblem(edited.ok ? null : edited.error.message);
    if (!edited.ok) return false;
    editPiece(words, edited.value.score, burst);
    show(edited.value.score, edited.value.place);
    return true;
  };

  return {
    place,
    problem,
    select: (next) => {
      setProblem(null);
      show(score, next);
    },
    selectAt: (time) => show(score, Math.max(0, firstAt(score, time))),
    go: (way) => {
      const next = noteBeside(score.notes, place, way);
      setProblem(null);
      if (next !== null) show(score, next);
      return next !== null;
    },
    edit: (edit, at) => {
      // Two keys may be struck before the page is drawn again.
      const now = scoreNow() ?? score;
      const which = at ?? placeOf(now, anchor);
      const burst =
        edit.kind === 'pitch' ? `pitch ${anchor?.part} ${anchor?.voice} ${anchor?.onset}` : undefined;
      return done(
        attempt(() => editNote(now, which, edit)),
        WORDS[edit.kind],
        burst,
      );
    },
    goOn: () => {
      const now = scoreNow() ?? score;
      const next = noteBeside(now.notes, placeOf(now, anchor), 'after');
      if (next !== null) show(now, next);
    },
    appendBar: () =>
      void done(
        attempt(() => addBar(scoreNow() ?? score)),
        'the added bar',
      ),
    hear: () => {
      const one = score.notes[place];
      if (!one?.note) return;
      const seconds = Math.max(0.3, (one.ticks / TICKS_A_QUARTER) * (60 / tempo));
      void perform([[{ column: -1, seconds, notes: [{ note: one.note, from: 0, to: seconds }] }]]);
    },
  };
}
