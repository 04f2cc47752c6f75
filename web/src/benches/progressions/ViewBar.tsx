import { Checkbox } from '../../design/fields/Checkbox';
import { METRES, PATTERNS, type Pattern } from '@diatonix/core';
import { memo, type ReactNode } from 'react';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { SubBar } from '../../design/SubBar';
import { PROGRESSIONS_DESK } from './desk';
import { orderedRows } from './rows';
import { arrange } from './state';
import type { Progression, ProgressionView } from '../../documents/kinds/progression/type';
import { part } from '../../design/part';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));
const RowsTable = part(() => import('../../design/RowsTable').then((module) => module.default));
const RulesTable = part(() => import('./RulesTable').then((module) => module.default));

const PATTERN_NAMES: Record<Pattern, string> = {
  block: 'Block',
  broken: 'Broken, up and back',
  'bass-first': 'Bass, then chord',
  'low-high': 'Low, high, middle, high',
};

/** What opens under the line. */
export type Under = 'harmonise' | 'melody';

const UNDER: readonly { readonly id: Under; readonly name: string }[] = [
  { id: 'melody', name: 'A melody over these chords' },
  { id: 'harmonise', name: 'Harmonise a melody or a bass' },
];

interface ViewBarProps extends Pick<
  Progression,
  'view' | 'metre' | 'pattern' | 'modulate' | 'hidden' | 'blank' | 'order' | 'weights'
> {
  readonly onNext: () => void;
  readonly under: Under | null;
  readonly onUnder: (under: Under | null) => void;
  readonly workBack: ReactNode;
}

/**
 * How the line is set and read: keyboard or four parts, its metre, in one key or with changes found, which
 * rows are shown or blank.
 */
export const ViewBar = memo(function ViewBar(props: ViewBarProps) {
  const { view, metre, pattern, modulate, hidden, blank, order, weights, onNext, under, onUnder, workBack } =
    props;
  const toggled = (list: readonly string[], id: string, on: boolean) =>
    on ? [...list, id] : list.filter((other) => other !== id);
  const moveRow = (id: string, by: 1 | -1) => {
    const ids = orderedRows(order).map((row) => row.id);
    const at = ids.indexOf(id);
    const next = [...ids];
    [next[at], next[at + by]] = [next[at + by]!, next[at]!];
    arrange({ order: next });
  };
  const oneLine = PROGRESSIONS_DESK.use((desk) => desk.oneLine);
  return (
    <SubBar>
      <ToggleRow
        aria-label="Setting"
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[view]}
        onSelectionChange={([next]) => arrange({ view: next as ProgressionView })}
      >
        <Toggle id="keyboard">Keyboard</Toggle>
        <Toggle id="four-part">Four parts</Toggle>
      </ToggleRow>
      <span className="settings">
        {view === 'four-part' ? (
          <>
            <Button onPress={onNext}>Next best</Button>
            <Drop
              label="Rules of writing"
              opens="dialog"
              drop={(dropped) => (
                <RulesTable {...dropped} weights={weights} onChange={(next) => arrange({ weights: next })} />
              )}
            >
              Writing rules
            </Drop>
          </>
        ) : (
          <Drop
            label={`Pattern: ${PATTERN_NAMES[pattern]}`}
            opens="menu"
            drop={(dropped) => (
              <MenuPopover
                {...dropped}
                label="Pattern"
                chosen={pattern}
                entries={PATTERNS.map((id) => ({ id, name: PATTERN_NAMES[id] }))}
                onAction={(id) => arrange({ pattern: id as Pattern })}
              />
            )}
          >
            {PATTERN_NAMES[pattern].split(',')[0]}
          </Drop>
        )}
        <Drop
          label={`Metre: ${metre}`}
          opens="menu"
          drop={(dropped) => (
            <MenuPopover
              {...dropped}
              label="Metre"
              chosen={metre}
              entries={METRES.map((id) => ({ id, name: id }))}
              onAction={(id) => arrange({ metre: id })}
            />
          )}
        >
          {metre}
        </Drop>
        <Toggle isSelected={modulate} onChange={(next) => arrange({ modulate: next })}>
          Find keys
        </Toggle>
        <Drop
          label="Melody"
          opens="menu"
          drop={(dropped) => (
            <MenuPopover
              {...dropped}
              label="Melody"
              entries={UNDER.map(({ id, name }) => ({ id, name: under === id ? `Close: ${name}` : name }))}
              onAction={(id) => onUnder(id === under ? null : (id as Under))}
            />
          )}
        >
          Melody
        </Drop>
        {workBack}
        <Drop
          label="Rows"
          opens="dialog"
          drop={(dropped) => (
            <RowsTable
              {...dropped}
              label="Row"
              heads={['Shown', 'Blank']}
              rows={orderedRows(order).map(({ id, label }) => ({
                id,
                name: label,
                boxes: [!hidden.includes(id), blank.includes(id)],
              }))}
              onChange={(row, box, ticked) =>
                arrange(
                  box === 0
                    ? { hidden: toggled(hidden, row, !ticked) }
                    : { blank: toggled(blank, row, ticked) },
                )
              }
              onMove={moveRow}
            >
              <Checkbox isSelected={oneLine} onChange={(on) => PROGRESSIONS_DESK.set({ oneLine: on })}>
                Keep a long line in one
              </Checkbox>
            </RowsTable>
          )}
        >
          Rows
        </Drop>
      </span>
    </SubBar>
  );
});
