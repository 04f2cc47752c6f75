import {
  displayNoteName,
  notesFromBass,
  stackedNotes,
  sameName,
  type Chord,
  type LabelStyle,
} from '@diatonix/core';
import { Layers } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';

const LINE_HEIGHT = 30;

const Stack = styled.div`
  position: relative;
  margin: 0.7rem 0;
  span {
    position: absolute;
    left: 0;
    width: 5.5rem;
    height: ${LINE_HEIGHT - 4}px;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    text-align: center;
    font:
      600 1.05rem/${LINE_HEIGHT - 6}px 'Accidentals',
      'Source Serif 4',
      serif;
    transition: transform 700ms ease-in-out;
  }
  .root {
    border-color: var(--mark);
  }
`;

/** The notes from the lowest up, moved into thirds before one's eyes, and back. */
export function Restack({ chord, school }: { chord: Chord; school: LabelStyle }) {
  const [stacked, setStacked] = useState(false);
  const standing = notesFromBass(chord);
  const thirds = stackedNotes(chord);
  const order = stacked ? thirds : standing;
  return (
    <>
      <Stack
        style={{ height: standing.length * LINE_HEIGHT }}
        aria-label={order.map((note) => displayNoteName(note, school.letters)).join(' ')}
        role="img"
      >
        {standing.map((note) => {
          const at = order.findIndex((other) => sameName(other, note));
          const height = (order.length - 1 - Math.max(0, at)) * LINE_HEIGHT;
          return (
            <span
              key={displayNoteName(note)}
              className={sameName(note, chord.root) ? 'root' : ''}
              style={{ transform: `translateY(${height}px)` }}
            >
              {displayNoteName(note, school.letters)}
            </span>
          );
        })}
      </Stack>
      <Button onPress={() => setStacked(!stacked)}>
        <Layers aria-hidden="true" /> {stacked ? 'As it stands' : 'Restack in thirds'}
      </Button>
    </>
  );
}
