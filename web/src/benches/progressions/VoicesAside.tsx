import {
  displayNoteName,
  parseNote,
  printNote,
  VOICES,
  type Fault,
  type FourNotes,
  type LabelStyle,
  type VoiceName,
  faultWords,
} from '@diatonix/core';
import { Lock, LockOpen, Music } from 'lucide-react';
import { memo } from 'react';
import styled from 'styled-components';
import { Button, Toggle } from '../../design/controls';
import { Smoothness } from './Smoothness';
import { Problem } from '../../design/Problem';
import type { ShownColumn } from './derive';
import type { FourParts } from './useFourParts';
import { decide, lockVoice } from './state';
import type { ProgressionColumn } from '../../documents/kinds/progression/type';

const Voices = styled.div`
  display: grid;
  grid-template-columns: 1fr auto auto auto auto;
  gap: 0.25rem 0.7rem;
  align-items: center;
  margin-top: 0.4rem;
  b {
    color: var(--ink);
    font:
      600 1rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
`;

interface VoicesAsideProps {
  readonly column: ProgressionColumn;
  readonly line: readonly ShownColumn[];
  /** The voices of every column, and those of this one. */
  readonly all: FourParts['voices'];
  readonly voices: FourNotes | null;
  readonly faults: readonly Fault[];
  readonly said: string | null;
  readonly smooth: FourParts['smooth'];
  readonly searching: boolean;
  readonly school: LabelStyle;
  /** Plays one voice through the whole line. */
  readonly onHear: (voice: VoiceName) => void;
}

/** The four notes of the selected column, each to be locked, and the faults that are complete in it. */
export const VoicesAside = memo(function VoicesAside({
  column,
  line,
  all,
  voices,
  faults,
  said,
  smooth,
  searching,
  school,
  onHear,
}: VoicesAsideProps) {
  const locks = column.locks ?? [null, null, null, null];
  const lock = (voice: number, locked: boolean) => {
    const next = locks.map((note, at) =>
      at === voice ? (locked ? printNote(voices![voice]!) : null) : note,
    );
    decide(column.id, { locks: next.every((note) => note === null) ? undefined : next });
  };
  const shown = voices ?? null;
  const whole = (voice: number) => line.every(({ column: one }) => one.locks?.[voice]);
  const lockWhole = (voice: number, locked: boolean) =>
    lockVoice(
      voice,
      new Map(
        line.flatMap(({ column: one }, at): [string, string | null][] => {
          const notes = all[at];
          return locked ? (notes ? [[one.id, printNote(notes[voice]!)]] : []) : [[one.id, null]];
        }),
      ),
    );
  return (
    <div className="aside">
      {searching && <span role="status">The voices are being set…</span>}
      {said && <Problem>{said}</Problem>}
      {(shown ?? locks).some((note) => note !== null) && (
        <Voices role="group" aria-label="Voices of this column">
          {VOICES.map((voice, at) => {
            const note = shown ? shown[at]! : locks[at] ? parseNote(locks[at]) : null;
            if (!note) return null;
            const locked = locks[at] !== null;
            return (
              <span key={voice} style={{ display: 'contents' }}>
                <span>{voice}</span>
                <b>
                  {displayNoteName(note, school.letters)}
                  {note.octave}
                </b>
                {shown ? (
                  <Button aria-label={`Hear the ${voice}`} onPress={() => onHear(voice)}>
                    <Music aria-hidden="true" />
                  </Button>
                ) : (
                  <span />
                )}
                <Toggle
                  aria-label={`Lock the ${voice}`}
                  isSelected={locked}
                  onChange={(next) => lock(at, next)}
                >
                  {locked ? <Lock aria-hidden="true" /> : <LockOpen aria-hidden="true" />}
                </Toggle>
                <Toggle
                  aria-label={`Lock the whole ${voice}`}
                  isSelected={whole(at)}
                  onChange={(next) => lockWhole(at, next)}
                >
                  all
                </Toggle>
              </span>
            );
          })}
        </Voices>
      )}
      {smooth && <Smoothness smooth={smooth} line={line} school={school} />}
      {faults.map((fault, index) => (
        <Problem key={index}>{faultWords(fault, school)}.</Problem>
      ))}
    </div>
  );
});
