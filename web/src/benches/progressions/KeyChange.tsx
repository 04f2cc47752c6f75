import {
  fittingKey,
  isRestColumn,
  moveBetween,
  moveBy,
  MOVES,
  parseKey,
  printKey,
  type Chord,
  type Key,
  type KeyMove,
  vocabulary,
  type LabelStyle,
} from '@diatonix/core';
import { memo, useDeferredValue, useMemo, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import { Problem } from '../../design/Problem';
import type { ShownColumn } from './derive';
import { reread, transposeLine } from './state';
import { useSchool } from '../../documents/store/use';
import type { Progression } from '../../documents/kinds/progression/type';
import { part } from '../../design/part';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

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

/**
 * The progression's key. Another key is only wanted at first: what is to happen to the chords is asked in the
 * work.
 */
export const KeyChooser = memo(function KeyChooser({ value, empty, onWanted }: KeyChooserProps) {
  const school = useSchool();
  return (
    <KeyPicker label="Change key" value={value} onChoose={(key) => (empty ? reread(key) : onWanted(key))}>
      {keyName(parseKey(value), school)}
    </KeyPicker>
  );
});

interface KeyChangeProps {
  readonly progression: Progression;
  readonly derived: readonly ShownColumn[];
  readonly wanted: string | null;
  readonly onWanted: (key: string | null) => void;
}

/**
 * Asks which of two things is meant by a new key: the same chords read anew, or the same numerals moved. Where
 * the chords plainly lie in another key, that one is offered.
 */
export function KeyChange({ progression, derived, wanted, onWanted }: KeyChangeProps) {
  const school = useSchool();
  const [problem, setProblem] = useState<string | null>(null);
  const [declined, setDeclined] = useState<string | null>(null);
  // The line comes first; the offer may follow.
  const fits = useFittingKey(useDeferredValue(derived), progression.key);
  if (wanted === null || wanted === progression.key) {
    if (problem) return <Problem>{problem}</Problem>;
    const offer = fits === null ? null : `${progression.key} ${fits}`;
    if (fits === null || offer === declined) return null;
    const name = keyName(parseKey(fits), school);
    return (
      <Choice role="group" aria-label={`The chords fit ${name}`}>
        <span role="status">These chords all lie in {name}.</span>
        <Button onPress={() => reread(fits)}>Re-read in {name}</Button>
        <Button onPress={() => setDeclined(offer)}>Keep the key</Button>
      </Choice>
    );
  }
  const name = keyName(parseKey(wanted), school);
  const act = (change: () => { message: string } | null | void) => {
    const error = change();
    setProblem(error ? error.message : null);
    onWanted(null);
  };
  const leave = (event: KeyboardEvent) => event.key === 'Escape' && onWanted(null);
  return (
    <Choice role="group" aria-label={`To ${name}`} onKeyDown={leave}>
      <span>
        From {keyName(parseKey(progression.key), school)} to {name}:
      </span>
      <Button autoFocus onPress={() => act(() => reread(wanted))}>
        Re-read: same chords, new numerals
      </Button>
      <Button
        onPress={() => act(() => transposeLine(moveBetween(parseKey(progression.key), parseKey(wanted))))}
      >
        Transpose: same numerals, new chords
      </Button>
      <Button onPress={() => act(() => undefined)}>Keep the key</Button>
    </Choice>
  );
}

/** The key that the chords are plainly in, when it is another and no keys are sought or set within the line. */
function useFittingKey(derived: readonly ShownColumn[], key: string): string | null {
  return useMemo(() => {
    const chords: Chord[] = [];
    for (const { column, labelled, line } of derived) {
      if (isRestColumn(column)) continue;
      if (!labelled.ok || !line || printKey(line.key) !== key) return null;
      chords.push(labelled.labels.chord);
    }
    const found = fittingKey(chords, parseKey(key));
    return found && printKey(found);
  }, [derived, key]);
}

const MOVE_NAMES: Record<string, string> = {
  'for-Bb': 'For B♭ instruments',
  'for-Eb': 'For E♭ instruments',
  'for-F': 'For F instruments',
};

interface MoveMenuProps {
  /** The first and last of the selected columns, where several are. */
  readonly from: number;
  readonly to: number;
  /** The key at the first of them. */
  readonly area: Key;
}

/** `up-minor-third` is said as up a minor third, steps in the words of the school. */
function moveName(id: string, school: LabelStyle): string {
  const [way, ...by] = id.split('-');
  const { halfStep, wholeStep } = vocabulary(school);
  const said: Record<string, string> = { 'half-step': halfStep, step: wholeStep };
  const name = said[by.join('-')] ?? by.join(' ');
  return MOVE_NAMES[id] ?? `${way === 'up' ? 'Up' : 'Down'} a ${name}`;
}

/**
 * Moves the whole line or the selected columns, chords and key, by a step, for an instrument, or to a key.
 */
export const MoveMenu = memo(function MoveMenu({ from, to, area }: MoveMenuProps) {
  const school = useSchool();
  const [problem, setProblem] = useState<string | null>(null);
  const several = to > from;
  const act = (how: KeyMove) => setProblem(transposeLine(how, several ? [from, to] : null)?.message ?? null);
  const move = (id: string) => act(moveBy(MOVES.find((one) => one.id === id)!));
  const entries = MOVES.map(({ id }) => ({
    id,
    name: moveName(id, school),
    parted: id === 'down-half-step' || id === 'for-Bb',
  }));
  const label = several ? 'Move the selection' : 'Move the line';
  return (
    <>
      <Drop
        label={label}
        opens="menu"
        drop={(dropped) => <MenuPopover {...dropped} label={label} entries={entries} onAction={move} />}
      >
        {several ? 'Move these' : 'Move'}
      </Drop>
      {several && (
        <KeyPicker
          label="Move the selection to"
          value={printKey(area)}
          onChoose={(key) => act(moveBetween(area, parseKey(key)))}
        >
          {keyName(area, school)}
        </KeyPicker>
      )}
      {problem && <Problem>{problem}</Problem>}
    </>
  );
});
