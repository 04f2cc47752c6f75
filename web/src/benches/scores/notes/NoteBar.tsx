import { TextInput } from '../../../design/fields/TextInput';
import {
  attempt,
  displayNote,
  lengthWords,
  parseNoteIn,
  vocabulary,
  voicePlaces,
  writtenNoteWords,
  type Key,
  type LabelStyle,
  type Score,
} from '@diatonix/core';
import { Plus, Trash2, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Choice } from '../../../design/Choice';
import { Button, fieldLook, Toggle } from '../../../design/controls';
import { LazyNotePanel } from '../../../notes/lazy';
import { NOTES_DESK } from '../../../notes/desk';
import { NotesToggle } from '../../../notes/NotesToggle';
import { SCORES_DESK } from '../desk';
import { LENGTHS, noteKey } from './noteKey';
import { SymbolField } from './SymbolField';
import type { Notes } from './useNotes';

const Bar = styled.section`
  position: sticky;
  top: -1rem;
  z-index: 5;
  margin: -0.25rem 0 0.75rem;
  padding: 0.4rem 0;
  border-bottom: 1px solid var(--rule);
  background: var(--ground);
  .tools {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
  }
  .handle {
    flex: 1 1 16rem;
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--mark);
    border-radius: 4px;
    background: var(--mark-ground);
    font-weight: 600;
  }
  .handle:focus-visible {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  .tools + .tools,
  .hint {
    margin: 0.4rem 0 0;
  }
  .hint {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  input {
    ${fieldLook}
    width: 4.5rem;
    min-height: 1.85rem;
  }
  .problem {
    margin: 0.4rem 0 0;
    color: var(--correction);
  }
  @media (max-width: 860px) {
    position: static;
  }
  @media print {
    display: none;
  }
`;

interface NoteBarProps {
  readonly score: Score;
  readonly notes: Notes;
  readonly school: LabelStyle;
  /** The key at the selected note, in which keys of a keyboard are spelled. */
  readonly keyOf: Key;
  /** Counts the times that the focus is asked for. */
  readonly asked: number;
  readonly onLeave: () => void;
}

/** The selected note in words, by keys, by fields, and from a keyboard. */
export function NoteBar({ score, notes, school, keyOf, asked, onLeave }: NoteBarProps) {
  const handle = useRef<HTMLDivElement>(null);
  const byHand = NOTES_DESK.use(({ open }) => open);
  useEffect(() => handle.current?.focus({ preventScroll: true }), [asked]);
  const { place } = notes;
  const one = score.notes[place];
  const words = one
    ? writtenNoteWords(score, place, school)
    : 'No note is selected: point at one on the staff';
  const isNote = one?.kind === 'note';
  const voices = one ? voicePlaces(score) : [];
  const here = voices.findIndex(
    ({ part, staff, voice }) => one && part === one.part && staff === one.staff && voice === one.voice,
  );
  const lengths = one && !LENGTHS.includes(one.ticks) ? [one.ticks, ...LENGTHS] : LENGTHS;
  return (
    <Bar aria-label="Notes of the piece">
      <div className="tools">
        <div
          ref={handle}
          className="handle"
          role="group"
          tabIndex={0}
          aria-label={`Note: ${words}`}
          onKeyDown={(event) => {
            if (event.ctrlKey || event.metaKey || event.altKey) return;
            if (event.key === 'Escape') onLeave();
            else if (!noteKey(event.key, event.shiftKey, score, notes)) return;
            event.preventDefault();
            event.stopPropagation();
          }}
        >
          {words}
        </div>
        <NotesToggle />
        <Button aria-label="Close the notes" onPress={() => SCORES_DESK.set({ notes: false })}>
          <X aria-hidden="true" />
        </Button>
      </div>
      <div className="tools">
        {one && (
          <>
            <PitchField
              key={`${place} ${one.note ? displayNote(one.note, school.letters) : ''}`}
              value={one.note ? displayNote(one.note, school.letters) : ''}
              school={school}
              onPitch={(note) => notes.edit({ kind: 'pitch', note })}
            />
            <Choice
              label="Length"
              value={String(one.ticks)}
              options={lengths.map((ticks) => ({ id: String(ticks), name: lengthWords(ticks, school) }))}
              onChoose={(ticks) => notes.edit({ kind: 'length', ticks: Number(ticks) })}
            />
            <Choice
              label="Voice"
              value={String(here)}
              options={voices.map(({ part, staff, voice }, at) => ({
                id: String(at),
                name: voiceWords(score.parts[part]!, staff, voice),
              }))}
              onChoose={(at) => notes.edit({ kind: 'voice', to: voices[Number(at)]! })}
            />
            <Toggle
              isDisabled={!isNote}
              isSelected={one.tieStart === true}
              onChange={() => notes.edit({ kind: 'tie' })}
            >
              Tie
            </Toggle>
            <Toggle isSelected={one.fermata === true} onChange={() => notes.edit({ kind: 'fermata' })}>
              Fermata
            </Toggle>
            <SymbolField score={score} at={one.onset} school={school} onMoment={notes.selectAt} />
            <Button aria-label="Hear the note" isDisabled={!isNote} onPress={notes.hear}>
              Hear
            </Button>
            <Button isDisabled={one.kind === 'rest'} onPress={() => notes.edit({ kind: 'remove' })}>
              <Trash2 aria-hidden="true" /> Remove
            </Button>
          </>
        )}
        <Button onPress={notes.appendBar}>
          <Plus aria-hidden="true" /> {`Add a ${vocabulary(school).bar}`}
        </Button>
      </div>
      <p className="hint">
        Arrows go from note to note, with shift they move the pitch; a to g name it; , and . change the
        length.
      </p>
      {notes.problem && (
        <p className="problem" role="alert">
          {notes.problem}
        </p>
      )}
      {byHand && one && (
        <LazyNotePanel
          keyOf={keyOf}
          clef="treble"
          shown={one.note ? [one.note] : []}
          gathered={one.note ? [one.note] : []}
          hint="A note that is put goes to the selected place, and the next one is selected."
          onNote={(note) => {
            if (notes.edit({ kind: 'pitch', note })) notes.goOn();
          }}
        />
      )}
    </Bar>
  );
}

/** A voice by its part, its staff where the part has several, and its name. */
function voiceWords({ name, staves }: Score['parts'][number], staff: number, voice: string): string {
  return [name || 'Part', ...(staves > 1 ? [`staff ${staff}`] : []), `voice ${voice}`].join(', ');
}

interface PitchFieldProps {
  readonly value: string;
  readonly school: LabelStyle;
  readonly onPitch: (note: ReturnType<typeof parseNoteIn>) => void;
}

/** The pitch as it is written, changed with Enter or by leaving the field. */
function PitchField({ value, school, onPitch }: PitchFieldProps) {
  const [text, setText] = useState(value);
  const [wrong, setWrong] = useState<string | null>(null);
  const put = () => {
    if (text.trim() === '' || text === value) return;
    const read = attempt(() => parseNoteIn(text.trim(), school.letters));
    setWrong(read.ok ? null : read.error.message);
    if (read.ok) onPitch(read.value);
  };
  return (
    <>
      <TextInput
        aria-label="Pitch"
        aria-invalid={wrong !== null}
        value={text}
        maxLength={12}
        spellCheck={false}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && put()}
        onBlur={put}
      />
      {wrong && (
        <p className="problem" role="alert">
          {wrong}
        </p>
      )}
    </>
  );
}
