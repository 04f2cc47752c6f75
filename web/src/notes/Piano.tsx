import {
  displayNoteName,
  midiNumber,
  pianoKeys,
  speakNoteName,
  spellInKey,
  type Key,
  type LetterSystem,
  type Note,
} from '@diatonix/core';
import { useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';

const LOWEST = 36;
const HIGHEST = 84;
const KEYS = pianoKeys(LOWEST, HIGHEST);
const WHITES = KEYS.filter(({ black }) => !black).length;
/** A key for a finger, in pixels. */
const FINGER = 32;
/** How far a black key reaches over the white one at its left, in white keys. */
const OVERLAP = 0.3;

const Keys = styled.div`
  position: relative;
  height: 8.2rem;
  min-width: 32rem;
  /* Keys that a finger can strike; the keyboard is scrolled. */
  @media (max-width: 860px), (pointer: coarse) {
    min-width: ${WHITES * FINGER}px;
  }
  user-select: none;
  touch-action: manipulation;
  .gap {
    position: absolute;
    top: 0;
    height: 1.15rem;
    border: 1px solid var(--soft);
    border-bottom: 0;
    text-align: center;
    font-size: 0.75rem;
    line-height: 1;
    color: var(--ink);
  }
  .gap span {
    position: relative;
    top: -0.42rem;
    padding: 0 0.2rem;
    background: var(--ground);
    font-weight: 600;
  }
  button {
    position: absolute;
    top: 1.3rem;
    display: flex;
    align-items: flex-end;
    justify-content: center;
    width: ${100 / WHITES}%;
    min-width: 0;
    height: 6.8rem;
    padding: 0 0 0.25rem;
    border: 1px solid var(--key-line);
    border-radius: 0 0 4px 4px;
    background: var(--key-white);
    color: #1d2a3a;
    font:
      600 0.8125rem/1 'Accidentals',
      'Source Serif 4',
      serif;
    cursor: pointer;
  }
  button.black {
    z-index: 1;
    width: ${60 / WHITES}%;
    height: 4.2rem;
    background: var(--key-black);
    color: #fffefb;
  }
  button[aria-pressed='true'] {
    background: var(--key-pressed);
    color: var(--key-pressed-ink);
  }
  button .home {
    font-weight: 400;
    color: #4c5868;
  }
  button:focus-visible {
    z-index: 2;
    outline-offset: -3px;
  }
`;

interface PianoProps {
  readonly keyOf: Key;
  readonly letters: LetterSystem;
  /** Notes marked on the keys, lowest first. */
  readonly shown: readonly Note[];
  /** Half steps counted between the marked keys. */
  readonly gaps: boolean;
  readonly onPress: (midi: number) => void;
  readonly onRelease: (midi: number) => void;
  /** Keys of the computer keyboard that are piano keys, where the simulated keyboard is chosen. */
  readonly pianoKey?: ((key: string) => number | null) | undefined;
}

/**
 * The keyboard on the screen, C2 to C6. One key takes the focus; arrows move along, enter or space strikes.
 */
export function Piano({ keyOf, letters, shown, gaps, onPress, onRelease, pianoKey }: PianoProps) {
  const [focus, setFocus] = useState(60);
  const marks = new Map(shown.map((note) => [midiNumber(note), note]));
  const down = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const step =
      event.key === 'ArrowRight'
        ? 1
        : event.key === 'ArrowLeft'
          ? -1
          : event.key === 'ArrowUp'
            ? 12
            : event.key === 'ArrowDown'
              ? -12
              : 0;
    const played = pianoKey?.(event.key) ?? null;
    if (step !== 0) {
      event.preventDefault();
      const next = Math.max(LOWEST, Math.min(HIGHEST, focus + step));
      setFocus(next);
      event.currentTarget.querySelector<HTMLElement>(`[data-midi="${next}"]`)?.focus();
    } else if (played !== null && !event.repeat) {
      event.preventDefault();
      onPress(played);
    }
  };
  const up = (event: KeyboardEvent) => {
    const played = pianoKey?.(event.key) ?? null;
    if (played !== null) onRelease(played);
  };
  return (
    <Keys role="group" aria-label="Keyboard" onKeyDown={down} onKeyUp={up}>
      {gaps &&
        shown.slice(1).map((note, i) => <Gap key={i} from={midiNumber(shown[i]!)} to={midiNumber(note)} />)}
      {KEYS.map(({ midi, black, whitesBelow, octave }) => {
        const mark = marks.get(midi);
        const name = mark ?? spellInKey(midi, keyOf);
        return (
          <button
            key={midi}
            type="button"
            data-midi={midi}
            className={black ? 'black' : 'white'}
            style={{ left: `${((whitesBelow - (black ? OVERLAP : 0)) * 100) / WHITES}%` }}
            tabIndex={midi === focus ? 0 : -1}
            aria-label={`${speakNoteName(name)} ${name.octave}`}
            aria-pressed={mark !== undefined}
            onFocus={() => setFocus(midi)}
            onPointerDown={(event) => {
              if (event.button === 0) onPress(midi);
            }}
            onPointerUp={() => onRelease(midi)}
            onPointerLeave={(event) => event.buttons === 1 && onRelease(midi)}
            onClick={(event) => {
              // From the keyboard there is no pointer: struck and let go at once.
              if (event.detail !== 0) return;
              onPress(midi);
              onRelease(midi);
            }}
          >
            {mark ? (
              displayNoteName(mark, letters)
            ) : octave !== null ? (
              <span className="home">C{octave}</span>
            ) : (
              ''
            )}
          </button>
        );
      })}
    </Keys>
  );
}

/** The middle of a key, in hundredths of the keyboard's width. */
function middleOf(midi: number): number {
  const { black, whitesBelow } = KEYS[midi - LOWEST]!;
  return ((whitesBelow + (black ? 0 : 0.5)) * 100) / WHITES;
}

/** A bracket over two marked keys with the half steps between them. */
function Gap({ from, to }: { from: number; to: number }) {
  if (from < LOWEST || to > HIGHEST) return null;
  return (
    <div className="gap" style={{ left: `${middleOf(from)}%`, width: `${middleOf(to) - middleOf(from)}%` }}>
      <span>{to - from}</span>
    </div>
  );
}
