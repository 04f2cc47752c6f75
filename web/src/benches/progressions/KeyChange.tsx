import { keyAfter, MOVES, parseKey, printKey } from '@diatonix/core';
import { lazy, memo, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { KeyPicker } from '../../design/KeyPicker';
import { keyName } from '../../design/names';
import { Problem } from '../../design/Problem';
import type { Progression } from '../../workbook/model';
import { useStore } from '../../workbook/store';

const MenuPopover = lazy(() => import('../../design/MenuPopover'));

const Choice = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.6rem;
  margin-bottom: 0.6rem;
  font-size: 0.9rem;
  span {
    color: var(--soft);
  }
`;

interface KeyChooserProps {
  /** Plain text of the progression's key. */
  readonly value: string;
  readonly empty: boolean;
  readonly onWanted: (key: string) => void;
}

/** The progression's key. Another key is only wanted at first: what is to happen to the chords is asked in the work. */
export const KeyChooser = memo(function KeyChooser({ value, empty, onWanted }: KeyChooserProps) {
  const school = useStore((state) => state.workbook.school);
  const reread = useStore((state) => state.reread);
  return (
    <KeyPicker label="Change key" value={value} onChoose={(key) => (empty ? reread(key) : onWanted(key))}>
      {keyName(parseKey(value), school)}
    </KeyPicker>
  );
});

interface KeyChangeProps {
  readonly progression: Progression;
  readonly wanted: string | null;
  readonly onDone: () => void;
}

/** Asks which of two things is meant by a new key: the same chords read anew, or the same numerals moved. */
export function KeyChange({ progression, wanted, onDone }: KeyChangeProps) {
  const school = useStore((state) => state.workbook.school);
  const { reread, transpose } = useStore.getState();
  const [problem, setProblem] = useState<string | null>(null);
  if (wanted === null || wanted === progression.key) return problem ? <Problem>{problem}</Problem> : null;
  const name = keyName(parseKey(wanted), school);
  const act = (change: () => { message: string } | null | void) => {
    const error = change();
    setProblem(error ? error.message : null);
    onDone();
  };
  return (
    <Choice role="group" aria-label={`To ${name}`}>
      <span>
        From {keyName(parseKey(progression.key), school)} to {name}:
      </span>
      <Button autoFocus onPress={() => act(() => reread(wanted))}>
        Re-read: same chords, new numerals
      </Button>
      <Button onPress={() => act(() => transpose(wanted))}>Transpose: same numerals, new chords</Button>
      <Button onPress={() => act(() => undefined)}>Keep the key</Button>
    </Choice>
  );
}

const MOVE_NAMES: Record<string, string> = {
  'up-half-step': 'Up a half step',
  'down-half-step': 'Down a half step',
  'up-step': 'Up a step',
  'down-step': 'Down a step',
  'up-minor-third': 'Up a minor third',
  'down-minor-third': 'Down a minor third',
  'for-Bb': 'For B♭ instruments',
  'for-Eb': 'For E♭ instruments',
  'for-F': 'For F instruments',
};

/** Moves the whole line, chords and signature, by a step or for an instrument. */
export const MoveMenu = memo(function MoveMenu({ value }: { value: string }) {
  const transpose = useStore((state) => state.transpose);
  const [problem, setProblem] = useState<string | null>(null);
  const move = (id: string) =>
    setProblem(
      transpose(
        printKey(
          keyAfter(
            parseKey(value),
            MOVES.find((one) => one.id === id)!,
          ),
        ),
      )?.message ?? null,
    );
  const entries = MOVES.map(({ id }) => ({ id, name: MOVE_NAMES[id]!, parted: id === 'for-Bb' }));
  return (
    <>
      <Drop
        label="Move the line"
        opens="menu"
        drop={(dropped) => <MenuPopover {...dropped} label="Move the line" entries={entries} onAction={move} />}
      >
        Move
      </Drop>
      {problem && <Problem>{problem}</Problem>}
    </>
  );
});
