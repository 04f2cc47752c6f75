import styled from 'styled-components';
import { Sheet } from './Sheet';

const List = styled.dl`
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0.35rem 1.2rem;
  margin: 0;
  dt {
    font-family: 'Source Serif 4', serif;
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
`;

const KEYS: readonly (readonly [string, string])[] = [
  ['← →', 'move between columns'],
  ['↑ ↓', 'move between rows'],
  ['shift + ← →', 'Progressions: select several columns, to play, move or remove them'],
  ['1 – 7', 'Progressions: put the chord of that degree after the column; Key: go to that degree'],
  ['[ ]', 'invert the column down, up; Intervals: an octave down, up'],
  ['< >', 'move the column left, right'],
  ['a – g', 'Intervals: enter a note of that letter; on the staff of the notes panel: go to it'],
  ['+ −', 'staff of the notes panel: raise or lower the note; enter puts it'],
  ['space', 'play the column or the selection'],
  ['shift + space', 'play from here'],
  ['escape', 'stop'],
  ['delete', 'remove the column or the selection'],
  ['enter', 'Key: add the chord to the progression'],
  ['t', 'Key: mark the degree taught or not yet taught'],
  ['ctrl + z', 'undo'],
  ['ctrl + shift + z', 'redo'],
  ['ctrl + k', 'list of commands'],
  ['?', 'this list'],
];

/** The list of keys. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="Keys" onClose={onClose}>
      <List>
        {KEYS.map(([key, use]) => (
          <div key={key} style={{ display: 'contents' }}>
            <dt>{key}</dt>
            <dd>{use}</dd>
          </div>
        ))}
      </List>
    </Sheet>
  );
}
