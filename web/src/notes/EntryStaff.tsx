import {
  LETTERS,
  signatureAlteration,
  speakNoteName,
  staffPosition,
  modulo,
  type Clef,
  type Note,
  type Step,
} from '@diatonix/core';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import styled from 'styled-components';
import { StaffLines } from '../columns/StaffLines';
import type { StaffFrame } from '../columns/types';
import { StaffHead } from '../notation/StaffHead';
import type { Engraver } from '@diatonix/engraving';

const FRAME: StaffFrame = { height: 132, staves: [46] };
const STEP_HEIGHT = 5;
/** The note on the top line of each clef, as a staff position. */
const TOP_LINES: Record<Clef, number> = { treble: 38, bass: 26, alto: 32, tenor: 30 };
/** Ledger lines reach so far above the top line and below the bottom line. */
const REACH = 8;
const STAFF_STEPS = 8;

const Staff = styled.div`
  display: flex;
  position: relative;
  height: ${FRAME.height}px;
  border-radius: 4px;
  cursor: copy;
  .staff-cell {
    position: relative;
  }
  .staff,
  .place > svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    fill: currentColor;
    /* Glyphs have tall boxes, which must not take clicks from what lies near. */
    pointer-events: none;
  }
  svg line {
    stroke: color-mix(in srgb, var(--ink) 72%, var(--ground));
    shape-rendering: crispEdges;
  }
  .place {
    position: relative;
    width: 7rem;
  }
  .ghost {
    color: var(--mark);
    opacity: 0.75;
  }
`;

interface EntryStaffProps {
  readonly engraver: Engraver | null;
  readonly clef: Clef;
  readonly fifths: number;
  /** Half steps on the note that is put: null for what the signature gives. */
  readonly sign: number | null;
  readonly onSign: (sign: number | null) => void;
  /** Notes gathered so far. */
  readonly gathered: readonly Note[];
  readonly onNote: (note: Note) => void;
}

/**
 * A staff that notes are put on: by pointing, or from the keyboard with the
 * arrows (shift for an octave), letters for names, + and − for accidentals,
 * and enter to put the note.
 */
export function EntryStaff({ engraver, clef, fifths, sign, onSign, gathered, onNote }: EntryStaffProps) {
  const top = TOP_LINES[clef];
  const [place, setPlace] = useState(top - 4);
  const [near, setNear] = useState(false);
  const bounded = (position: number) => Math.max(top - STAFF_STEPS - REACH, Math.min(top + REACH, position));
  const noteAt = (position: number): Note => {
    const step = modulo(position, 7) as Step;
    return { step, octave: Math.floor(position / 7), alteration: sign ?? signatureAlteration(fifths, step) };
  };
  const placeOf = (event: MouseEvent) => {
    const y = event.clientY - event.currentTarget.getBoundingClientRect().top;
    return bounded(top - Math.round((y - FRAME.staves[0]!) / STEP_HEIGHT));
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const far = event.shiftKey ? 7 : 1;
    const letter = LETTERS.indexOf(event.key.toUpperCase());
    if (event.key === 'ArrowUp') setPlace(bounded(place + far));
    else if (event.key === 'ArrowDown') setPlace(bounded(place - far));
    else if (event.key === '+' || event.key === '=' || event.key === '-') {
      const now = sign ?? signatureAlteration(fifths, modulo(place, 7));
      onSign(Math.max(-2, Math.min(2, now + (event.key === '-' ? -1 : 1))));
    } else if (event.key === 'Enter' || event.key === ' ') onNote(noteAt(place));
    else if (event.key.length === 1 && letter >= 0) {
      const nearest = place + modulo(letter - modulo(place, 7) + 3, 7) - 3;
      setPlace(bounded(nearest));
    } else return;
    setNear(true);
    event.preventDefault();
  };
  const ghost = noteAt(place);
  const drawn = gathered.length > 0 ? [...gathered].sort((a, b) => staffPosition(a) - staffPosition(b)) : [];
  return (
    <Staff
      role="slider"
      tabIndex={0}
      aria-label="Staff: choose a note"
      aria-orientation="vertical"
      aria-valuemin={top - STAFF_STEPS - REACH}
      aria-valuemax={top + REACH}
      aria-valuenow={place}
      aria-valuetext={`${speakNoteName(ghost)} ${ghost.octave}`}
      onKeyDown={onKey}
      onFocus={() => setNear(true)}
      onBlur={() => setNear(false)}
      onMouseMove={(event) => (setPlace(placeOf(event)), setNear(true))}
      onMouseLeave={() => setNear(false)}
      onClick={(event) => {
        const position = placeOf(event);
        setPlace(position);
        onNote(noteAt(position));
      }}
    >
      <StaffHead engraver={engraver} clefs={[clef]} frame={FRAME} fifths={fifths} scale={1} />
      <div className="place">
        <svg aria-hidden="true">
          <StaffLines frame={FRAME} scale={1} end />
          {engraver && drawn.length > 0 && (
            <Drawing x="28%" markup={engraver.column([{ clef, notes: drawn }], FRAME, fifths, 'w').markup} />
          )}
          {engraver && near && (
            <Drawing
              x="72%"
              ghost
              markup={engraver.column([{ clef, notes: [ghost] }], FRAME, fifths, 'w').markup}
            />
          )}
        </svg>
      </div>
    </Staff>
  );
}

function Drawing({ x, markup, ghost = false }: { x: string; markup: string; ghost?: boolean }) {
  return (
    <svg x={x} overflow="visible" className={ghost ? 'ghost' : undefined}>
      <g dangerouslySetInnerHTML={{ __html: markup }} />
    </svg>
  );
}
